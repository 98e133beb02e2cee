import type { ReactNode } from 'react'
import { Link } from 'react-router'
import { useTree, useTreePath } from '../../api/useTree'

type Row = { id: string; title: string; more: string }

type Props = {
  label: string
  rows: readonly Row[] | undefined
  /** What stands there while there is none. */
  empty: string
  chosen: string
  /** Where one is read, and where one is changed or begun: "new" after it begins one. */
  read: string
  write: string
  change: ReactNode
  begin: ReactNode
}

/** Texts or books to choose one from, with the ways to change it and to begin another for whoever may write. */
export function SubjectList({ label, rows, empty, chosen, read, write, change, begin }: Props) {
  const path = useTreePath()
  const { data: about } = useTree()
  return (
    <div>
      {rows?.length === 0 && <p className="text-graphite">{empty}</p>}
      <ul aria-label={label}>
        {rows?.map(({ id, title, more }) => (
          <li key={id}>
            <Link
              to={path(`${read}/${id}`)}
              aria-current={id === chosen ? 'page' : undefined}
              className={`block py-[4px] pl-2 font-serif text-[16px] ${id === chosen ? 'bg-wash font-semibold' : 'hover:text-tide'}`}
            >
              {title} <span className="font-sans text-[13px] text-graphite">{more}</span>
            </Link>
          </li>
        ))}
      </ul>
      {about?.role !== 'reader' && (
        <p className="flex flex-wrap gap-x-4">
          {chosen !== '' && (
            <Link className="act" to={path(`${write}/${chosen}`)}>
              {change}
            </Link>
          )}
          <Link className="act" to={path(`${write}/new`)}>
            {begin}
          </Link>
        </p>
      )}
    </div>
  )
}
