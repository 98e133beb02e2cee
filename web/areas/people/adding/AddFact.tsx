import { useQuery } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, unwrap } from '../../../api/client'
import { useTreeId, useWrite, type Person } from '../../../api/useTree'
import { DateField } from '../../../parts/DateField'
import { PlaceField } from '../../../parts/PlaceField'
import { useDraft } from '../../../parts/useDraft'
import { Cancel } from '../../../parts/Cancel'
import { KindTraits, SAYS_NOTHING } from '../../../parts/KindTraits'
import { queries } from '../../../api/queries'

/** A fact as a sentence with gaps: what, when, where, and what else it says. */
export function AddFact(props: { person: Person; onKept: (id: string) => void; onLeave: () => void }) {
  const { person } = props
  const tree = useTreeId()
  const draft = `${tree}:${person.id}:fact`
  const [kind, setKind] = useState('birth')
  const [date, setDate, forgetDate] = useDraft(`${draft}:date`)
  const [place, setPlace, forgetPlace] = useDraft(`${draft}:place`)
  const [value, setValue, forgetValue] = useDraft(`${draft}:value`)
  const { data: kinds } = useQuery(queries.eventKinds(tree))
  const chosen = kinds?.kinds.find((one) => (one.ownId ?? one.code) === kind)
  const [own, setOwn] = useState('')
  const [says, setSays] = useState(SAYS_NOTHING)
  const make = useWrite(
    () =>
      unwrap(
        api.POST('/api/trees/{tree}/event-kinds', {
          params: { path: { tree } },
          body: { word: own, hasValue: true, ...says },
        }),
      ),
    (made) => setKind(made.id),
  )
  const union = person.unions.find((union) => !union.isOut)?.id
  const keep = useWrite(
    (again: boolean) => {
      const body = {
        again,
        kind: chosen?.code ?? kind,
        date,
        place,
        value,
        ...(chosen?.ownId ? { typeWords: chosen.word } : {}),
      }
      return chosen && !chosen.ofPerson
        ? unwrap(
            api.POST('/api/trees/{tree}/unions/{union}/facts', {
              params: { path: { tree, union: union ?? '' } },
              body,
            }),
          )
        : unwrap(
            api.POST('/api/trees/{tree}/people/{person}/facts', {
              params: { path: { tree, person: person.id } },
              body,
            }),
          )
    },
    (made) => {
      forgetDate()
      forgetPlace()
      forgetValue()
      props.onKept(made.id)
    },
  )
  const submit = (event: FormEvent) => {
    event.preventDefault()
    keep.mutate(false)
  }
  return (
    <form
      onSubmit={submit}
      onKeyDown={(event) => event.key === 'Escape' && props.onLeave()}
      className="grid grid-cols-[150px_190px_minmax(120px,1fr)_auto] items-start gap-3 border-l-2 border-tide py-2 pl-4 @max-xl:grid-cols-1"
    >
      <select
        className="gap"
        aria-label="Kind of fact"
        autoFocus
        value={kind}
        onChange={(event) => setKind(event.target.value)}
      >
        {kinds?.kinds
          .filter((kind) => kind.ofPerson || union)
          .map((kind) => (
            <option key={kind.ownId ?? kind.code} value={kind.ownId ?? kind.code}>
              {kind.word}
            </option>
          ))}
        <option value="own">a kind of one’s own…</option>
      </select>
      {kind === 'own' && (
        <>
          <input
            className="gap"
            aria-label="What the kind is called"
            placeholder="what it is called"
            autoFocus
            value={own}
            onChange={(event) => setOwn(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== 'Enter') return
              event.preventDefault()
              if (own.trim() !== '') make.mutate(undefined)
            }}
          />
          <button
            type="button"
            className="act justify-self-start"
            disabled={own.trim() === '' || make.isPending}
            onClick={() => make.mutate(undefined)}
          >
            Make the kind
          </button>
          <KindTraits says={says} word={own} traits={kinds?.traits ?? {}} onSays={setSays} />
        </>
      )}
      <DateField aria-label="Date" value={date} onValue={setDate} place={place} />
      <span className="flex flex-col gap-2">
        <PlaceField aria-label="Place" value={place} onValue={setPlace} date={date} />
        {chosen?.hasValue && (
          <input
            className="gap"
            aria-label={`${chosen.word}, in words`}
            placeholder={chosen.word.toLowerCase()}
            value={value}
            onChange={(event) => setValue(event.target.value)}
          />
        )}
      </span>
      <span className="flex gap-3">
        <button className="act-main" disabled={keep.isPending || kind === 'own'}>
          Save
        </button>
        <Cancel onLeave={props.onLeave} />
      </span>
      {keep.error?.details.again === true && (
        <p role="alert" className="col-span-full flex gap-4 text-[14px] text-madder">
          {keep.error.message}
          <button type="button" className="act" onClick={() => keep.mutate(true)}>
            Add it all the same
          </button>
        </p>
      )}
    </form>
  )
}
