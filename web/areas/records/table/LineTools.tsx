import type { LedgerHandle } from './Ledger'

type Props = { at: number; count: number; ledger: LedgerHandle | null }

/** What can be done with the line in hand as a line of the roll: one more below it, its place, its end. */
export function LineTools({ at, count, ledger }: Props) {
  const tool = (says: string, keys: string, run: () => void, disabled = false) => (
    <button type="button" className="act" title={keys} disabled={disabled} onClick={run}>
      {says}
    </button>
  )
  return (
    <p role="group" aria-label="The line" className="flex flex-wrap gap-x-4 gap-y-1 text-[13px]">
      {tool('Add a line below', 'Ctrl+Enter', () => ledger?.insert(at + 1))}
      {tool('Move up', 'Alt+↑', () => ledger?.move(at, -1), at === 0)}
      {tool('Move down', 'Alt+↓', () => ledger?.move(at, 1), at === count - 1)}
      {tool('Delete the line', 'Delete', () => ledger?.remove(at))}
    </p>
  )
}
