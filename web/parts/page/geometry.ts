import type { Schemas } from '../../api/client'

export type PageSize = Schemas['PagePreview']
export type View = Schemas['ImageViewResource']
export type StripPlace = Schemas['ImageStrip']

export const TILE = 512

/** As the page is: neither lit otherwise, nor with its column heads cut. */
export const UNLIT = {
  inverted: false,
  contrast: 1,
  brightness: 1,
  headsPage: 0,
  headsTop: 0,
  headsHeight: 0,
}

/** The view in which a page stands whole in a frame. */
export function whole(page: PageSize, width: number, height: number, number = 0): View {
  const zoom = Math.min(width / page.width, height / page.height) || 1
  return { page: number, x: 0.5, y: 0.5, zoom, turn: 0, ...UNLIT }
}

/** The view in which a page fills a frame from side to side, from its top. */
export function wide(page: PageSize, width: number, height: number, number = 0): View {
  const zoom = width / page.width || 1
  return {
    page: number,
    x: 0.5,
    y: Math.min(0.5, height / zoom / 2 / page.height),
    zoom,
    turn: 0,
    ...UNLIT,
  }
}

/** A movement on the screen as one on the page, which may be turned. */
export function onPage(view: View, dx: number, dy: number): [number, number] {
  const turned: Record<number, [number, number]> = { 90: [dy, -dx], 180: [-dx, -dy], 270: [-dy, dx] }
  const [x, y] = turned[view.turn] ?? [dx, dy]
  return [x / view.zoom, y / view.zoom]
}

/** The point of the page, as shares of its sides, under a point of the frame. */
export function pointAt(
  view: View,
  page: PageSize,
  frame: DOMRect,
  left: number,
  top: number,
): [number, number] {
  const [x, y] = onPage(view, left - frame.left - frame.width / 2, top - frame.top - frame.height / 2)
  return [view.x + x / page.width, view.y + y / page.height]
}

/** Pans by so many pixels of the screen; the middle stays on the page. */
export function panned(view: View, page: PageSize, dx: number, dy: number): View {
  const [x, y] = onPage(view, dx, dy)
  return { ...view, x: inside(view.x + x / page.width), y: inside(view.y + y / page.height) }
}

/** Closer or farther away, a point of the page staying under its point of the frame. */
export function zoomed(view: View, by: number, at?: [number, number]): View {
  const zoom = Math.min(12, Math.max(0.02, view.zoom * by))
  const kept = 1 - view.zoom / zoom
  if (!at) return { ...view, zoom }
  return {
    ...view,
    zoom,
    x: inside(view.x + (at[0] - view.x) * kept),
    y: inside(view.y + (at[1] - view.y) * kept),
  }
}

const inside = (share: number) => Math.min(1, Math.max(0, share))

/** The tiles of a page that a frame shows, at the level that fits the zoom. */
export function tiles(view: View, page: PageSize, width: number, height: number) {
  const dots = view.zoom * (window.devicePixelRatio || 1)
  const level = Math.max(0, Math.min(page.levels - 1, page.levels - 1 + Math.ceil(Math.log2(dots) - 0.3)))
  const factor = 2 ** (page.levels - 1 - level)
  const isTurned = view.turn % 180 !== 0
  const [spanX, spanY] = [
    (isTurned ? height : width) / view.zoom / 2,
    (isTurned ? width : height) / view.zoom / 2,
  ]
  const [cx, cy] = [view.x * page.width, view.y * page.height]
  const side = TILE * factor
  const range = (from: number, to: number, most: number) => {
    const first = Math.max(0, Math.floor(from / side))
    const last = Math.min(Math.ceil(most / side) - 1, Math.floor(to / side))
    return Array.from({ length: Math.max(0, last - first + 1) }, (_, index) => first + index)
  }
  const xs = range(cx - spanX, cx + spanX, page.width)
  const ys = range(cy - spanY, cy + spanY, page.height)
  return { level, factor, tiles: ys.flatMap((y) => xs.map((x) => ({ x, y }))) }
}

/** The view that shows a strip of a page from side to side of a frame. */
export function viewOfStrip(slip: StripPlace, page: PageSize, width: number, lit: View | null): View {
  return {
    ...(lit ?? UNLIT),
    page: slip.page,
    x: slip.left + slip.width / 2,
    y: slip.top + slip.height / 2,
    zoom: width / (slip.width * page.width),
    turn: 0,
  }
}

/** How large a strip of a page is drawn beside words: as tall as asked for, a block of writing up to three times that. */
export function stripSize(slip: StripPlace, page: PageSize, tall: number): { width: number; height: number } {
  const shape = (slip.width * page.width) / (slip.height * page.height)
  const width = Math.round(Math.max(tall * shape, Math.min(BLOCK, 3 * tall * shape)))
  return { width, height: Math.ceil(width / shape) }
}

/** As wide as a block of writing is drawn at most where a line would be wider, in pixels. */
const BLOCK = 280
