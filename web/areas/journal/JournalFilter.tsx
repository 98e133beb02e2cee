import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { useSearchParams } from 'react-router'
import { useTreeId } from '../../api/useTree'
import { DateField } from '../../parts/DateField'
import { findPeople } from '../../parts/findPeople'
import { Finder } from '../../parts/Finder'
import { HOW } from './how'
import { useWindowState } from '../../parts/useWindowState'
import { queries } from '../../api/queries'

const FIELDS = [
  'names',
  'dates',
  'places',
  'standing',
  'parents',
  'partners',
  'citations',
  'records',
  'questions',
  'notes',
]

/** Whose, what, by whom, on which days: kept in the address, so that it can be handed on. */
export function JournalFilter({ authors }: { authors: Record<string, string> }) {
  const tree = useTreeId()
  const [query, setQuery] = useSearchParams()
  const [last, setLast] = useWindowState('journal.asked', '')
  const [finding, setFinding] = useState(false)
  const person = query.get('person') ?? ''
  const { data } = useQuery({ ...queries.person(tree, person), enabled: person !== '' })
  const set = (name: string, value: string) => {
    const next = new URLSearchParams(query)
    if (value === '') next.delete(name)
    else next.set(name, value)
    setLast(next.toString())
    setQuery(next, { replace: true })
  }
  // What was asked last is asked again when one comes back; whoever comes with a question of their own asks that.
  useEffect(() => {
    if (last !== '' && query.size === 0) setQuery(new URLSearchParams(last), { replace: true })
    // Only on coming here.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])
  const select = (name: string, label: string, all: string, choices: Record<string, string>) => (
    <select
      className="gap"
      aria-label={label}
      value={query.get(name) ?? ''}
      onChange={(event) => set(name, event.target.value)}
    >
      <option value="">{all}</option>
      {Object.entries(choices).map(([value, word]) => (
        <option key={value} value={value}>
          {word}
        </option>
      ))}
    </select>
  )
  return (
    <div role="search" aria-label="In the journal" className="mt-1 text-[14px]">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <button
          type="button"
          className="act"
          onClick={() => (person === '' ? setFinding(!finding) : set('person', ''))}
        >
          {person === '' ? 'of everybody' : `of ${data?.name ?? '…'} ×`}
        </button>
        {select(
          'field',
          'What was changed',
          'everything',
          Object.fromEntries(FIELDS.map((one) => [one, one])),
        )}
        {select('author', 'By whom', 'by anybody', authors)}
        {select('how', 'How', 'in any way', HOW)}
        {(['from', 'to'] as const).map((end) => (
          <span key={end} className="w-[150px]">
            <DateField
              aria-label={end === 'from' ? 'From what day' : 'Until what day'}
              placeholder={`${end} what day`}
              value={query.get(end) ?? ''}
              onValue={(value) => set(end, value)}
            />
          </span>
        ))}
      </div>
      {finding && person === '' && (
        <div className="max-w-[360px]">
          <Finder
            label="Whose changes"
            queryKey="journal of"
            find={(typed) => findPeople(tree, typed)}
            onChosen={(found) => {
              setFinding(false)
              set('person', found.id)
            }}
            onLeave={() => setFinding(false)}
          />
        </div>
      )}
    </div>
  )
}
