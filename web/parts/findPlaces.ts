import { api, told } from '../api/client'
import type { Found } from './Finder'

/** Places of the gazetteer for a Finder. */
export async function findPlaces(tree: string, q: string): Promise<Found[]> {
  const found = await told(api.GET('/api/trees/{tree}/places', { params: { path: { tree }, query: { q } } }))
  return found.rows.slice(0, 8).map((one) => ({
    id: one.id,
    line: one.name,
    more: [one.kind, one.inside && `in ${one.inside}`].filter(Boolean).join(' '),
  }))
}
