import { useState, type MouseEvent } from 'react'
import type { Schemas } from '../api/client'

type Mark = Schemas['LifeStripMark']
type Props = {
  lifeline: Schemas['LifeStripResource']
  chosen: string
  onChoose: (factId: string) => void
  /** Goes to whoever of the family an event is of. */
  onGo: (personId: string) => void
}

/** Height of the strip, and from where down its marks are the family's. */
const TALL = 120
const FAMILY = 86

/** How far beside a mark one may point, in pixels of the screen: with the mark itself it makes a target of 24. */
const NEAR = 12

const says = (mark: Mark) => `${mark.word}${mark.whose ? ` of ${mark.whose}` : ''}, ${mark.date}`
const idOf = (mark: Mark) => mark.factId + mark.personId

/**
 * The strip of a life: own events on it and above, the family's below. The server says where everything stands. It is one
 * picture; the facts beneath it are the same for the keyboard. Where several marks lie on one another, each click is the
 * next of them.
 */
export function LifeStrip({ lifeline, chosen, onChoose, onGo }: Props) {
  const [hint, setHint] = useState('')
  const { marks } = lifeline
  if (marks.length === 0) {
    return (
      <p className="flex h-[120px] shrink-0 items-center text-graphite">
        Here the years of this life will stand, once one event has a date.
      </p>
    )
  }
  const near = (event: MouseEvent<HTMLElement>): Mark[] => {
    const box = event.currentTarget.getBoundingClientRect()
    const at = event.clientX - box.left
    const row = event.clientY - box.top < FAMILY ? 'own' : 'family'
    const away = (mark: Mark) => Math.max(mark.from * box.width - at, at - mark.to * box.width, 0)
    return marks.filter((mark) => mark.row === row && away(mark) <= NEAR).sort((a, b) => away(a) - away(b))
  }
  const take = (mark: Mark | undefined) => {
    if (!mark) return
    if (mark.row === 'own') onChoose(mark.factId)
    else onGo(mark.personId)
  }
  const clicked = (event: MouseEvent<HTMLElement>) => {
    const found = near(event)
    take(found[(found.findIndex((mark) => mark.factId === chosen) + 1) % Math.max(1, found.length)])
  }
  const percent = (share: number) => `${share * 100}%`
  return (
    <div
      className="relative shrink-0 cursor-pointer overflow-hidden"
      style={{ height: TALL }}
      role="img"
      aria-label={`Life strip: ${marks.map(says).join('; ')}`}
      title={hint}
      onClick={clicked}
      onMouseMove={(event) => setHint(near(event).map(says).join('; '))}
    >
      <div className="absolute inset-x-0 top-[64px] border-t border-ink" />
      {lifeline.years
        .filter((year) => year.at > 0.02 && year.at < 0.97)
        .map((year) => (
          <span key={year.year}>
            <span
              className="absolute top-[64px] h-[5px] border-l border-graphite"
              style={{ left: percent(year.at) }}
            />
            <span
              className={`absolute top-[74px] text-[11px] text-graphite ${sideOf(year.at)}`}
              style={{ left: percent(year.at) }}
            >
              {year.year}
            </span>
          </span>
        ))}
      {marks.map((mark, index) => (
        <Drawn
          key={`${idOf(mark)}${index}`}
          mark={mark}
          chosen={mark.factId === chosen}
          onTake={() => take(mark)}
        />
      ))}
    </div>
  )
}

/** On which side of its year a label stands, so that none is cut at an edge. */
function sideOf(at: number) {
  if (at < 0.06) return ''
  return at > 0.94 ? '-translate-x-full' : '-translate-x-1/2'
}

/** A tick for a day, a bar for a span of doubt, a thin line for what lasted; its words are a target of their own. */
function Drawn({ mark, chosen, onTake }: { mark: Mark; chosen: boolean; onTake: () => void }) {
  const own = mark.row === 'own'
  const faded = (soft: boolean) => (soft ? 'transparent' : 'currentColor')
  const height = !own ? 'top-[94px] h-[4px]' : mark.lasts ? 'top-[59px] h-[3px]' : 'top-[55px] h-[18px]'
  const wide = mark.to - mark.from > 0.006 && !mark.lasts
  return (
    <>
      <span
        data-mark={mark.row}
        className={`absolute min-w-[3px] ${height} ${wide ? 'opacity-45' : ''}
          ${chosen ? 'text-tide' : own ? 'text-ink' : 'text-graphite'}`}
        style={{
          left: `${mark.from * 100}%`,
          width: `${(mark.to - mark.from) * 100}%`,
          background: `linear-gradient(to right, ${faded(mark.softFrom)}, currentColor 35%, currentColor 65%, ${faded(mark.softTo)})`,
          // Where colours are forced a gradient goes, and the mark with it.
          forcedColorAdjust: 'none',
        }}
      />
      {mark.lane >= 0 && (
        <span
          title={says(mark)}
          className={`absolute max-w-[11%] truncate whitespace-nowrap text-[12px] hover:text-tide
            ${chosen ? 'font-semibold text-tide' : own ? 'text-ink' : 'text-graphite'}`}
          style={{
            ...(mark.wordsLeft
              ? { right: `${Math.max(0, 1 - mark.to) * 100}%` }
              : { left: `${mark.from * 100}%` }),
            top: own ? 36 - 17 * mark.lane : 100,
          }}
          onClick={(event) => {
            event.stopPropagation()
            onTake()
          }}
        >
          {own ? mark.word : mark.whose}
        </span>
      )}
    </>
  )
}
