import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, unwrap } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { DateField } from '../../parts/DateField'
import { PlaceField } from '../../parts/PlaceField'
import { queries } from '../../api/queries'

/** What happened around the people of this tree; it can be folded in beside their lives. */
export function WorldEvents() {
  const tree = useTreeId()
  const [words, setWords] = useState('')
  const [date, setDate] = useState('')
  const [place, setPlace] = useState('')
  const { data } = useQuery(queries.worldEvents(tree))
  const tell = useWrite(
    () =>
      unwrap(
        api.POST('/api/trees/{tree}/world-events', {
          params: { path: { tree } },
          body: { words, date, place },
        }),
      ),
    () => {
      setWords('')
      setDate('')
      setPlace('')
    },
  )
  const untell = useWrite((worldEvent: string) =>
    unwrap(
      api.DELETE('/api/trees/{tree}/world-events/{worldEvent}', { params: { path: { tree, worldEvent } } }),
    ),
  )
  return (
    <section>
      <h2 className="heads">What happened around them</h2>
      <ul className="max-h-[280px] overflow-auto" tabIndex={0} aria-label="What happened around them">
        {data?.events.map((event) => (
          <li key={event.id} className="grid grid-cols-[96px_minmax(0,1fr)_auto] items-baseline gap-3">
            <span className="text-graphite">{event.shown}</span>
            <span>
              {event.words}
              {event.place && <span className="text-graphite">, {event.place}</span>}
            </span>
            <button
              type="button"
              className="act text-[13px]"
              aria-label={`Remove: ${event.words}`}
              onClick={() => untell.mutate(event.id)}
            >
              Remove
            </button>
          </li>
        ))}
      </ul>
      <form
        className="mt-1 grid grid-cols-[120px_1fr_1fr_auto] items-start gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          if (words.trim() !== '') tell.mutate(undefined)
        }}
      >
        <DateField aria-label="When it happened" value={date} onValue={setDate} place={place} />
        <input
          className="gap"
          aria-label="What happened"
          placeholder="the kirk burned"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
        <PlaceField
          aria-label="Where it happened"
          placeholder="everywhere"
          value={place}
          onValue={setPlace}
          date={date}
        />
        <button className="act" disabled={tell.isPending}>
          Add
        </button>
      </form>
    </section>
  )
}
