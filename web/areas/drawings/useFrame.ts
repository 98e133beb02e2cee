import { useRef, type PointerEvent, type RefObject } from 'react'

/** A frame smaller than this is a click with Shift held. */
const LEAST = 20

type Show = (left: number, top: number, right: number, bottom: number) => void

/** Shift and drag frame what is to be seen: the rectangle that shows the frame, and what begins it. */
export function useFrame(paper: RefObject<SVGGElement | null>, show: Show) {
  const frame = useRef<SVGRectElement>(null)
  const begin = (event: PointerEvent<SVGSVGElement>) => {
    const matrix = paper.current?.getScreenCTM()
    if (!event.shiftKey || !matrix) return
    const on = (at: { clientX: number; clientY: number }) =>
      new DOMPoint(at.clientX, at.clientY).matrixTransform(matrix.inverse())
    const from = on(event)
    const to = (at: globalThis.PointerEvent) => {
      const end = on(at)
      return {
        left: Math.min(from.x, end.x),
        top: Math.min(from.y, end.y),
        right: Math.max(from.x, end.x),
        bottom: Math.max(from.y, end.y),
      }
    }
    const follow = (at: globalThis.PointerEvent) => {
      const { left, top, right, bottom } = to(at)
      const place = { x: left, y: top, width: right - left, height: bottom - top }
      for (const [name, value] of Object.entries(place)) frame.current?.setAttribute(name, String(value))
    }
    const drop = (at: globalThis.PointerEvent) => {
      window.removeEventListener('pointermove', follow)
      frame.current?.setAttribute('width', '0')
      const { left, top, right, bottom } = to(at)
      if (right - left > LEAST) show(left, top, right, bottom)
    }
    window.addEventListener('pointermove', follow)
    window.addEventListener('pointerup', drop, { once: true })
  }
  return { frame, begin }
}
