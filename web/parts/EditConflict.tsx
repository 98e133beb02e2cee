import type { Refused } from '../api/client'

type Side = { field: string; yours: string; theirs: string }

/** What somebody else saved first, beside what is about to be kept; nothing where nobody did. */
export function EditConflict({ problem }: { problem: Refused | null }) {
  if (problem?.status !== 409) return null
  const sides = (problem.details.sides ?? []) as Side[]
  return (
    <div role="alert" className="text-[14px]">
      <p className="text-madder">{problem.message}</p>
      {sides.length > 0 && (
        <table className="mt-1 w-full">
          <thead>
            <tr className="heads text-left">
              <th className="font-normal">
                <span className="sr-only">Field</span>
              </th>
              <th className="font-semibold">You typed</th>
              <th className="font-semibold">It is now</th>
            </tr>
          </thead>
          <tbody>
            {sides.map((side) => (
              <tr key={side.field} className="border-t border-rule align-top">
                <th className="pr-3 text-left font-normal text-graphite">{side.field}</th>
                <td className="pr-3">{side.yours || '(nothing)'}</td>
                <td>{side.theirs || '(nothing)'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {sides.length === 0 && <p>What you typed is what it is now.</p>}
    </div>
  )
}
