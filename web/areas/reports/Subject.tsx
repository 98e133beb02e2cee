import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { useQuery } from '@tanstack/react-query'
import { queries } from '../../api/queries'
import { useTreeId, useTreePath } from '../../api/useTree'
import { Finder } from '../../parts/Finder'
import { findPeople } from '../../parts/findPeople'
import { PersonLink } from '../../parts/PersonLink'
import { BookList } from './books/BookList'
import { Couples } from './Couples'
import type { Kind } from './KindNav'
import { WHOLE } from './subjects'
import { TextList } from './texts/TextList'

/** What a report is about, and where it is chosen or changed. */
export function Subject({ kind, subject }: { kind: Kind; subject: string }) {
  const path = useTreePath()
  if (kind.subject === 'couple') return <Couples kind={kind.code} chosen={subject} />
  if (kind.subject === 'text') return <TextList chosen={subject} />
  if (kind.subject === 'book') return <BookList chosen={subject} />
  if (kind.subject === 'record')
    return (
      <p>
        Open the record from{' '}
        <Link className="act" to={path('records')}>
          its source
        </Link>
        , then choose <em>Print</em>.
      </p>
    )
  if (kind.subject === 'question')
    return (
      <p>
        Open a{' '}
        <Link className="act" to={path('questions')}>
          question
        </Link>{' '}
        that is decided, then choose <em>Report</em>.
      </p>
    )
  return <People kind={kind} subject={subject} />
}

/** Whom it is about: one person; of a line both of a couple as well; of a tree some people instead of all. */
function People({ kind, subject }: { kind: Kind; subject: string }) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const ids = subject === '' || subject === WHOLE ? [] : subject.split(',')
  const [isChoosing, setIsChoosing] = useState(false)
  const go = (next: string[]) =>
    void navigate(
      path(
        `reports/${kind.code}${next.length === 0 ? (kind.subject === 'tree' ? `/${WHOLE}` : '') : `/${next.join(',')}`}`,
      ),
    )
  const most = kind.subject === 'person' ? 1 : kind.subject === 'line' ? 2 : 12
  const isOpen = isChoosing || (ids.length === 0 && kind.subject !== 'tree')
  return (
    <div>
      <ul aria-label="About">
        {ids.length === 0 && kind.subject === 'tree' && <li>the whole tree</li>}
        {ids.map((id) => (
          <li key={id}>
            <Named id={id} />{' '}
            {(ids.length > 1 || kind.subject === 'tree') && (
              <button
                type="button"
                className="act text-[13px]"
                onClick={() => go(ids.filter((one) => one !== id))}
              >
                Remove
              </button>
            )}
          </li>
        ))}
      </ul>
      {isOpen ? (
        <Finder
          label={ids.length === 0 || kind.subject === 'person' ? 'Who it is about' : 'And who else'}
          queryKey="reported"
          autoFocus={isChoosing}
          find={(q) => findPeople(tree, q)}
          onChosen={(found) => {
            setIsChoosing(false)
            go(most === 1 ? [found.id] : [...ids.filter((id) => id !== found.id), found.id].slice(-most))
          }}
          onLeave={() => setIsChoosing(false)}
        />
      ) : (
        <button type="button" className="act" onClick={() => setIsChoosing(true)}>
          {kind.subject === 'person'
            ? 'Somebody else'
            : kind.subject === 'tree'
              ? 'Only some people'
              : ids.length < 2
                ? 'With a partner'
                : 'Somebody else'}
        </button>
      )}
    </div>
  )
}

function Named({ id }: { id: string }) {
  const tree = useTreeId()
  const { data: card } = useQuery(queries.card(tree, id))
  return (
    <PersonLink id={id}>
      <span className="font-serif text-[17px]">{card?.name ?? '…'}</span>
    </PersonLink>
  )
}
