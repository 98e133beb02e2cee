import type { KeyboardEvent, PointerEvent } from 'react'

type Props = { isUpright: boolean; size: number; onSize: (size: number) => void }

const LEAST = 120
const MOST = 900
const STEP = 20

/** Between picture and roll: dragged, or moved with the arrows; where it is left it stays. */
export function Divider({ isUpright, size, onSize }: Props) {
  const to = (next: number) => onSize(Math.round(Math.min(MOST, Math.max(LEAST, next))))
  const moved = (event: PointerEvent) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return
    const frame = event.currentTarget.parentElement?.parentElement?.getBoundingClientRect()
    if (frame) to(isUpright ? event.clientX - frame.left : event.clientY - frame.top)
  }
  const pressed = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -STEP, ArrowUp: -STEP, ArrowRight: STEP, ArrowDown: STEP }[event.key]
    if (by === undefined) return
    event.preventDefault()
    to(size + by)
  }
  const steps = isUpright
    ? ([
        ['←', 'Narrower picture', -4],
        ['→', 'Wider picture', 4],
      ] as const)
    : ([
        ['↑', 'Lower picture', -4],
        ['↓', 'Taller picture', 4],
      ] as const)
  return (
    <div className="relative max-lg:hidden">
      <div
        role="separator"
        tabIndex={0}
        aria-label="Between picture and roll"
        aria-orientation={isUpright ? 'vertical' : 'horizontal'}
        aria-valuenow={size}
        aria-valuemin={LEAST}
        aria-valuemax={MOST}
        className={`h-full w-full touch-none bg-rule/50 hover:bg-tide/40 ${isUpright ? 'cursor-col-resize' : 'cursor-row-resize'}`}
        onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
        onPointerMove={moved}
        onPointerUp={(event) => event.currentTarget.releasePointerCapture(event.pointerId)}
        onKeyDown={pressed}
      />
      <span
        className={`absolute z-[4] flex rounded-[3px] bg-raised text-[12px] shadow-sm
          ${isUpright ? 'bottom-2 left-1/2 -translate-x-1/2 flex-col' : 'top-1/2 left-3 -translate-y-1/2'}`}
      >
        {steps.map(([sign, says, by]) => (
          <button
            key={says}
            type="button"
            aria-label={says}
            className="size-[24px] text-tide hover:bg-wash"
            onClick={() => to(size + by * STEP)}
          >
            {sign}
          </button>
        ))}
      </span>
    </div>
  )
}
