import { useQuery } from '@tanstack/react-query'
import { useTreeId } from '../../../api/useTree'
import { CitedFacts } from '../CitedFacts'
import { queries } from '../../../api/queries'

/** What the record supports already: of the line in hand, else all that was cited by hand. */
export function SupportedFacts({ record, line }: { record: string; line: string }) {
  const tree = useTreeId()
  const { data } = useQuery(queries.claimsOfRecord(tree, record))
  const facts = (data?.facts ?? []).filter((fact) => fact.lineId === line || fact.lineId === '')
  if (facts.length === 0) return null
  return (
    <details className="mt-3 border-t border-rule pt-2" open={line === ''}>
      <summary className="heads cursor-pointer font-semibold">Supports already ({facts.length})</summary>
      <CitedFacts facts={facts} />
    </details>
  )
}
