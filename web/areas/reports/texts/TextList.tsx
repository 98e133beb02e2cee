import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../../../api/queries'
import { useTree, useTreeId, useTreePath } from '../../../api/useTree'
import { count } from '../../../parts/count'

/** The texts of a tree, and the beginning of a new one. */
export function TextList({ chosen }: { chosen: string }) {
  const tree = useTreeId()
  const path = useTreePath()
  const { data: about } = useTree()
  const { data } = useQuery(queries.texts(tree, {}))
  return (
    <div>
      {data?.texts.length === 0 && <p className="text-graphite">Nobody has written one yet.</p>}
      <ul aria-label="Texts">
        {data?.texts.map((text) => (
          <li key={text.id}>
            <Link
              to={path(`reports/text/${text.id}`)}
              aria-current={text.id === chosen ? 'page' : undefined}
              className={`block py-[4px] font-serif text-[16px] ${text.id === chosen ? 'bg-wash font-semibold' : 'hover:text-tide'}`}
            >
              {text.title}{' '}
              <span className="font-sans text-[13px] text-graphite">
                {text.about === text.title ? '' : text.about} {count(text.words, 'word')}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {about?.role !== 'reader' && (
        <p className="flex flex-wrap gap-x-4">
          {chosen !== '' && (
            <Link className="act" to={path(`reports/texts/${chosen}`)}>
              Write on it
            </Link>
          )}
          <Link className="act" to={path('reports/texts/new')}>
            Write a new one
          </Link>
        </p>
      )}
    </div>
  )
}
