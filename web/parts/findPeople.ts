import { api, told } from '../api/client'
import type { Found } from './Finder'

/** People of a tree for a Finder, as the jump field finds them. */
export async function findPeople(tree: string, q: string): Promise<Found[]> {
  const found = await told(api.GET('/api/trees/{tree}/jump', { params: { path: { tree }, query: { q } } }))
  return found.people.map((one) => ({
    id: one.id,
    line: one.name,
    more: `${one.born} no. ${one.number}`.trim(),
  }))
}
