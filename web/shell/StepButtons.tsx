import type { useSteps } from './useSteps'

/** *Undo* with what it would undo, and *Redo* as long as there is something to redo. */
export function StepButtons({ undo, redo, next }: ReturnType<typeof useSteps>) {
  if (next.undo === '' && next.redo === '') return null
  return (
    <span className="flex min-w-0 items-baseline gap-3 text-[13px]">
      {next.undo !== '' && (
        <button
          type="button"
          className="act min-w-0 max-w-[230px] truncate"
          title={`Undo: ${next.undo}`}
          onClick={() => undo()}
        >
          Undo: {next.undo}
        </button>
      )}
      {next.redo !== '' && (
        <button
          type="button"
          className="act shrink-0"
          title={`Redo: ${next.redo}`}
          aria-label={`Redo: ${next.redo}`}
          onClick={() => redo()}
        >
          Redo
        </button>
      )}
    </span>
  )
}
