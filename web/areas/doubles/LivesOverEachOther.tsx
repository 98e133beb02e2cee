import type { Schemas } from '../../api/client'

/** The lives laid over each other on one axis: a row each, events as ticks, spans as bars. */
export function LivesOverEachOther({ page }: { page: Schemas['ComparePage'] }) {
  if (page.fromYear === page.toYear) return null
  const percent = (share: number) => `${share * 100}%`
  return (
    <div className="mt-1 grid grid-cols-[140px_minmax(0,1fr)] gap-x-3 text-[13px] text-graphite">
      {page.lives.map((life) => {
        const person = page.people.find((one) => one.id === life.personId)
        return (
          <div key={life.personId} className="contents">
            <span className="truncate leading-[18px]">no. {person?.number}</span>
            <div
              role="img"
              aria-label={`Life of ${person?.name ?? '?'}: ${life.marks.map((mark) => mark.says).join('; ') || 'nothing dated'}`}
              className="relative h-[18px] border-b border-rule"
            >
              {life.marks.map((mark) => (
                <span
                  key={mark.says + mark.from}
                  title={mark.says}
                  className="absolute bottom-0 h-[12px] min-w-[3px] bg-tide/70"
                  style={{ left: percent(mark.from), width: percent(mark.to - mark.from) }}
                />
              ))}
            </div>
          </div>
        )
      })}
      <span />
      <span className="tabular flex justify-between">
        <span>{page.fromYear}</span>
        <span>{page.toYear}</span>
      </span>
    </div>
  )
}
