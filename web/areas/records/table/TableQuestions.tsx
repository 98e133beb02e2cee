import type { Cell } from './roll'

/** Lines below that say "do" of a value which was changed. */
export type Dittos = { lines: number[]; cell: Cell; value: string }

type Props = {
  isStale: boolean
  onTakeStale: () => void
  onDropStale: () => void
  dittos: Dittos | null
  onTakeDittos: (dittos: Dittos) => void
  onLeaveDittos: () => void
}

/** What the reading table asks before it goes on: never answered by itself, never in the way. */
export function TableQuestions({
  isStale,
  onTakeStale,
  onDropStale,
  dittos,
  onTakeDittos,
  onLeaveDittos,
}: Props) {
  return (
    <>
      {isStale && (
        <p role="alert" className="flex gap-4 bg-wash px-4 py-1 text-[14px]">
          You had typed something here before the record changed.
          <button type="button" className="act" onClick={onTakeStale}>
            Use it
          </button>
          <button type="button" className="act" onClick={onDropStale}>
            Discard it
          </button>
        </p>
      )}
      {dittos && (
        <p role="alert" className="flex gap-4 bg-wash px-4 py-1 text-[14px]">
          {dittos.lines.length === 1 ? 'The line below says' : `${dittos.lines.length} lines below say`} ditto
          of this.
          <button type="button" className="act" onClick={() => onTakeDittos(dittos)}>
            Use “{dittos.value}” there too
          </button>
          <button type="button" className="act" onClick={onLeaveDittos}>
            Leave them as they are
          </button>
        </p>
      )}
    </>
  )
}
