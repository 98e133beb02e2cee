import { useState, type FormEvent } from 'react'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { EditConflict } from '../../parts/EditConflict'
import { Finder } from '../../parts/Finder'
import { findPlaces } from '../../parts/findPlaces'
import { FormButtons } from '../../parts/FormButtons'
import { useCommands } from '../../keys/commandRegistry'

type Place = Schemas['PlacePage']

/** What a place is called, what it is, what it lies in and where it is; changed where it stands. */
export function PlaceHeading({ place }: { place: Place }) {
  const tree = useTreeId()
  const [changing, setChanging] = useState(false)
  const [gaps, setGaps] = useState({ name: '', kind: '', latitude: '', longitude: '' })
  const [inside, setInside] = useState<{ id: string; line: string } | null>(null)
  const save = useWrite(
    () =>
      unwrap(
        api.PATCH('/api/trees/{tree}/places/{place}', {
          params: { path: { tree, place: place.id } },
          body: { ...gaps, insideId: inside?.id ?? '', version: place.version },
        }),
      ),
    () => setChanging(false),
  )
  const begin = () => {
    const { name, kind, latitude, longitude } = place
    setGaps({ name, kind, latitude, longitude })
    setInside(place.insideId ? { id: place.insideId, line: place.path.slice(1).join(', ') } : null)
    setChanging(true)
  }
  useCommands([{ key: 'c', says: 'Change this place', run: begin }])
  const gap = (name: keyof typeof gaps, label: string, className: string, hint: string) => (
    <input
      className={`gap ${className}`}
      aria-label={label}
      placeholder={hint}
      value={gaps[name]}
      onChange={(event) => setGaps({ ...gaps, [name]: event.target.value })}
    />
  )
  if (!changing)
    return (
      <header>
        <h2 className="font-serif text-[26px] leading-tight">{place.name}</h2>
        <p className="text-graphite">
          {[place.kind, place.path.length > 1 && `in ${place.path.slice(1).join(', ')}`]
            .filter(Boolean)
            .join(' ')}
          {place.latitude && ` · ${degrees(place.latitude, 'N', 'S')} ${degrees(place.longitude, 'E', 'W')}`}{' '}
          <button type="button" className="act text-[14px]" onClick={begin}>
            Change <kbd>c</kbd>
          </button>
        </p>
      </header>
    )
  const submit = (event: FormEvent) => {
    event.preventDefault()
    save.mutate(undefined)
  }
  return (
    <form
      onSubmit={submit}
      onKeyDown={(event) => event.key === 'Escape' && setChanging(false)}
      className="space-y-2 border-l-2 border-tide pl-3"
    >
      {gap('name', 'What it is called', 'w-full font-serif text-[22px]', 'what it is called')}
      <p>
        is a {gap('kind', 'What it is', 'w-[180px]', 'parish, village, farm')} in{' '}
        {inside ? (
          <button
            type="button"
            className="act"
            title="Remove it, or choose another"
            onClick={() => setInside(null)}
          >
            {inside.line}
          </button>
        ) : (
          'nothing, or'
        )}
      </p>
      {!inside && (
        <Finder
          label="what it lies in"
          queryKey="inside"
          find={(q) => findPlaces(tree, q)}
          onChosen={setInside}
        />
      )}
      <p>
        at {gap('latitude', 'Degrees north', 'w-[90px]', 'north')}{' '}
        {gap('longitude', 'Degrees east', 'w-[90px]', 'east')}{' '}
        <span className="text-[13px] text-graphite">degrees; south and west below nought</span>
      </p>
      <EditConflict problem={save.error} />
      <FormButtons disabled={save.isPending || gaps.name.trim() === ''} onLeave={() => setChanging(false)} />
    </form>
  )
}

function degrees(value: string, above: string, below: string) {
  return `${value.replace('-', '').replace(/\.?0+$/, '')}° ${value.startsWith('-') ? below : above}`
}
