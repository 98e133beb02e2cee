import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { queries } from '../../../api/queries'
import { useTreeId, useTreePath, type Person } from '../../../api/useTree'
import { useCommands } from '../../../keys/commandRegistry'
import { Joins } from '../../../parts/Joins'
import { PickTwo } from '../../../parts/PickTwo'

/** Who may be the same person, who was joined to this one, and anybody to compare with. */
export function DoublesOfPerson({ person }: { person: Person }) {
  const tree = useTreeId()
  const path = useTreePath()
  const [picking, setPicking] = useState(false)
  const { data } = useQuery(queries.doublesOfPerson(tree, person.id))
  useCommands([{ key: 'b', says: 'Compare with somebody', run: () => setPicking(true) }])
  // A reader from whom the living are withheld is not told of doubles.
  if (!data) return null
  return (
    <section aria-label="Doubles">
      <h2 className="heads font-semibold">Doubles</h2>
      <ul>
        {data.pairs.map((pair) => {
          const other = pair.a.id === person.id ? pair.b : pair.a
          return (
            <li key={other.id}>
              <Link className="act" to={path(`doubles/${person.id}/${other.id}`)}>
                {other.name} {other.life}, no. {other.number}
              </Link>{' '}
              <span className="text-[14px] text-graphite">
                {pair.ruling === 'different'
                  ? `ruled to be somebody else: ${pair.reason}`
                  : `${pair.shown} likely the same`}
              </span>
            </li>
          )
        })}
      </ul>
      <Joins joins={data.joins} again="They are two people again." />
      {picking ? (
        <PickTwo
          first={{ id: person.id, line: `${person.name}, no. ${person.number}` }}
          onDone={() => setPicking(false)}
        />
      ) : (
        <button type="button" className="act" onClick={() => setPicking(true)}>
          Compare with somebody <kbd>b</kbd>
        </button>
      )}
    </section>
  )
}
