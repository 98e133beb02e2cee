import { select } from 'd3-selection'
import { zoom, zoomIdentity, type ZoomBehavior } from 'd3-zoom'
import { useEffect, useRef, type KeyboardEvent } from 'react'
import type { Schemas } from '../../api/client'
import { useCommands } from '../../keys/commandRegistry'
import { Painted, type Area } from './Painted'

type Props = {
  scene: Schemas['SceneResource']
  onGo: (personId: string) => void
  onDraw: (personId: string) => void
}

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
  const chosen = (area: Area) => (area.gesture === 'open' ? onGo : onDraw)(area.personId)
  const pressed = (area: Area) => (event: KeyboardEvent) => {
    if (event.key === 'Enter') chosen(area)
    if (event.key === 'd') {
      event.stopPropagation()
      onDraw(area.personId)
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
          <Painted scene={scene} onChoose={chosen} onPress={pressed} />
        </g>
      </svg>
      <p className="px-6 py-1 text-[13px] text-graphite">
        {scene.legend}. <kbd>0</kbd> fits, arrows pan, <kbd>+</kbd> <kbd>-</kbd> zoom, <kbd>Enter</kbd> goes
        there, <kbd>d</kbd> draws from there.
      </p>
    </div>
  )
}
