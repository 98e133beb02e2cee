import type { Schemas } from '../api/client'

/** What a file said that has no field here: in words, and on demand the lines themselves. */
export function UnmappedLines({ kept }: { kept: Schemas['KeptLinesResource'][] }) {
  if (kept.length === 0) return null
  return (
    <section aria-label="Also in the file">
      <h3 className="heads font-semibold">Also in the file ({kept.length})</h3>
      <ul className="mt-1 space-y-1 text-[14px]">
        {kept.map((one, index) => (
          <li key={index} className="break-words">
            {one.words}
          </li>
        ))}
      </ul>
      {kept.some((one) => one.lines !== '') && (
        <details>
          <summary className="cursor-pointer text-[13px] text-graphite">as its lines stand there</summary>
          <pre className="mt-1 overflow-x-auto text-[12px] text-graphite">
            {kept.map((one) => one.lines).join('')}
          </pre>
        </details>
      )}
    </section>
  )
}
