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
      <p className="flex h-[120px] items-center text-graphite">
        Here the years of this life will stand, once one event has a date.
      </p>
    )
  }
  const percent = (share: number) => `${share * 100}%`
  return (
    <div className="relative h-[120px] overflow-hidden" role="group" aria-label="Lifeline">
      <div className="absolute inset-x-0 top-[72px] border-t border-ink" aria-hidden />
      {lifeline.years.map((year) => (
        <span key={year.year} aria-hidden>
          <span
            className="absolute top-[69px] h-[7px] border-l border-graphite"
            style={{ left: percent(year.at) }}
          />
          <span
            className="absolute top-[78px] -translate-x-1/2 text-[11px] text-graphite"
            style={{ left: percent(year.at) }}
          >
            {year.year}
          </span>
        </span>
      ))}
      {lifeline.marks.map((mark, index) => {
        const own = mark.row === 'own'
        const says = `${mark.word}${mark.whose ? ` of ${mark.whose}` : ''}, ${mark.date}`
        const soft = `linear-gradient(to right, ${mark.softFrom ? 'transparent' : 'currentColor'}, currentColor 35%, currentColor 65%, ${mark.softTo ? 'transparent' : 'currentColor'})`
        return (
          <span key={`${mark.factId}${index}`}>
            <button
              type="button"
              title={says}
              aria-label={says}
              onClick={() => own && onChoose(mark.factId)}
              tabIndex={own ? 0 : -1}
              className={`absolute min-w-[3px] ${own ? 'top-[62px] h-[20px]' : 'top-[92px] h-[5px]'} ${mark.factId === chosen ? 'text-tide' : own ? 'text-ink' : 'text-graphite'}`}
              style={{ left: percent(mark.from), width: percent(mark.to - mark.from), background: soft }}
            />
            {mark.lane >= 0 && (
              <span
                aria-hidden
                className={`pointer-events-none absolute max-w-[11%] truncate whitespace-nowrap text-[12px] ${mark.factId === chosen ? 'font-semibold text-tide' : own ? 'text-ink' : 'text-graphite'}`}
                style={{ left: percent(Math.min(mark.from, 0.9)), top: own ? 42 - 17 * mark.lane : 100 }}
              >
                {own ? mark.word : mark.whose}
              </span>
            )}
          </span>
        )
      })}
    </div>
  )
}
