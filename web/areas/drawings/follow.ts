import type { PointerEvent } from 'react'

/** Lets what was pressed follow the pointer until it is let go; then tells how far it came, in units of the drawing. */
export function follow(
  event: PointerEvent<SVGGElement>,
  unit: number,
  onDrop: (x: number, y: number) => void,
): void {
  const held = event.currentTarget
  const [fromX, fromY] = [event.clientX, event.clientY]
  const away = (at: globalThis.PointerEvent) =>
    [(at.clientX - fromX) * unit, (at.clientY - fromY) * unit] as const
  const moved = (at: globalThis.PointerEvent) =>
    held.setAttribute('transform', `translate(${away(at).join(' ')})`)
  const dropped = (at: globalThis.PointerEvent) => {
    window.removeEventListener('pointermove', moved)
    const [x, y] = away(at)
    held.removeAttribute('transform')
    // A hand that trembles moves nothing.
    if (Math.hypot(x, y) > 4 * unit) onDrop(Math.round(x), Math.round(y))
  }
  window.addEventListener('pointermove', moved)
  window.addEventListener('pointerup', dropped, { once: true })
}
