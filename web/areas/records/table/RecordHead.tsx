import { DateField } from '../../../parts/DateField'
import { PlaceField } from '../../../parts/PlaceField'
import { useState } from 'react'
import { RecordKindFinder } from '../RecordKindFinder'
import { MissingPartTask } from './MissingPartTask'
import type { Head, RecordPage, Roll } from './roll'

type Props = {
  record: RecordPage
  head: Head
  change: (step: string, to: (roll: Roll) => Roll) => void
  /** Keeps the record as one of another kind. */
  onKind: (code: string) => void
  onDone: () => void
}

/** Under which the head keeps what the kind of source asks of each record. */
const OF_RECORD = 'cite:'

/** What the page says once, and is true of every line. */
export function RecordHead({ record, head, change, onKind, onDone }: Props) {
  const { kind } = record
  const [asksKind, setAsksKind] = useState(false)
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
      {asksKind ? (
        <RecordKindFinder
          label="What kind of record is it?"
          onChosen={(code) => {
            setAsksKind(false)
            onKind(code)
          }}
          onLeave={() => setAsksKind(false)}
        />
      ) : (
        <p className="text-[14px] text-graphite">
          {kind.name}{' '}
          <button type="button" className="act" onClick={() => setAsksKind(true)}>
            It is another kind
          </button>
        </p>
      )}
      <label className="heads mt-2 block" htmlFor="head-date">
        {kind.event === 'census' ? 'Census day' : 'Day of the record'}
      </label>
      <DateField
        id="head-date"
        value={head.date}
        place={head.place}
        autoFocus
        onValue={(date) => set({ date })}
      />
      <label className="heads mt-1 block" htmlFor="head-place">
        Place
      </label>
      <PlaceField id="head-place" value={head.place} date={head.date} onValue={(place) => set({ place })} />
      {record.asked.map((one) => (
        <Gap
          key={one.code}
          label={one.label}
          placeholder={one.example}
          title={one.hint}
          value={head.fields[`${OF_RECORD}${one.code}`] ?? ''}
          onValue={(value) => field(`${OF_RECORD}${one.code}`, value)}
        />
      ))}
      <Gap
        label="Where in the source"
        placeholder={record.asked.length > 0 ? 'as these say, unless you write it' : ''}
        value={head.locator}
        onValue={(locator) => set({ locator })}
      />
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
      <MissingPartTask record={record.id} lacks={head.fields['lacks'] ?? ''} />
      <label className="heads mt-2 block" htmlFor="head-words">
        Other text on the page
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

function Gap(props: {
  label: string
  value: string
  onValue: (value: string) => void
  placeholder?: string
  title?: string
}) {
  const { label, value, onValue, placeholder = '', title = '' } = props
  return (
    <label className="mt-2 block" title={title}>
      <span className="heads block">{label}</span>
      <input
        className="gap w-full"
        placeholder={placeholder}
        value={value}
        onChange={(event) => onValue(event.target.value)}
      />
    </label>
  )
}
