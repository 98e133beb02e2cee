import { useQuery } from '@tanstack/react-query'
import { api, unwrap } from '../../../api/client'
import { useTreeId } from '../../../api/useTree'
import { CitedFacts } from '../CitedFacts'

/** What the record supports already: of the line in hand, else all that was cited by hand. */
export function SupportedFacts({ record, line }: { record: string; line: string }) {
  const tree = useTreeId()
  const { data } = useQuery({
    queryKey: ['claims of', tree, record],
    queryFn: () =>
      unwrap(api.GET('/api/trees/{tree}/records/{record}/claims', { params: { path: { tree, record } } })),
  })
  const facts = (data?.facts ?? []).filter((fact) => fact.lineId === line || fact.lineId === '')
  if (facts.length === 0) return null
  return (
    <details className="mt-3 border-t border-rule pt-2" open={line === ''}>
      <summary className="heads cursor-pointer font-semibold">Supports already ({facts.length})</summary>
      <CitedFacts facts={facts} />
    </details>
  )
}
