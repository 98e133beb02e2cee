import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { PersonLink } from '../../parts/PersonLink'
import { useDebounced } from '../../parts/useDebounced'
import { LogSearch } from '../research/LogSearch'
import { SearchLine } from '../research/SearchLine'
import { queries } from '../../api/queries'

/** What helps in deciding: ages and places at one time, spellings, when each was last seen, searches, and what to look for next. */
export function CaseContext({ page }: { page: Schemas['CasePage'] }) {
  const tree = useTreeId()
  const [on, setOn] = useState('')
  const [logging, setLogging] = useState(false)
  const rested = useDebounced(on.trim(), 300)
  const { data } = useQuery({
    ...queries.besideCase(tree, page.id, rested),
    placeholderData: keepPreviousData,
  })
  const concerned = [
    ...new Set(
      [page.person, page.other, ...page.alternatives.map((alternative) => alternative.person)].flatMap(
        (one) => (one ? [one.id] : []),
      ),
    ),
  ]
  return (
    <aside aria-label="Beside the case" className="min-h-0 overflow-auto text-[14px]">
      <h2 className="heads flex items-baseline gap-2 font-semibold">
        Ages and places in
        <input
          className="gap w-[110px] font-normal"
          aria-label="At what time"
          placeholder={data?.on || 'a year'}
          value={on}
          onChange={(event) => setOn(event.target.value)}
        />
      </h2>
      <ul>
        {data?.people.map((person) => (
          <li key={person.personId} className="flex items-baseline gap-2 border-b border-rule py-[2px]">
            <span className="min-w-0 grow">
              <span className={person.who === '' ? 'font-serif text-[16px]' : 'font-serif'}>
                <PersonLink id={person.personId}>{person.name}</PersonLink>
              </span>{' '}
              <span className="text-graphite">
                {[person.who, person.place && `${person.place.split(',')[0] ?? ''} ${person.when}`]
                  .filter(Boolean)
                  .join('; ')}
              </span>
            </span>
            <span className="shrink-0 tabular-nums">{person.not || person.age || '–'}</span>
          </li>
        ))}
      </ul>
      {data?.people.length === 0 && <p className="text-graphite">Type a year to see.</p>}
      <h2 className="heads mt-3 font-semibold">Last seen, and missing</h2>
      <ul>
        {data?.seen.map((one) => (
          <li key={one.personId}>
            <span className="font-serif">{one.name}</span>: {one.last || 'nothing is dated'}
            <span className="text-graphite">
              {one.missing === '' ? '' : `; not found after a full search of ${one.missing}`}
            </span>
          </li>
        ))}
      </ul>
      <h2 className="heads mt-3 font-semibold">Searches</h2>
      <ul>
        {data?.searches.map((search) => (
          <SearchLine key={search.id} search={search} />
        ))}
      </ul>
      {logging ? (
        <LogSearch people={concerned} onDone={() => setLogging(false)} />
      ) : (
        <button type="button" className="act" onClick={() => setLogging(true)}>
          Log a search
        </button>
      )}
      <NextSteps page={page} />
      <h2 className="heads mt-3 font-semibold">Spellings</h2>
      <ul>
        {data?.names.map((name) => (
          <li key={name.name}>
            <span className="font-serif">{name.name}</span>:{' '}
            {name.variants.join(', ') || 'no other form known'}
            <span className="text-graphite">
              {' '}
              {name.usedBy.map((who, index) => (
                <span key={who.id}>
                  {index > 0 && ', '}
                  <PersonLink id={who.id}>{who.name}</PersonLink> {who.life}
                </span>
              ))}
              {name.of > name.usedBy.length && ` of ${name.of}`}
            </span>
          </li>
        ))}
      </ul>
    </aside>
  )
}

/** What to look for next, as tasks of the case. */
function NextSteps({ page }: { page: Schemas['CasePage'] }) {
  const tree = useTreeId()
  const [text, setText] = useState('')
  const add = useWrite(
    () =>
      unwrap(
        api.POST('/api/trees/{tree}/cases/{question}/tasks', {
          params: { path: { tree, question: page.id } },
          body: { text },
        }),
      ),
    () => setText(''),
  )
  const done = useWrite((task: Schemas['TaskResource']) =>
    unwrap(
      api.PATCH('/api/trees/{tree}/tasks/{task}', {
        params: { path: { tree, task: task.id } },
        body: { done: !task.done, version: task.version },
      }),
    ),
  )
  const keep = (event: FormEvent) => {
    event.preventDefault()
    if (text.trim() !== '') add.mutate(undefined)
  }
  return (
    <section aria-label="What to look for next">
      <h2 className="heads mt-3 font-semibold">What to look for next</h2>
      <ul>
        {page.tasks.map((task) => (
          <li key={task.id}>
            <label className="flex items-baseline gap-2">
              <input type="checkbox" checked={task.done} onChange={() => done.mutate(task)} />
              <span className={task.done ? 'text-graphite line-through' : ''}>{task.text}</span>
            </label>
          </li>
        ))}
      </ul>
      <form onSubmit={keep}>
        <input
          className="gap w-full"
          aria-label="Something to look for"
          placeholder="something to look for"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </form>
    </section>
  )
}
