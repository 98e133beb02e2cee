import { select } from 'd3-selection'
import { zoom, zoomIdentity, type D3ZoomEvent, type ZoomBehavior } from 'd3-zoom'
import { useEffect, useRef, useState } from 'react'

export type Seen = { left: number; top: number; right: number; bottom: number; scale: number }

type Size = { width: number; height: number }

/** Before anything was fitted: from so far that a large drawing is blocks. */
const EVERYTHING: Seen = {
  left: -Infinity,
  top: -Infinity,
  right: Infinity,
  bottom: Infinity,
  scale: 0,
}

/** As much around the window is painted as the window is wide, so that a pan seldom paints anew. */
const AROUND = 1

/** Where on the paper one looks, panned and zoomed by mouse, by fingers and by what is returned. */
export function useView({ width, height }: Size) {
  const svg = useRef<SVGSVGElement>(null)
  const paper = useRef<SVGGElement>(null)
  const zoomer = useRef<ZoomBehavior<SVGSVGElement, unknown> | null>(null)
  const [seen, setSeen] = useState(EVERYTHING)
  const painted = useRef(EVERYTHING)
  /** Whether somebody panned or zoomed since it was fitted. */
  const isLookedAt = useRef(false)

  const showArea = (left: number, top: number, right: number, bottom: number, most = 4) => {
    if (!svg.current || !zoomer.current) return
    const room = svg.current.getBoundingClientRect()
    const scale = Math.min(room.width / (right - left), room.height / (bottom - top), most)
    const x = (room.width - (right + left) * scale) / 2
    const y = (room.height - (bottom + top) * scale) / 2
    isLookedAt.current = true
    select(svg.current).call(zoomer.current.transform, zoomIdentity.translate(x, y).scale(scale))
  }
  const fit = () => {
    showArea(0, 0, width, height, 1.4)
    isLookedAt.current = false
  }

  useEffect(() => {
    if (!svg.current) return
    const follow = (event: D3ZoomEvent<SVGSVGElement, unknown>) => {
      const { x, y, k } = event.transform
      if (event.sourceEvent) isLookedAt.current = true
      paper.current?.setAttribute('transform', event.transform.toString())
      if (!svg.current) return
      const room = svg.current.getBoundingClientRect()
      const [left, top, wide, high] = [-x / k, -y / k, room.width / k, room.height / k]
      const now = painted.current
      const isInside =
        left >= now.left && top >= now.top && left + wide <= now.right && top + high <= now.bottom
      if (isInside && k < now.scale * 2 && k > now.scale / 2) return
      painted.current = {
        left: left - wide * AROUND,
        top: top - high * AROUND,
        right: left + wide * (1 + AROUND),
        bottom: top + high * (1 + AROUND),
        scale: k,
      }
      setSeen(painted.current)
    }
    zoomer.current = zoom<SVGSVGElement, unknown>()
      .scaleExtent([0.01, 4])
      // Shift draws a frame to zoom to; a box is moved, not the paper.
      .filter((event: MouseEvent) => !event.shiftKey && !event.button && !isOnBox(event))
      .on('zoom', follow)
    const drawn = select(svg.current)
    drawn.call(zoomer.current).on('dblclick.zoom', null)
    return () => {
      drawn.on('.zoom', null)
    }
  }, [])

  // A drawing is fitted until somebody looks at a part of it, also when the window changes; then it stays where it is.
  useEffect(() => {
    if (!svg.current) return
    let wide = 0
    const sized = new ResizeObserver(([entry]) => {
      // What stands above may take a line more or less; nothing may slip from under the pointer for that.
      if (entry?.contentRect.width !== wide && !isLookedAt.current) fit()
      wide = entry?.contentRect.width ?? 0
    })
    sized.observe(svg.current)
    return () => sized.disconnect()
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])

  return {
    svg,
    paper,
    seen,
    fit,
    showArea,
    pan: (x: number, y: number) => {
      isLookedAt.current = true
      if (svg.current && zoomer.current) select(svg.current).call(zoomer.current.translateBy, x, y)
    },
    scaleBy: (by: number) => {
      isLookedAt.current = true
      if (svg.current && zoomer.current) select(svg.current).call(zoomer.current.scaleBy, by)
    },
    /** How many units of the scene a pixel of the screen is. */
    unit: () => 1 / (paper.current?.getCTM()?.a ?? 1),
  }
}

const isOnBox = (event: Event) =>
  event.type !== 'wheel' &&
  event.target instanceof Element &&
  event.target.closest('[data-box], [data-set]') !== null
