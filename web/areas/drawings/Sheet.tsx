import { useState, type KeyboardEvent, type PointerEvent } from 'react'
import { useTreeId } from '../../api/useTree'
import { useCommands } from '../../keys/commandRegistry'
import { ChosenBox } from './ChosenBox'
import { FindInDrawing } from './FindInDrawing'
import { follow } from './follow'
import { Greeked } from './Greeked'
import { Painted, type Area } from './Painted'
import type { Scene } from './styles'
import { towardOf, type HandworkTools } from './useHandwork'
import { useFrame } from './useFrame'
import { useInSight } from './useInSight'
import { useView } from './useView'

type Props = {
  scene: Scene
  tools: HandworkTools
  onGo: (personId: string) => void
  onDraw: (personId: string) => void
}

/** By how much a key moves a box. */
const NUDGE = 8

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

/** A scene to pan, zoom, walk through and move boxes in; the server has laid it out. */
export function Sheet({ scene, tools, onGo, onDraw }: Props) {
  const tree = useTreeId()
  const view = useView(scene)
  const [chosenId, setChosenId] = useState('')
  const [isList, setIsList] = useState(false)
  const { frame, begin } = useFrame(view.paper, view.showArea)
  const chosen = scene.areas.find((area) => area.gesture === 'open' && area.personId === chosenId)
  const stops = scene.areas.filter((area) => area.gesture !== 'open' && area.personId === chosenId)
  const { isFar, areas, paths } = useInSight(scene, view.seen)
  /** What moves the view, by key and by button. */
  const views = [
    { key: '+', sign: 'closer', says: 'Closer', run: () => view.scaleBy(1.25) },
    { key: '-', sign: 'further', says: 'Further away', run: () => view.scaleBy(0.8) },
    { key: '0', sign: 'fit', says: 'Fit the drawing', run: view.fit },
    { key: 'ArrowLeft', sign: '←', says: 'Pan left', run: () => view.pan(80, 0) },
    { key: 'ArrowRight', sign: '→', says: 'Pan right', run: () => view.pan(-80, 0) },
    { key: 'ArrowUp', sign: '↑', says: 'Pan up', run: () => view.pan(0, 60) },
    { key: 'ArrowDown', sign: '↓', says: 'Pan down', run: () => view.pan(0, -60) },
  ]
  const isAsList = isList ? 'As a drawing' : 'As a list'
  useCommands([...views, { key: 'l', says: isAsList, run: () => setIsList(!isList) }])
  const choose = (area: Area) => {
    if (area.gesture === 'open') setChosenId(area.personId)
    else tools.bring(area.personId, towardOf(area))
  }
  const pressed = (area: Area) => (event: KeyboardEvent) => {
    const arrow = ARROWS[event.key]
    const acts: Record<string, () => void> = {
      Enter: () => (area.gesture === 'open' ? onGo(area.personId) : choose(area)),
      d: () => onDraw(area.personId),
      h: () => tools.hide(area.personId, false),
      H: () => tools.hide(area.personId, true),
      b: () => stops[0] && tools.bring(area.personId, towardOf(stops[0])),
      Backspace: () => tools.putBack(area.personId),
    }
    if (event.altKey && arrow) {
      const by = NUDGE * (event.shiftKey ? 5 : 1)
      tools.move(area.personId, arrow[0] * by, arrow[1] * by)
    } else if (!event.ctrlKey && !event.metaKey && acts[event.key]) acts[event.key]?.()
    else return
    event.preventDefault()
    event.stopPropagation()
  }
  /** A box follows the pointer, and is where it was let go. */
  const grab = (area: Area) => (event: PointerEvent<SVGGElement>) => {
    if (area.gesture !== 'open' || area.outline.length > 0 || event.button !== 0 || event.shiftKey) return
    follow(event, view.unit(), (x, y) => tools.move(area.personId, x, y))
  }
  const found = (area: Area) => {
    setChosenId(area.personId)
    view.showArea(area.x - 400, area.y - 250, area.x + area.width + 400, area.y + area.height + 250, 1.4)
  }
  return (
    <div className="flex min-h-0 grow flex-col border-t border-rule">
      <div
        role="group"
        aria-label="View of the drawing"
        className="flex flex-wrap items-baseline gap-x-1 px-4 pt-1 text-[13px]"
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
        <FindInDrawing areas={scene.areas} onFound={found} />
        <button type="button" className="act ml-3" onClick={() => setIsList(!isList)}>
          {isAsList} <kbd>l</kbd>
        </button>
        <ChosenBox chosen={chosen} scene={scene} stops={stops} tools={tools} onGo={onGo} onDraw={onDraw} />
      </div>
      {isList ? (
        <ol aria-label={scene.title} className="min-h-0 grow list-decimal overflow-auto py-2 pl-14 pr-6">
          {scene.areas
            .filter((area) => area.gesture === 'open')
            .map((area, at) => (
              <li key={`${area.personId} ${at}`} style={{ contentVisibility: 'auto' }}>
                <button type="button" className="act text-left" onClick={() => onGo(area.personId)}>
                  {area.aloud}
                </button>
              </li>
            ))}
        </ol>
      ) : (
        <svg
          ref={view.svg}
          className="min-h-0 w-full grow cursor-grab touch-none select-none active:cursor-grabbing"
          role="group"
          aria-label={scene.title}
          onPointerDown={begin}
        >
          <g ref={view.paper}>
            {isFar ? (
              <Greeked scene={scene} />
            ) : (
              <Painted
                scene={scene}
                areas={areas}
                paths={paths}
                chosen={chosenId}
                pictures={`/api/trees/${tree}/`}
                onChoose={(area) => area.gesture === 'open' && setChosenId(area.personId)}
                onOpen={(area) => (area.gesture === 'open' ? onGo(area.personId) : undefined)}
                onBring={choose}
                onPress={pressed}
                onGrab={grab}
                onMovePicture={tools.movePicture}
                onRemovePicture={tools.withoutPicture}
                unit={view.unit}
              />
            )}
            <rect ref={frame} width={0} className="fill-none stroke-tide" strokeDasharray="6 4" />
          </g>
        </svg>
      )}
      <p className="px-6 py-1 text-[13px] text-graphite">
        {scene.legend}. <kbd>0</kbd> fits, arrows pan, <kbd>+</kbd> <kbd>-</kbd> zoom, <kbd>Enter</kbd> goes
        there, <kbd>d</kbd> draws from there, <kbd>Alt</kbd> and arrows move a box, <kbd>h</kbd> hides it.
      </p>
    </div>
  )
}
