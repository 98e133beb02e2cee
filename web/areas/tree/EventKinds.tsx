import { useQuery } from '@tanstack/react-query'
import { useState, type ReactNode } from 'react'
import { api, asRead, unwrap, type Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { useTreeId, useWrite } from '../../api/useTree'
import { Cancel } from '../../parts/Cancel'
import { KindTraits, SAYS_NOTHING, type Says } from '../../parts/KindTraits'

type Kind = Schemas['KindResource']

/** Kinds of event of this tree's own, and what each says of a life. */
export function EventKinds() {
  const tree = useTreeId()
  const { data } = useQuery(queries.eventKinds(tree))
  const [open, setOpen] = useState('')
  const traits = data?.traits ?? {}
  const own = data?.kinds.filter((kind) => kind.ownId !== null) ?? []
  return (
    <section aria-label="Kinds of event of your own">
      <h2 className="heads">Kinds of event of your own</h2>
      {own.length === 0 && <p className="text-[14px] text-graphite">There are none yet.</p>}
      <ul>
        {own.map((kind) =>
          open === kind.ownId ? (
            <li key={kind.ownId}>
              <Change kind={kind} traits={traits} onLeave={() => setOpen('')} />
            </li>
          ) : (
            <li key={kind.ownId} className="py-[2px]">
              <span className="font-serif text-[16px]">{kind.word}</span>{' '}
              <span className="text-[14px] text-graphite">{told(kind, traits)}</span>{' '}
              <button
                type="button"
                className="act text-[13px]"
                aria-label={`Change what ${kind.word} says`}
                onClick={() => setOpen(kind.ownId ?? '')}
              >
                Change
              </button>
            </li>
          ),
        )}
      </ul>
      {open === 'new' ? (
        <Make traits={traits} onLeave={() => setOpen('')} />
      ) : (
        <button type="button" className="act" onClick={() => setOpen('new')}>
          New kind
        </button>
      )}
    </section>
  )
}

function told(kind: Kind, traits: Record<string, string>): string {
  return [
    kind.ofUnion ? (kind.ofPerson ? 'a person’s or a couple’s' : 'a couple’s') : '',
    kind.single ? 'happened once only' : '',
    ...kind.traits.map((trait) => traits[trait] ?? trait),
  ]
    .filter(Boolean)
    .join(', ')
}

function Change(props: { kind: Kind; traits: Record<string, string>; onLeave: () => void }) {
  const tree = useTreeId()
  const { kind } = props
  const [says, setSays] = useState<Says>(kind)
  const path = { tree, eventKind: kind.ownId ?? '' }
  const keep = useWrite(
    () =>
      unwrap(
        api.PUT('/api/trees/{tree}/event-kinds/{eventKind}', {
          params: { path },
          body: {
            version: kind.version,
            ofPerson: says.ofPerson,
            ofUnion: says.ofUnion,
            single: says.single,
            traits: says.traits,
            sentence: says.sentence,
          },
        }),
      ),
    props.onLeave,
  )
  const remove = useWrite(
    () =>
      unwrap(
        api.DELETE('/api/trees/{tree}/event-kinds/{eventKind}', {
          params: { path },
          ...asRead(kind.version),
        }),
      ),
    props.onLeave,
  )
  return (
    <KindForm onSave={() => keep.mutate(undefined)} onLeave={props.onLeave}>
      <p className="font-serif text-[16px]">{kind.word}</p>
      <KindTraits says={says} word={kind.word} traits={props.traits} onSays={setSays} />
      <p className="mt-2 flex flex-wrap gap-5">
        <button className="act-main" disabled={keep.isPending || !(says.ofPerson || says.ofUnion)}>
          Save
        </button>
        <Cancel onLeave={props.onLeave} />
        <button type="button" className="act" onClick={() => remove.mutate(undefined)}>
          Delete, its facts stay
        </button>
      </p>
    </KindForm>
  )
}

function Make(props: { traits: Record<string, string>; onLeave: () => void }) {
  const tree = useTreeId()
  const [word, setWord] = useState('')
  const [hasValue, setHasValue] = useState(false)
  const [says, setSays] = useState(SAYS_NOTHING)
  const make = useWrite(
    () =>
      unwrap(
        api.POST('/api/trees/{tree}/event-kinds', {
          params: { path: { tree } },
          body: { word, hasValue, ...says },
        }),
      ),
    props.onLeave,
  )
  return (
    <KindForm onSave={() => make.mutate(undefined)} onLeave={props.onLeave}>
      <p className="flex flex-wrap items-baseline gap-5">
        <input
          className="gap w-[240px] font-serif text-[16px]"
          aria-label="What the kind is called"
          placeholder="what it is called"
          autoFocus
          value={word}
          onChange={(event) => setWord(event.target.value)}
        />
        <label className="text-[14px]">
          <input type="checkbox" checked={hasValue} onChange={() => setHasValue(!hasValue)} /> says something
          besides when and where
        </label>
      </p>
      <KindTraits says={says} word={word} traits={props.traits} onSays={setSays} />
      <p className="mt-2 flex gap-5">
        <button className="act-main" disabled={make.isPending || word.trim() === ''}>
          Save
        </button>
        <Cancel onLeave={props.onLeave} />
      </p>
    </KindForm>
  )
}

function KindForm(props: { onSave: () => void; onLeave: () => void; children: ReactNode }) {
  return (
    <form
      className="border-l-2 border-tide py-2 pl-4"
      onKeyDown={(event) => event.key === 'Escape' && props.onLeave()}
      onSubmit={(event) => {
        event.preventDefault()
        props.onSave()
      }}
    >
      {props.children}
    </form>
  )
}
