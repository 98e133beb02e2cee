import { select } from 'd3-selection'
import { zoom, zoomIdentity, type ZoomBehavior } from 'd3-zoom'
import { useEffect, useRef, type KeyboardEvent } from 'react'
import type { Schemas } from '../../api/client'
import { useCommands } from '../../keys/commandRegistry'
import { aloud } from './aloud'

type Props = {
  scene: Schemas['SceneResource']
  onGo: (personId: string) => void
  onDraw: (personId: string) => void
}

const RULES: Record<string, string> = { cited: 'none', partly: '7 4', uncited: '1.5 4' }

/** A scene to pan, zoom and walk through; the server has laid it out. */
export function Sheet({ scene, onGo, onDraw }: Props) {
  const svg = useRef<SVGSVGElement>(null)
  const paper = useRef<SVGGElement>(null)
  const zoomer = useRef<ZoomBehavior<SVGSVGElement, unknown> | null>(null)
  const fit = () => {
    if (!svg.current || !zoomer.current) return
    const { width, height } = svg.current.getBoundingClientRect()
    const scale = Math.min(width / scene.width, height / scene.height, 1.4)
    const x = (width - scene.width * scale) / 2
    const y = (height - scene.height * scale) / 2
    select(svg.current).call(zoomer.current.transform, zoomIdentity.translate(x, y).scale(scale))
  }
  useEffect(() => {
    if (!svg.current) return
    zoomer.current = zoom<SVGSVGElement, unknown>()
      .scaleExtent([0.05, 4])
      .on('zoom', (event: { transform: { toString(): string } }) => {
        paper.current?.setAttribute('transform', event.transform.toString())
      })
    const drawn = select(svg.current)
    drawn.call(zoomer.current).on('dblclick.zoom', null)
    fit()
    return () => {
      drawn.on('.zoom', null)
    }
    // Only another scene is fitted anew; whoever zooms stays where they are.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [scene])
  const pan = (x: number, y: number) => {
    if (svg.current && zoomer.current) select(svg.current).call(zoomer.current.translateBy, x, y)
  }
  const scaleBy = (by: number) => {
    if (svg.current && zoomer.current) select(svg.current).call(zoomer.current.scaleBy, by)
  }
  /** What moves the view, by key and by button. */
  const views = [
    { key: '+', sign: 'closer', says: 'Closer', run: () => scaleBy(1.25) },
    { key: '-', sign: 'further', says: 'Further away', run: () => scaleBy(0.8) },
    { key: '0', sign: 'fit', says: 'Fit the drawing', run: fit },
    { key: 'ArrowLeft', sign: '←', says: 'Pan left', run: () => pan(80, 0) },
    { key: 'ArrowRight', sign: '→', says: 'Pan right', run: () => pan(-80, 0) },
    { key: 'ArrowUp', sign: '↑', says: 'Pan up', run: () => pan(0, 60) },
    { key: 'ArrowDown', sign: '↓', says: 'Pan down', run: () => pan(0, -60) },
  ]
  useCommands(views)
  const pressed = (id: string) => (event: KeyboardEvent) => {
    if (event.key === 'Enter') onGo(id)
    if (event.key === 'd') {
      event.stopPropagation()
      onDraw(id)
    }
  }
  return (
    <div className="flex min-h-0 grow flex-col border-t border-rule">
      <p
        role="group"
        aria-label="View of the drawing"
        className="flex flex-wrap gap-x-1 px-4 pt-1 text-[13px]"
      >
        {views.map(({ sign, says, run }) => (
          <button
            key={says}
            type="button"
            aria-label={says}
            title={says}
            className="min-h-[24px] min-w-[24px] px-[6px] text-tide hover:bg-wash"
            onClick={run}
          >
            {sign}
          </button>
        ))}
      </p>
      <svg
        ref={svg}
        className="min-h-0 w-full grow cursor-grab touch-none select-none active:cursor-grabbing"
        role="group"
        aria-label={scene.title}
      >
        <g ref={paper}>
          {scene.lines.map((line, index) => (
            <polyline
              key={index}
              points={line.points.join(' ')}
              className="fill-none stroke-graphite"
              strokeWidth={1}
              strokeDasharray={line.dotted ? '2 4' : undefined}
            />
          ))}
          {scene.boxes.map((box) => (
            <g
              key={box.personId}
              tabIndex={0}
              role="link"
              aria-label={aloud(box, scene)}
              className="cursor-pointer"
              onClick={() => onGo(box.personId)}
              onKeyDown={pressed(box.personId)}
            >
              <title>{box.fullName}</title>
              <rect
                x={box.x}
                y={box.y}
                width={box.width}
                height={box.height}
                className="fill-paper hover:fill-wash"
              />
              <line
                x1={box.x}
                x2={box.x}
                y1={box.y + 4}
                y2={box.y + box.height - 4}
                className="stroke-ink"
                strokeWidth={2}
                strokeDasharray={RULES[box.rule]}
              />
              {box.nameLines.map((line, index) => (
                <text
                  key={line + index}
                  x={box.x + 10}
                  y={box.y + 18 + 17 * index}
                  className="fill-ink font-serif text-[15px]"
                >
                  {line}
                </text>
              ))}
              {box.lines.map((line, index) => (
                <text
                  key={line + index}
                  x={box.x + 10}
                  y={box.y + 18 + 17 * box.nameLines.length + 14 * index}
                  className="fill-graphite text-[11.5px]"
                >
                  {line}
                </text>
              ))}
              {box.mark !== '' && (
                <text
                  x={box.linesAtLeft ? box.x - 6 : box.x + box.width + 2}
                  textAnchor={box.linesAtLeft ? 'end' : 'start'}
                  y={box.y + box.height / 2 - 8}
                  className="fill-graphite text-[11px]"
                >
                  {box.mark}
                </text>
              )}
              {box.more !== '' && (
                <text
                  x={box.x + box.width}
                  y={box.y + box.height / 2 + 4}
                  className="fill-tide text-[12px]"
                  onClick={(event) => {
                    event.stopPropagation()
                    onDraw(box.personId)
                  }}
                >
                  … {box.more}
                </text>
              )}
            </g>
          ))}
        </g>
      </svg>
      <p className="px-6 py-1 text-[13px] text-graphite">
        Rule at the left: whole, cited; dashed, in part; dotted, not yet. Dotted line: not proved.{' '}
        <kbd>0</kbd> fits, arrows pan, <kbd>+</kbd> <kbd>-</kbd> zoom, <kbd>Enter</kbd> goes there,{' '}
        <kbd>d</kbd> draws from there.
      </p>
    </div>
  )
}
