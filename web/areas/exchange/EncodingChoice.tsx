import { useId } from 'react'
import type { Schemas } from '../../api/client'

const NAMES: Record<string, string> = {
  ANSEL: 'ANSEL (libraries)',
  CP1252: 'Windows, western',
  MACINTOSH: 'Macintosh',
  CP850: 'DOS, western (850)',
  CP437: 'DOS, American (437)',
  'ISO-8859-2': 'ISO 8859-2, central European',
  CP1250: 'Windows, central European',
  CP1251: 'Windows, Cyrillic',
  'ISO-8859-15': 'ISO 8859-15, western',
}

/** An encoding as people call it. */
export const encodingName = (name: string) => NAMES[name] ?? name

/** A line of a file without its level, pointer and tag. */
const words = (line: string) => line.replace(/^\s*\d+\s+(@[^@]+@\s+)?\w+\s?/, '')

type Props = {
  readings: Schemas['EncodingSample'][]
  inDoubt: boolean
  value: string
  onChange: (encoding: string) => void
}

/** How the letters of a file are read: some of its lines as each encoding has them, those that fit best first. */
export function EncodingChoice({ readings, inDoubt, value, onChange }: Props) {
  const group = useId()
  if (readings.length === 0) return null
  const sample = (one: Schemas['EncodingSample']) => one.lines.map(words).join(' · ')
  const isTold = (one: Schemas['EncodingSample'], at: number) =>
    one.odd === 0 && readings.findIndex((reading) => sample(reading) === sample(one)) === at
  const choice = (one: Schemas['EncodingSample']) => (
    <li key={one.name}>
      <label className="flex items-baseline gap-2">
        <input type="radio" name={group} checked={value === one.name} onChange={() => onChange(one.name)} />
        <span className="w-[190px] shrink-0 max-sm:w-[96px]">{encodingName(one.name)}</span>
        <span className="min-w-0 font-serif break-words">{sample(one)}</span>
        {one.odd > 0 && <span className="shrink-0 text-[13px] text-ochre">odd in {one.odd}</span>}
      </label>
    </li>
  )
  const rest = readings.filter((reading, at) => !isTold(reading, at))
  const choices = (
    <>
      <ul className="mt-1">{readings.filter(isTold).map(choice)}</ul>
      {rest.length > 0 && (
        <details>
          <summary className="cursor-pointer text-graphite">Others ({rest.length})</summary>
          <ul>{rest.map(choice)}</ul>
        </details>
      )}
    </>
  )
  if (inDoubt)
    return (
      <fieldset className="mt-3">
        <legend className="text-ochre">
          Its letters are not in the encoding that it names. Which of these reads right?
        </legend>
        {choices}
      </fieldset>
    )
  return (
    <details className="mt-1">
      <summary className="cursor-pointer">Do its letters read right?</summary>
      <fieldset>
        <legend className="sr-only">Encoding</legend>
        {choices}
      </fieldset>
    </details>
  )
}
