import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTreeId } from '../../../api/useTree'
import { TableOfRecord } from './TableOfRecord'
import { queries } from '../../../api/queries'

/** The reading table: a page beside its roll, and what each line tells us. */
export default function ReadingTable() {
  const tree = useTreeId()
  const id = useParams().record ?? ''
  const { data, error } = useQuery(queries.record(tree, id))
  if (error) return <p className="p-6 text-madder">{error.message}</p>
  if (!data) return <p className="p-6 text-graphite">One moment…</p>
  return <TableOfRecord key={data.id} record={data} />
}
