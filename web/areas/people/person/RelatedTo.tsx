import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { useTreeId, useTreePath, type Person } from '../../../api/useTree'
import { useCommands } from '../../../keys/commandRegistry'
import { Finder } from '../../../parts/Finder'
import { TextsOf } from '../../../parts/TextsOf'
import { findPeople } from '../../../parts/findPeople'

/** What somebody is to anybody else: whom, is asked; the answer is words and a drawing. Beside it the ways up and down their line. */
export function RelatedTo({ person }: { person: Person }) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const [isAsking, setIsAsking] = useState(false)
  const report = path(`reports/person/${person.id}`)
  useCommands([
    { key: 'r', says: 'How related to somebody', run: () => setIsAsking(true) },
    { key: 't', says: 'Report on this person', run: () => navigate(report) },
  ])
  return (
    <section aria-label="Relationship">
      {isAsking ? (
        <Finder
          label="Related to whom"
          queryKey="people"
          find={(q) => findPeople(tree, q)}
          onChosen={(found) => void navigate(path(`drawings/${found.id},${person.id}?kind=path`))}
          onLeave={() => setIsAsking(false)}
        />
      ) : (
        <p className="flex flex-wrap gap-x-5">
          <button type="button" className="act" onClick={() => setIsAsking(true)}>
            How related to somebody <kbd>r</kbd>
          </button>
          <Link className="act" to={path(`people/up/${person.id}`)}>
            Line up <kbd>3</kbd>
          </Link>
          <Link className="act" to={path(`people/down/${person.id}`)}>
            Line down <kbd>4</kbd>
          </Link>
          <Link className="act" to={report}>
            Report <kbd>t</kbd>
          </Link>
          <TextsOf of={{ person: person.id }} begin="Write of them" />
        </p>
      )}
    </section>
  )
}
