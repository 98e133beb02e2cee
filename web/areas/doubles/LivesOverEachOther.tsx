import type { Schemas } from '../../api/client'

/** A bar that is wider holds its own words; those of a narrow one stand beside it. */
const WIDE = 0.12

/** What begins and ends a life is told in words; what lies between by its bar, and to a screen reader. */
const ENDS = /^(Birth|Death)\b/

/** The lives laid over each other on one axis: a row each, events as ticks, spans as bars. */
export function LivesOverEachOther({ page }: { page: Schemas['ComparePage'] }) {
  if (page.fromYear === page.toYear) return null
  const percent = (share: number) => `${share * 100}%`
  return (
    <div className="mt-1 grid grid-cols-[140px_minmax(0,1fr)] gap-x-3 max-sm:grid-cols-[56px_minmax(0,1fr)] text-[13px] text-graphite">
      {page.lives.map((life) => {
        const person = page.people.find((one) => one.id === life.personId)
        return (
          <div key={life.personId} className="contents">
            <span className="truncate leading-[18px]">no. {person?.number}</span>
            <div
              role="img"
              aria-label={`Life of ${person?.name ?? '?'}: ${life.marks.map((mark) => mark.says).join('; ') || 'nothing dated'}`}
              className="relative mr-[110px] h-[18px] border-b border-rule max-sm:mr-0"
            >
              {life.marks.map((mark) => (
                <span
                  key={mark.says + mark.from}
                  title={mark.says}
                  className="absolute bottom-0 h-[13px] min-w-[3px] bg-tide"
                  style={{ left: percent(mark.from), width: percent(mark.to - mark.from) }}
                >
                  <span
                    className={`absolute bottom-0 px-[3px] text-[11px] leading-[13px] whitespace-nowrap
                      ${mark.to - mark.from > WIDE ? 'inset-x-0 overflow-hidden text-paper' : 'left-full max-sm:hidden'}`}
                  >
                    {mark.to - mark.from > WIDE || ENDS.test(mark.says) ? mark.says : ''}
                  </span>
                </span>
              ))}
            </div>
          </div>
        )
      })}
      <span />
      <span className="tabular mr-[110px] flex justify-between max-sm:mr-0">
        <span>{page.fromYear}</span>
        <span>{page.toYear}</span>
      </span>
    </div>
  )
}
