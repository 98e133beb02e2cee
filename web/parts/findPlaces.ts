import { api, unwrap } from '../api/client'
import type { Found } from './Finder'

/** Places of the gazetteer for a Finder. */
export async function findPlaces(tree: string, q: string): Promise<Found[]> {
  const found = await unwrap(
    api.GET('/api/trees/{tree}/places', { params: { path: { tree }, query: { q } } }),
  )
  return found.rows.slice(0, 8).map((row) => ({
    id: row.id,
    line: row.name,
    more: [row.kind, row.inside && `in ${row.inside}`].filter(Boolean).join(' '),
  }))
}
