import type { ReactNode } from 'react'

type Props = { label: string; says: string; onClear: () => void; nearest: ReactNode[] }

/** Says that a filter finds nothing, shows all again, and offers what comes nearest, an entry of the list each. */
export function NothingFound({ label, says, onClear, nearest }: Props) {
  return (
    <section aria-label={label} className="max-w-[640px] py-4">
      <p className="font-serif text-[18px]">
        {says}{' '}
        <button type="button" className="act font-sans text-[15px]" onClick={onClear}>
          Clear the filters
        </button>
      </p>
      {nearest.length > 0 && (
        <>
          <h2 className="heads mt-3 font-semibold">The nearest</h2>
          <ul>{nearest}</ul>
        </>
      )}
    </section>
  )
}
