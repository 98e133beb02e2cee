import { useState } from 'react'
import { Link } from 'react-router'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { Finder, type Found } from '../../parts/Finder'
import { findPlaces } from '../../parts/findPlaces'
import { FormButtons } from '../../parts/FormButtons'

type Place = Schemas['PlacePage']
type Adding = '' | 'name' | 'inside' | 'church'

/** What a place was called, what it lay in and which church served it, each for its time. */
export function PlaceHistory({ place }: { place: Place }) {
  const tree = useTreeId()
  const path = useTreePath()
  const [adding, setAdding] = useState<Adding>('')
  const unname = useWrite((placeName: string) =>
    unwrap(
      api.DELETE('/api/trees/{tree}/place-names/{placeName}', { params: { path: { tree, placeName } } }),
    ),
  )
  const takeOut = useWrite((placeInside: string) =>
    unwrap(
      api.DELETE('/api/trees/{tree}/place-insides/{placeInside}', {
        params: { path: { tree, placeInside } },
      }),
    ),
  )
  const unsay = useWrite((placeChurch: string) =>
    unwrap(
      api.DELETE('/api/trees/{tree}/place-churches/{placeChurch}', {
        params: { path: { tree, placeChurch } },
      }),
    ),
  )
  const tie = (one: Schemas['PlaceLinkResource'], word: string, onOff: () => void) => (
    <li key={one.id} className="flex items-baseline gap-2">
      <span>
        {word}{' '}
        <Link className="act font-serif text-[16px]" to={path(`places/${one.placeId}`)}>
          {one.name}
        </Link>{' '}
        <span className="text-graphite">{years(one.from, one.to)}</span>
      </span>
      <Off says={`Take ${one.name} off`} onOff={onOff} />
    </li>
  )
  return (
    <section aria-label="In its time" className="mt-3">
      <h3 className="heads font-semibold">In its time</h3>
      <ul>
        {place.names.map((name) => (
          <li key={name.id} className="flex items-baseline gap-2">
            <span>
              called <span className="font-serif text-[16px]">{name.name}</span>{' '}
              <span className="text-graphite">
                {[name.language && `in ${name.language}`, years(name.from, name.to)]
                  .filter(Boolean)
                  .join(', ')}
              </span>
            </span>
            <Off says={`Take ${name.name} off`} onOff={() => unname.mutate(name.id)} />
          </li>
        ))}
        {place.insides.map((inside) => tie(inside, 'lay in', () => takeOut.mutate(inside.id)))}
        {place.churches.map((church) => tie(church, 'its church', () => unsay.mutate(church.id)))}
      </ul>
      {adding !== '' ? (
        <AddTime place={place} what={adding} onDone={() => setAdding('')} />
      ) : (
        <p className="flex flex-wrap gap-x-5 text-[14px]">
          <button type="button" className="act" onClick={() => setAdding('name')}>
            Another name
          </button>
          <button type="button" className="act" onClick={() => setAdding('inside')}>
            It once lay in…
          </button>
          <button type="button" className="act" onClick={() => setAdding('church')}>
            Its church was…
          </button>
        </p>
      )}
    </section>
  )
}

function years(from: string, to: string) {
  if (from && to) return `from ${from} to ${to}`
  return from ? `from ${from}` : to ? `until ${to}` : ''
}

function Off({ says, onOff }: { says: string; onOff: () => void }) {
  return (
    <button type="button" className="act text-[13px]" aria-label={says} onClick={onOff}>
      Remove
    </button>
  )
}

function AddTime({ place, what, onDone }: { place: Place; what: Adding; onDone: () => void }) {
  const tree = useTreeId()
  const [name, setName] = useState('')
  const [language, setLanguage] = useState('')
  const [other, setOther] = useState<Found | null>(null)
  const [from, setFrom] = useState('')
  const [to, setTo] = useState('')
  const at = { path: { tree, place: place.id } }
  const save = useWrite(() => {
    if (what === 'name')
      return unwrap(
        api.POST('/api/trees/{tree}/places/{place}/names', {
          params: at,
          body: { name, language, from, to },
        }),
      )
    const body = { placeId: other?.id ?? '', from, to }
    return what === 'inside'
      ? unwrap(api.POST('/api/trees/{tree}/places/{place}/insides', { params: at, body }))
      : unwrap(api.POST('/api/trees/{tree}/places/{place}/churches', { params: at, body }))
  }, onDone)
  const gap = (label: string, hint: string, value: string, set: (text: string) => void) => (
    <input
      className="gap w-[130px]"
      aria-label={label}
      placeholder={hint}
      value={value}
      onChange={(event) => set(event.target.value)}
    />
  )
  return (
    <form
      className="space-y-2 border-l-2 border-tide pl-3"
      onSubmit={(event) => {
        event.preventDefault()
        save.mutate(undefined)
      }}
      onKeyDown={(event) => event.key === 'Escape' && onDone()}
    >
      {what === 'name' ? (
        <p>
          It was called{' '}
          <input
            autoFocus
            className="gap w-[180px]"
            aria-label="Its other name"
            placeholder="name"
            value={name}
            onChange={(event) => setName(event.target.value)}
          />{' '}
          in {gap('In which language', 'any language', language, setLanguage)}
        </p>
      ) : other ? (
        <p>
          {what === 'inside' ? 'It lay in' : 'Its church was'}{' '}
          <button type="button" className="act" onClick={() => setOther(null)}>
            {other.line}
          </button>
        </p>
      ) : (
        <Finder
          label={what === 'inside' ? 'what it lay in' : 'which church served it'}
          queryKey="times"
          find={(q) => findPlaces(tree, q)}
          onChosen={setOther}
          onLeave={onDone}
        />
      )}
      <p>
        from {gap('From when', 'always', from, setFrom)} to {gap('Until when', 'today', to, setTo)}
      </p>
      <FormButtons
        disabled={save.isPending || (what === 'name' ? name.trim() === '' : other === null)}
        onLeave={onDone}
      />
    </form>
  )
}
