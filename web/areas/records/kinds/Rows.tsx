import type { ReactNode } from 'react'

type Row = Record<string, unknown>

type Props<T extends Row> = {
  label: string
  heads: string[]
  rows: T[]
  cells: (row: T, set: (said: Partial<T>) => void) => ReactNode[]
  empty: () => T
  onRows: ((rows: T[]) => void) | null
}

/** Rows of a kind, its fields or columns: read, or where it is one's own, written in place, moved and taken out. */
export function Rows<T extends Row>({ label, heads, rows, cells, empty, onRows }: Props<T>) {
  const set = (at: number) => (said: Partial<T>) =>
    onRows?.(rows.map((row, index) => (index === at ? { ...row, ...said } : row)))
  const move = (at: number, by: number) => {
    const next = [...rows]
    const [row] = next.splice(at, 1)
    if (row) next.splice(Math.max(0, at + by), 0, row)
    onRows?.(next)
  }
  return (
    <table className="w-full text-[14px]" aria-label={label}>
      <thead>
        <tr className="heads text-left">
          {heads.map((head) => (
            <th key={head} className="border-b border-graphite py-1 pr-3 font-normal">
              {head}
            </th>
          ))}
          {onRows && (
            <th className="border-b border-graphite">
              <span className="sr-only">Order</span>
            </th>
          )}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, at) => (
          <tr key={at} className="border-b border-rule align-baseline">
            {cells(row, set(at)).map((cell, index) => (
              <td key={index} className="py-[3px] pr-3">
                {cell}
              </td>
            ))}
            {onRows && (
              <td className="whitespace-nowrap text-right text-[13px]">
                <button type="button" className="act" disabled={at === 0} onClick={() => move(at, -1)}>
                  up
                </button>{' '}
                <button
                  type="button"
                  className="act"
                  onClick={() => onRows(rows.filter((_, index) => index !== at))}
                >
                  Remove
                </button>
              </td>
            )}
          </tr>
        ))}
      </tbody>
      {onRows && (
        <tfoot>
          <tr>
            <td colSpan={heads.length + 1} className="pt-1">
              <button type="button" className="act text-[13px]" onClick={() => onRows([...rows, empty()])}>
                One more
              </button>
            </td>
          </tr>
        </tfoot>
      )}
    </table>
  )
}

export function Word(props: {
  label: string
  value: string
  wide?: string
  onValue: ((value: string) => void) | null
}) {
  const { label, value, wide = '10em', onValue } = props
  if (!onValue) return <span>{value}</span>
  return (
    <input
      className="gap"
      style={{ width: wide, maxWidth: '100%' }}
      aria-label={label}
      value={value}
      onChange={(event) => onValue(event.target.value)}
    />
  )
}

export function Choice(props: {
  label: string
  value: string
  from: string[] | Record<string, string>
  onValue: ((value: string) => void) | null
}) {
  const { label, value, from, onValue } = props
  const words = Array.isArray(from) ? Object.fromEntries(from.map((one) => [one, one])) : from
  if (!onValue) return <span>{words[value] ?? value}</span>
  return (
    <select
      className="gap"
      aria-label={label}
      value={value}
      onChange={(event) => onValue(event.target.value)}
    >
      {Object.entries(words).map(([code, word]) => (
        <option key={code} value={code}>
          {word}
        </option>
      ))}
    </select>
  )
}
