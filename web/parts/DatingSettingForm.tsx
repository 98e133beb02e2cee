import { useState, type FormEvent } from 'react'
import type { Schemas } from '../api/client'
import { FormButtons } from './FormButtons'

type Said = Schemas['DatingSettingInput']
type Props = {
  said: Schemas['DatingSettingResource']
  /** What counts where nothing is said here. */
  otherwise: string
  saving: boolean
  onKeep: (said: Said) => void
}

/** How dates are written by a source, at a place or in a tree, as a sentence with gaps. */
export function DatingSettingForm({ said, otherwise, saving, onKeep }: Props) {
  const [changing, setChanging] = useState(false)
  const [gaps, setGaps] = useState<Said>(said)
  const gap = (name: keyof Said, label: string, choices: [string, string][]) => (
    <select
      className="gap"
      aria-label={label}
      value={gaps[name] ?? ''}
      onChange={(event) => setGaps({ ...gaps, [name]: event.target.value })}
    >
      {choices.map(([value, word]) => (
        <option key={value} value={value}>
          {word}
        </option>
      ))}
    </select>
  )
  const submit = (event: FormEvent) => {
    event.preventDefault()
    const { calendar, yearStart, until, order, hemisphere } = gaps
    onKeep({
      calendar,
      yearStart: calendar ? yearStart : '',
      until: calendar ? until : '',
      order,
      hemisphere,
    })
    setChanging(false)
  }
  if (!changing)
    return (
      <p>
        {said.words || <span className="text-graphite">{otherwise}</span>}{' '}
        <button
          type="button"
          className="act text-[14px]"
          onClick={() => {
            setGaps(said)
            setChanging(true)
          }}
        >
          {said.words ? 'Change how dates are read' : 'Say how dates are read'}
        </button>
      </p>
    )
  return (
    <form
      onSubmit={submit}
      onKeyDown={(event) => event.key === 'Escape' && setChanging(false)}
      className="space-y-2 border-l-2 border-tide pl-3"
    >
      <p className="leading-8">
        Dates are {gap('calendar', 'Calendar', CALENDARS)}
        {gaps.calendar && (
          <>
            , the year from {gap('yearStart', 'First day of the year', YEAR_STARTS)}, until{' '}
            <input
              className="gap w-[150px]"
              aria-label="Last day so reckoned"
              placeholder="always"
              value={gaps.until ?? ''}
              onChange={(event) => setGaps({ ...gaps, until: event.target.value })}
            />
          </>
        )}
        ; {gap('order', 'Order of bare numbers', ORDERS)}; seasons are{' '}
        {gap('hemisphere', 'Hemisphere', HALVES)}.
      </p>
      <FormButtons disabled={saving} onLeave={() => setChanging(false)} />
    </form>
  )
}

const CALENDARS: [string, string][] = [
  ['', 'in a calendar not said'],
  ['JULIAN', 'Julian'],
  ['GREGORIAN', 'Gregorian'],
  ['FRENCH_R', 'French Republican'],
  ['HEBREW', 'Hebrew'],
]
const YEAR_STARTS: [string, string][] = [
  ['', '1 January'],
  ['25 March', '25 March'],
  ['1 March', '1 March'],
  ['1 September', '1 September'],
  ['25 December', '25 December'],
]
const ORDERS: [string, string][] = [
  ['', '3/4 is not said to be either'],
  ['dmy', '3/4 is the 3rd of April'],
  ['mdy', '3/4 is the 4th of March'],
]
const HALVES: [string, string][] = [
  ['', 'not said'],
  ['north', 'those of the north'],
  ['south', 'those of the south'],
]
