import { useState } from 'react'
import { api, unwrap } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { Finder, type Found } from '../../parts/Finder'
import { findPlaces } from '../../parts/findPlaces'
import { FormButtons } from '../../parts/FormButtons'

/** A new place as a sentence: what it is called, what it is, and what it lies in. */
export function AddPlace({ onMade, onLeave }: { onMade: (id: string) => void; onLeave: () => void }) {
  const tree = useTreeId()
  const [name, setName] = useState('')
  const [kind, setKind] = useState('')
  const [inside, setInside] = useState<Found | null>(null)
  const make = useWrite(
    () =>
      unwrap(
        api.POST('/api/trees/{tree}/places', {
          params: { path: { tree } },
          body: { name, kind, insideId: inside?.id ?? '' },
        }),
      ),
    (made) => onMade(made.id),
  )
  return (
    <form
      className="max-w-[560px] space-y-3 px-6 py-4"
      onSubmit={(event) => {
        event.preventDefault()
        if (name.trim() !== '') make.mutate(undefined)
      }}
      onKeyDown={(event) => event.key === 'Escape' && onLeave()}
    >
      <input
        autoFocus
        className="gap w-full font-serif text-[26px]"
        aria-label="What the place is called"
        placeholder="what it is called"
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <p>
        is a{' '}
        <input
          className="gap w-[200px]"
          aria-label="What it is"
          placeholder="parish, village, farm"
          value={kind}
          onChange={(event) => setKind(event.target.value)}
        />{' '}
        in{' '}
        {inside && (
          <button type="button" className="act" onClick={() => setInside(null)}>
            {inside.line}
          </button>
        )}
      </p>
      {!inside && (
        <Finder
          label="what it lies in"
          queryKey="inside"
          find={(q) => findPlaces(tree, q)}
          onChosen={setInside}
          autoFocus={false}
        />
      )}
      <FormButtons says="Add" disabled={make.isPending || name.trim() === ''} onLeave={onLeave} />
    </form>
  )
}
