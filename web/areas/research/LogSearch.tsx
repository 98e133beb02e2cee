import { useState, type FormEvent } from 'react'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { Finder } from '../../parts/Finder'
import { findPeople } from '../../parts/findPeople'
import { FormButtons } from '../../parts/FormButtons'
import { OUTCOMES } from './outcomes'
import { saved } from '../../parts/saved'

type Outcome = Schemas['SearchInput']['outcome']

type Props = {
  /** For whom, where that is known already. */
  people: string[]
  /** A search that is logged already, and is changed. */
  search?: Schemas['SearchResource']
  onDone: () => void
}

/** A search is logged as a sentence with gaps: on, in, for, and what came of it. */
export function LogSearch({ people, search, onDone }: Props) {
  const tree = useTreeId()
  const [said, setSaid] = useState({
    date: search?.date ?? '',
    lookedIn: search?.lookedIn ?? '',
    lookedFor: search?.lookedFor ?? '',
    found: search?.found ?? '',
  })
  const [outcome, setOutcome] = useState<Outcome>((search?.outcome as Outcome | undefined) ?? 'nothing')
  const [isWhole, setWhole] = useState(search?.isWhole ?? false)
  const [named, setNamed] = useState<{ id: string; line: string }[]>([])
  const body = { ...said, outcome, isWhole, people: [...people, ...named.map((one) => one.id)] }
  const log = useWrite(
    () =>
      search
        ? unwrap(
            api.PATCH('/api/trees/{tree}/searches/{search}', {
              params: { path: { tree, search: search.id } },
              body: { ...body, note: search.note, version: search.version },
            }),
          )
        : unwrap(api.POST('/api/trees/{tree}/searches', { params: { path: { tree } }, body })),
    () => {
      saved('Saved.')
      onDone()
    },
  )
  const gap = (field: keyof typeof said, label: string, hint: string, width: string, first = false) => (
    <input
      className={`gap ${width}`}
      aria-label={label}
      placeholder={hint}
      autoFocus={first}
      value={said[field]}
      onChange={(event) => setSaid({ ...said, [field]: event.target.value })}
    />
  )
  const keep = (event: FormEvent) => {
    event.preventDefault()
    if (said.lookedIn.trim() !== '' && said.lookedFor.trim() !== '') log.mutate(undefined)
  }
  return (
    <form
      className="border-l-2 border-tide pl-3"
      aria-label={search ? 'Change what was logged' : 'Log a search'}
      onSubmit={keep}
      onKeyDown={(event) => event.key === 'Escape' && onDone()}
    >
      <p className="flex flex-wrap items-baseline gap-x-2 leading-[2]">
        On {gap('date', 'When', 'today', 'w-[110px]')} in
        {gap('lookedIn', 'Where it was looked for', 'the book, site or archive', 'min-w-[180px] grow', true)}
        for {gap('lookedFor', 'What was looked for', 'a name, an entry', 'min-w-[160px] grow')}, found
        <select
          className="gap"
          aria-label="What came of it"
          value={outcome}
          onChange={(event) => setOutcome(event.target.value as Outcome)}
        >
          {Object.keys(OUTCOMES).map((one) => (
            <option key={one} value={one}>
              {one}
            </option>
          ))}
        </select>
        {gap('found', 'What was found', 'in words', 'min-w-[160px] grow')}.
      </p>
      <label className="flex items-baseline gap-2">
        <input type="checkbox" checked={isWhole} onChange={(event) => setWhole(event.target.checked)} />
        The whole of a complete series was read
      </label>
      {people.length === 0 && !search && (
        <>
          <p className="font-serif">{named.map((one) => one.line).join(', ')}</p>
          <Finder
            label="For whom"
            queryKey="people"
            autoFocus={false}
            find={(q) => findPeople(tree, q)}
            onChosen={(found) => setNamed([...named, found])}
          />
        </>
      )}
      <FormButtons says={search ? 'Save' : 'Log it'} disabled={log.isPending} onLeave={onDone} />
    </form>
  )
}
