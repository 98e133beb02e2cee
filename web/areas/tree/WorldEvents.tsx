import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { DateGap } from '../../parts/DateGap'
import { PlaceGap } from '../../parts/PlaceGap'

/** What happened around the people of this tree; it can be folded in beside their lives. */
export function WorldEvents() {
  const tree = useTreeId()
  const [words, setWords] = useState('')
  const [date, setDate] = useState('')
  const [place, setPlace] = useState('')
  const { data } = useQuery({
    queryKey: ['world-events', tree],
    queryFn: () => told(api.GET('/api/trees/{tree}/world-events', { params: { path: { tree } } })),
  })
  const tell = useWrite(
    () =>
      told(
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
    told(
      api.DELETE('/api/trees/{tree}/world-events/{worldEvent}', { params: { path: { tree, worldEvent } } }),
    ),
  )
  return (
    <section>
      <h2 className="heads">What happened around them</h2>
      <ul className="max-h-[280px] overflow-auto" tabIndex={0} aria-label="What happened around them">
        {data?.events.map((one) => (
          <li key={one.id} className="grid grid-cols-[96px_minmax(0,1fr)_auto] items-baseline gap-3">
            <span className="text-graphite">{one.shown}</span>
            <span>
              {one.words}
              {one.place && <span className="text-graphite">, {one.place}</span>}
            </span>
            <button
              type="button"
              className="act text-[13px]"
              aria-label={`Remove: ${one.words}`}
              onClick={() => untell.mutate(one.id)}
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
        <DateGap aria-label="When it happened" value={date} onValue={setDate} place={place} />
        <input
          className="gap"
          aria-label="What happened"
          placeholder="the kirk burned"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
        <PlaceGap
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
