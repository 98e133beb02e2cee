import type { Schemas } from '../api/client'

type Props = {
  lifeline: Schemas['LifelineResource']
  chosen: string
  onChoose: (factId: string) => void
}

/** The axis of a life: own events on it and above, the family's below. The server says where everything stands. */
export function Lifeline({ lifeline, chosen, onChoose }: Props) {
  if (lifeline.marks.length === 0) {
    return (
      <p className="flex h-[120px] shrink-0 items-center text-graphite">
        Here the years of this life will stand, once one event has a date.
      </p>
    )
  }
  const percent = (share: number) => `${share * 100}%`
  return (
    <div className="relative h-[120px] shrink-0 overflow-hidden" role="group" aria-label="Life strip">
      <div className="absolute inset-x-0 top-[64px] border-t border-ink" aria-hidden />
      {lifeline.years
        .filter((year) => year.at > 0.02 && year.at < 0.97)
        .map((year) => (
          <span key={year.year} aria-hidden>
            <span
              className="absolute top-[64px] h-[5px] border-l border-graphite"
              style={{ left: percent(year.at) }}
            />
            <span
              className="absolute top-[74px] -translate-x-1/2 text-[11px] text-graphite"
              style={{ left: percent(year.at) }}
            >
              {year.year}
            </span>
          </span>
        ))}
      {lifeline.marks.map((mark, index) => (
        <Mark
          key={`${mark.factId}${index}`}
          mark={mark}
          chosen={mark.factId === chosen}
          onChoose={() => onChoose(mark.factId)}
        />
      ))}
    </div>
  )
}

/** A tick for a day, a bar for a span of doubt, a thin line for what lasted. */
function Mark({
  mark,
  chosen,
  onChoose,
}: {
  mark: Schemas['LifelineMark']
  chosen: boolean
  onChoose: () => void
}) {
  const own = mark.row === 'own'
  const says = `${mark.word}${mark.whose ? ` of ${mark.whose}` : ''}, ${mark.date}`
  const faded = (soft: boolean) => (soft ? 'transparent' : 'currentColor')
  const height = !own ? 'top-[94px] h-[4px]' : mark.lasts ? 'top-[59px] h-[3px]' : 'top-[55px] h-[18px]'
  const wide = mark.to - mark.from > 0.006 && !mark.lasts
  return (
    <>
      <button
        type="button"
        title={says}
        aria-label={says}
        onClick={() => own && onChoose()}
        tabIndex={own ? 0 : -1}
        className={`absolute min-w-[3px] ${height} ${wide ? 'opacity-45' : ''} ${chosen ? 'text-tide' : own ? 'text-ink' : 'text-graphite'}`}
        style={{
          left: `${mark.from * 100}%`,
          width: `${(mark.to - mark.from) * 100}%`,
          background: `linear-gradient(to right, ${faded(mark.softFrom)}, currentColor 35%, currentColor 65%, ${faded(mark.softTo)})`,
        }}
      />
      {mark.lane >= 0 && (
        <span
          aria-hidden
          className={`pointer-events-none absolute max-w-[11%] truncate whitespace-nowrap text-[12px] ${chosen ? 'font-semibold text-tide' : own ? 'text-ink' : 'text-graphite'}`}
          style={{
            ...(mark.wordsLeft
              ? { right: `${Math.max(0, 1 - mark.to) * 100}%` }
              : { left: `${mark.from * 100}%` }),
            top: own ? 36 - 17 * mark.lane : 100,
          }}
        >
          {own ? mark.word : mark.whose}
        </span>
      )}
    </>
  )
}
