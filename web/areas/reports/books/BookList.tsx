import { useQuery } from '@tanstack/react-query'
import { queries } from '../../../api/queries'
import { useTreeId } from '../../../api/useTree'
import { count } from '../../../parts/count'
import { SubjectList } from '../SubjectList'

/** The books of a tree, and the beginning of a new one. */
export function BookList({ chosen }: { chosen: string }) {
  const { data } = useQuery(queries.books(useTreeId()))
  return (
    <SubjectList
      label="Books"
      rows={data?.books.map(({ id, title, chapters }) => ({
        id,
        title,
        more: count(chapters.length, 'chapter'),
      }))}
      empty="No book is put together yet."
      chosen={chosen}
      read="reports/book"
      write="reports/books"
      change="Change it"
      begin="Put together a new one"
    />
  )
}
