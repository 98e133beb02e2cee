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
    const frame = event.currentTarget.parentElement?.getBoundingClientRect()
    if (frame) to(isUpright ? event.clientX - frame.left : event.clientY - frame.top)
  }
  const pressed = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -STEP, ArrowUp: -STEP, ArrowRight: STEP, ArrowDown: STEP }[event.key]
    if (by === undefined) return
    event.preventDefault()
    to(size + by)
  }
  return (
    <div
      role="separator"
      tabIndex={0}
      aria-label="Between picture and roll"
      aria-orientation={isUpright ? 'vertical' : 'horizontal'}
      aria-valuenow={size}
      aria-valuemin={LEAST}
      aria-valuemax={MOST}
      className={`touch-none bg-rule/50 hover:bg-tide/40 max-lg:hidden ${isUpright ? 'cursor-col-resize' : 'cursor-row-resize'}`}
      onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
      onPointerMove={moved}
      onPointerUp={(event) => event.currentTarget.releasePointerCapture(event.pointerId)}
      onKeyDown={pressed}
    />
  )
}
