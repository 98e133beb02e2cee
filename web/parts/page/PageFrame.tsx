import { useEffect, useLayoutEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { panned, pointAt, whole, wide, zoomed, type PageSize, type StripPlace, type View } from './geometry'
import { PageTools } from './PageTools'
import { TileView } from './TileView'

type Props = {
  image: string
  media: string
  title: string
  pages: PageSize[]
  view: View | null
  onView: (view: View) => void
  /** The strip of the line in hand, and whether it is only proposed. */
  ruler: StripPlace | null
  isProposed: boolean
  onRuler: (ruler: StripPlace) => void
  onLeave: () => void
  /** A wide page fills the frame from side to side at first, a tall one stands in it whole. */
  isWide: boolean
  /** The ruler is a rectangle, drawn with the mouse. */
  isRegion?: boolean
  /** Takes the strip under the ruler for the printed heads of the columns. */
  onHeads?: (strip: StripPlace) => void
  /** Cuts a piece out, to set it beside others. */
  onCut?: (piece: StripPlace) => void
  /** What is marked on the page already. */
  marks?: {
    id: string
    page: number
    left: number
    top: number
    width: number
    height: number
    label: string
  }[]
}

const STEP = 60

/** What a cut by key takes from the middle of the frame, in pixels of the screen. */
const PIECE = { width: 180, height: 44 }

/** A page to read from: pan, zoom, turn, light; and the ruler that lies on the line in hand. */
export function PageFrame(props: Props) {
  const {
    image,
    media,
    title,
    pages,
    view,
    onView,
    ruler,
    isProposed,
    onRuler,
    onLeave,
    isWide,
    isRegion = false,
    onHeads,
    onCut,
    marks = [],
  } = props
  const frame = useRef<HTMLDivElement>(null)
  const [size, setSize] = useState({ width: 0, height: 0 })
  const drawn = useRef<[number, number] | null>(null)
  const [isDrawing, setDrawing] = useState(false)
  const [cutting, setCutting] = useState<StripPlace | null>(null)
  const dragged = useRef<{ x: number; y: number; moved: boolean } | null>(null)
  useLayoutEffect(() => {
    if (!frame.current) return
    const watched = new ResizeObserver(([entry]) => {
      if (entry) setSize({ width: entry.contentRect.width, height: entry.contentRect.height })
    })
    watched.observe(frame.current)
    return () => watched.disconnect()
  }, [])
  const number = Math.min(view?.page ?? 0, pages.length - 1)
  const page = pages[number]
  const first = isWide ? wide : whole
  const now = page && size.width > 0 ? (view ?? first(page, size.width, size.height)) : null
  const latest = useRef({ now, page })
  latest.current = { now, page }
  // The wheel must be able to keep the page from scrolling, which React's own listener may not.
  useEffect(() => {
    const element = frame.current
    if (!element) return
    const turned = (event: WheelEvent) => {
      const { now, page } = latest.current
      if (!now || !page) return
      event.preventDefault()
      const at = pointAt(now, page, element.getBoundingClientRect(), event.clientX, event.clientY)
      onView(zoomed(now, event.deltaY < 0 ? 1.15 : 1 / 1.15, at))
    }
    element.addEventListener('wheel', turned, { passive: false })
    return () => element.removeEventListener('wheel', turned)
  }, [onView])
  // The page follows the ruler from line to line, and stays where it is while the ruler is in sight.
  const [top, tall] = ruler?.image === image && ruler.page === number ? [ruler.top, ruler.height] : [-1, 0]
  useEffect(() => {
    const { now, page } = latest.current
    if (!now || !page || top < 0 || size.height === 0 || now.turn !== 0) return
    const half = size.height / now.zoom / page.height / 2
    if (top >= now.y - half && top + tall <= now.y + half) return
    onView({ ...now, y: Math.min(1, Math.max(0, top + tall / 2)) })
    // Only the ruler moves the page; whoever pans away stays away.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [top, tall, size.height])
  if (!page) return null
  const lay = (top: number, height: number) => {
    const known = ruler?.image === image && ruler.page === number ? ruler : null
    const tall = Math.min(1, Math.max(4 / page.height, height))
    const across = isRegion ? (known?.width ?? 0) * (known ? tall / known.height : 1) : 1
    const width = across > 0 ? across : (tall * page.height) / page.width
    onRuler({
      image,
      page: number,
      left: isRegion ? (known?.left ?? Math.max(0, (now?.x ?? 0.5) - width / 2)) : (known?.left ?? 0),
      width: isRegion ? Math.min(1, width) : (known?.width ?? 1),
      top: Math.min(1 - tall, Math.max(0, top)),
      height: tall,
    })
  }
  const usual = now ? (isRegion ? 90 : 30) / now.zoom / page.height : 0.03
  const slide = (by: number) =>
    isRegion &&
    ruler &&
    onRuler({ ...ruler, left: Math.min(1 - ruler.width, Math.max(0, ruler.left + by * ruler.width)) })
  const height = ruler?.height ?? usual
  const heads = onHeads && ruler?.image === image && ruler.page === number ? () => onHeads(ruler) : undefined
  const cut =
    onCut && now
      ? () => {
          const [width, height] = [
            Math.min(1, PIECE.width / now.zoom / page.width),
            Math.min(1, PIECE.height / now.zoom / page.height),
          ]
          const [left, top] = [
            Math.min(1 - width, Math.max(0, now.x - width / 2)),
            Math.min(1 - height, Math.max(0, now.y - height / 2)),
          ]
          onCut({ image, page: number, left, top, width, height })
        }
      : undefined
  const toWhole = (now: View): View => {
    const { x, y, zoom, turn } = whole(page, size.width, size.height, number)
    return { ...now, x, y, zoom, turn }
  }
  const pressed = (event: KeyboardEvent) => {
    if (!now || event.ctrlKey || event.metaKey) return
    const does: Record<string, () => void> = event.shiftKey
      ? {
          ArrowLeft: () => slide(-0.25),
          ArrowRight: () => slide(0.25),
          ArrowUp: () => lay((ruler?.top ?? now.y) - height / 4, height),
          ArrowDown: () => lay((ruler?.top ?? now.y) + height / 4, height),
          '>': () => lay((ruler?.top ?? now.y) - height * 0.05, height * 1.1),
          '<': () => lay((ruler?.top ?? now.y) + height * 0.05, height / 1.1),
          '+': () => onView(zoomed(now, 1.25)),
        }
      : {
          ArrowLeft: () => onView(panned(now, page, -STEP, 0)),
          ArrowRight: () => onView(panned(now, page, STEP, 0)),
          ArrowUp: () => onView(panned(now, page, 0, -STEP)),
          ArrowDown: () => onView(panned(now, page, 0, STEP)),
          '+': () => onView(zoomed(now, 1.25)),
          '=': () => onView(zoomed(now, 1.25)),
          '-': () => onView(zoomed(now, 0.8)),
          '0': () => onView(toWhole(now)),
          n: () => heads?.(),
          x: () => cut?.(),
          Enter: () => lay(now.y - height / 2, height),
          r: () => onView({ ...now, turn: (now.turn + 90) % 360 }),
          v: () => onView({ ...now, inverted: !now.inverted }),
          c: () => onView({ ...now, contrast: now.contrast >= 3 ? 1 : now.contrast + 0.5 }),
          b: () => onView({ ...now, brightness: now.brightness >= 1.6 ? 0.6 : now.brightness + 0.2 }),
          PageDown: () => number + 1 < pages.length && onView({ ...now, page: number + 1 }),
          PageUp: () => number > 0 && onView({ ...now, page: number - 1 }),
          Escape: onLeave,
        }
    const run = does[event.key]
    if (!run) return
    event.preventDefault()
    event.stopPropagation()
    run()
  }
  const down = (event: PointerEvent) => {
    event.currentTarget.setPointerCapture(event.pointerId)
    dragged.current = { x: event.clientX, y: event.clientY, moved: false }
    drawn.current =
      (isRegion || onCut) && (event.shiftKey || isDrawing) && now && frame.current
        ? pointAt(now, page, frame.current.getBoundingClientRect(), event.clientX, event.clientY)
        : null
  }
  const move = (event: PointerEvent) => {
    const from = dragged.current
    if (!from || !now) return
    if (drawn.current && frame.current) {
      const [x, y] = pointAt(now, page, frame.current.getBoundingClientRect(), event.clientX, event.clientY)
      const [fromX, fromY] = drawn.current
      dragged.current = { x: event.clientX, y: event.clientY, moved: true }
      const [left, top] = [Math.max(0, Math.min(x, fromX)), Math.max(0, Math.min(y, fromY))]
      const [width, height] = [
        Math.min(1 - left, Math.abs(x - fromX)),
        Math.min(1 - top, Math.abs(y - fromY)),
      ]
      const piece = { image, page: number, left, top, width, height }
      if (width > 0 && height > 0) isRegion ? onRuler(piece) : setCutting(piece)
      return
    }
    const [dx, dy] = [from.x - event.clientX, from.y - event.clientY]
    if (!from.moved && Math.hypot(dx, dy) < 4) return
    dragged.current = { x: event.clientX, y: event.clientY, moved: true }
    onView(panned(now, page, dx, dy))
  }
  const up = (event: PointerEvent) => {
    const from = dragged.current
    dragged.current = null
    if (cutting) {
      onCut?.(cutting)
      setCutting(null)
    }
    if (!from || from.moved || !now || !frame.current) return
    const [x, y] = pointAt(now, page, frame.current.getBoundingClientRect(), event.clientX, event.clientY)
    if (!isRegion) return lay(y - height / 2, height)
    const width = ruler?.width ?? (height * page.height) / page.width
    onRuler({
      image,
      page: number,
      left: Math.max(0, Math.min(1 - width, x - width / 2)),
      top: Math.max(0, Math.min(1 - height, y - height / 2)),
      width,
      height,
    })
  }
  const laid = (piece: { left: number; top: number; width: number; height: number }) => ({
    left: size.width / 2 + (piece.left - (now?.x ?? 0)) * page.width * (now?.zoom ?? 1),
    top: size.height / 2 + (piece.top - (now?.y ?? 0)) * page.height * (now?.zoom ?? 1),
    width: piece.width * page.width * (now?.zoom ?? 1),
    height: piece.height * page.height * (now?.zoom ?? 1),
  })
  const isHere = ruler !== null && ruler.image === image && ruler.page === number
  return (
    <div className="relative h-full w-full">
      <div
        ref={frame}
        tabIndex={0}
        role="application"
        aria-label={`${title}${pages.length > 1 ? `, page ${number + 1} of ${pages.length}` : ''}. Arrows pan, plus and minus zoom, Enter
          lays the ruler, Escape goes back to the line.`}
        className="group relative h-full w-full cursor-grab touch-none overflow-hidden bg-rule/40 focus-visible:outline-offset-[-3px]
          active:cursor-grabbing"
        onKeyDown={pressed}
        onPointerDown={down}
        onPointerMove={move}
        onPointerUp={up}
      >
        {now && <TileView media={media} page={page} view={now} width={size.width} height={size.height} />}
        {now &&
          now.turn === 0 &&
          marks
            .filter((mark) => mark.page === number)
            .map((mark) => (
              <div
                key={mark.id}
                aria-hidden
                className="pointer-events-none absolute border border-raised outline outline-1 outline-ink/60"
                style={laid(mark)}
              >
                <span className="absolute left-0 top-full whitespace-nowrap bg-raised px-1 text-[12px] text-ink">
                  {mark.label}
                </span>
              </div>
            ))}
        {now && isHere && now.turn === 0 && (
          <div
            aria-hidden
            className={`pointer-events-none absolute ${isRegion ? 'border-2' : 'inset-x-0 border-y-2'}
              ${isProposed ? 'border-dashed' : ''} border-tide`}
            style={isRegion ? laid(ruler) : { top: laid(ruler).top, height: laid(ruler).height }}
          />
        )}
        {cutting && now && (
          <div
            aria-hidden
            className="pointer-events-none absolute border-2 border-ochre"
            style={laid(cutting)}
          />
        )}
        {onCut && (
          <div
            aria-hidden
            className="pointer-events-none absolute left-1/2 top-1/2 hidden -translate-x-1/2 -translate-y-1/2 border border-dashed
              border-ochre/70 group-focus-visible:block"
            style={PIECE}
          />
        )}
      </div>
      {now && (
        <PageTools
          view={now}
          onView={onView}
          whole={() => toWhole(now)}
          onHeads={heads}
          onCut={cut}
          drawing={isRegion || onCut ? { isOn: isDrawing, onTurn: () => setDrawing(!isDrawing) } : undefined}
          onPan={(x, y) => onView(panned(now, page, x, y))}
        />
      )}
    </div>
  )
}
