import { DateGap } from '../../../parts/DateGap'
import { PlaceGap } from '../../../parts/PlaceGap'
import type { Head, Kind, Roll } from './roll'

type Props = {
  kind: Kind
  head: Head
  change: (step: string, to: (roll: Roll) => Roll) => void
  onDone: () => void
}

/** What the page says once, and is true of every line. */
export function HeadOfPage({ kind, head, change, onDone }: Props) {
  const set = (said: Partial<Head>) =>
    change(`head ${Object.keys(said).join()}`, (roll) => ({ ...roll, head: { ...roll.head, ...said } }))
  const field = (code: string, value: string) => set({ fields: { ...head.fields, [code]: value } })
  return (
    <form
      aria-label="The page itself"
      className="text-[15px]"
      onSubmit={(event) => {
        event.preventDefault()
        onDone()
      }}
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return
        event.stopPropagation()
        onDone()
      }}
    >
      <h2 className="font-serif text-[20px]">The page itself</h2>
      <label className="heads mt-2 block" htmlFor="head-date">
        {kind.event === 'census' ? 'Day of reckoning' : 'Day of the record'}
      </label>
      <DateGap
        id="head-date"
        value={head.date}
        place={head.place}
        autoFocus
        onValue={(date) => set({ date })}
      />
      <label className="heads mt-1 block" htmlFor="head-place">
        Place
      </label>
      <PlaceGap id="head-place" value={head.place} date={head.date} onValue={(place) => set({ place })} />
      <Gap label="Where in the source" value={head.locator} onValue={(locator) => set({ locator })} />
      {kind.heads.map((column) => (
        <Gap
          key={column.code}
          label={column.label}
          value={head.fields[column.code] ?? ''}
          onValue={(value) => field(column.code, value)}
        />
      ))}
      <Gap
        label="People whom the page itself counts"
        value={head.toldCount === null ? '' : String(head.toldCount)}
        onValue={(value) => set({ toldCount: /^\d{1,5}$/.test(value) ? Number(value) : null })}
      />
      <Gap
        label="File number of your own"
        value={head.fileNumber}
        onValue={(fileNumber) => set({ fileNumber })}
      />
      <Gap
        label="What the copy lacks"
        value={head.fields['lacks'] ?? ''}
        onValue={(value) => field('lacks', value)}
      />
      <label className="heads mt-2 block" htmlFor="head-words">
        Words of the page besides its roll
      </label>
      <textarea
        id="head-words"
        rows={4}
        className="gap w-full font-serif text-[16px]"
        value={head.transcription}
        onChange={(event) => set({ transcription: event.target.value })}
      />
      <button className="act mt-2">
        Back to the line <kbd>Esc</kbd>
      </button>
    </form>
  )
}

function Gap({ label, value, onValue }: { label: string; value: string; onValue: (value: string) => void }) {
  return (
    <label className="mt-2 block">
      <span className="heads block">{label}</span>
      <input className="gap w-full" value={value} onChange={(event) => onValue(event.target.value)} />
    </label>
  )
}
