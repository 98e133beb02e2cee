import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../../../api/queries'
import { useTree, useTreeId, useTreePath } from '../../../api/useTree'
import { count } from '../../../parts/count'

/** The books of a tree, and the beginning of a new one. */
export function BookList({ chosen }: { chosen: string }) {
  const tree = useTreeId()
  const path = useTreePath()
  const { data: about } = useTree()
  const { data } = useQuery(queries.books(tree))
  return (
    <div>
      {data?.books.length === 0 && <p className="text-graphite">No book is put together yet.</p>}
      <ul aria-label="Books">
        {data?.books.map((book) => (
          <li key={book.id}>
            <Link
              to={path(`reports/book/${book.id}`)}
              aria-current={book.id === chosen ? 'page' : undefined}
              className={`block py-[4px] font-serif text-[16px] ${book.id === chosen ? 'bg-wash font-semibold' : 'hover:text-tide'}`}
            >
              {book.title}{' '}
              <span className="font-sans text-[13px] text-graphite">
                {count(book.chapters.length, 'chapter')}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {about?.role !== 'reader' && (
        <p className="flex flex-wrap gap-x-4">
          {chosen !== '' && (
            <Link className="act" to={path(`reports/books/${chosen}`)}>
              Change it
            </Link>
          )}
          <Link className="act" to={path('reports/books/new')}>
            Put together a new one
          </Link>
        </p>
      )}
    </div>
  )
}
