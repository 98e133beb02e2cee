import { useQuery } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '../api/client'
import { queries } from '../api/queries'
import { useTreeId, useWrite } from '../api/useTree'

export type Numbering = Schemas['NumberingResource']

/** By what everybody is numbered for whoever reads, and how that is changed; an empty system is nothing. */
export function useNumbering() {
  const tree = useTreeId()
  const { data } = useQuery(queries.numbering(tree))
  const choose = useWrite((body: Schemas['NumberingInput']) =>
    unwrap(api.PUT('/api/trees/{tree}/numbering', { params: { path: { tree } }, body })),
  )
  return { numbering: data, choose }
}
