import { api, unwrap } from '../api/client'
import type { Found } from './Finder'

/** People of a tree for a Finder, as the jump field finds them. */
export async function findPeople(tree: string, q: string): Promise<Found[]> {
  const found = await unwrap(api.GET('/api/trees/{tree}/jump', { params: { path: { tree }, query: { q } } }))
  return found.people.map((person) => ({
    id: person.id,
    line: person.name,
    more: `${person.born} no. ${person.number}`.trim(),
  }))
}
