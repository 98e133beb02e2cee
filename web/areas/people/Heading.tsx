import { useState, type KeyboardEvent } from 'react'
import { Link } from 'react-router'
import { toast } from 'sonner'
import { api, told } from '../../api/client'
import { useTreeId, useTreePath, useWrite, type Person } from '../../api/useTree'
import { FaceCut } from '../../parts/page/FaceCut'

/** The name that leads, its years and number; the name is changed where it stands. */
export function Heading({ person, onAdd }: { person: Person; onAdd: () => void }) {
  const tree = useTreeId()
  const path = useTreePath()
  const lead = person.names[0]
  const [typed, setTyped] = useState<string | null>(null)
  const change = useWrite(
    (text: string) =>
      told(
        api.PATCH('/api/trees/{tree}/names/{name}', {
          params: { path: { tree, name: lead?.id ?? '' } },
          body: { typed: text, version: lead?.version ?? 0 },
        }),
      ),
    () => setTyped(null),
  )
  const pressed = (event: KeyboardEvent) => {
    if (event.key === 'Enter' && typed !== null) change.mutate(typed)
    if (event.key === 'Escape') setTyped(null)
  }
  const copy = () => {
    void navigator.clipboard
      ?.writeText(String(person.number))
      .then(() => toast.success(`${person.number} copied`))
  }
  return (
    <header className="flex min-h-[56px] shrink-0 items-baseline gap-4 max-sm:flex-wrap max-sm:gap-y-0 pt-2">
      {person.portrait && (
        <FaceCut
          cut={person.portrait}
          media={person.portrait.mediaId}
          page={person.portrait.size}
          side={56}
          label={`Portrait of ${person.name}`}
        />
      )}
      {typed === null ? (
        <h1
          className={`min-w-0 font-serif leading-[1.15] ${person.name.length > 44 ? 'text-[20px]' : 'text-[28px]'}`}
        >
          <button
            type="button"
            className="line-clamp-2 text-left hover:text-tide"
            title="Change the name"
            onClick={() => setTyped(lead?.typed ?? '')}
          >
            {person.name}
          </button>
        </h1>
      ) : (
        <input
          className="gap grow font-serif text-[24px]"
          aria-label="Name, the surname between slashes if need be"
          value={typed}
          autoFocus
          onChange={(event) => setTyped(event.target.value)}
          onKeyDown={pressed}
          onBlur={() => typed === lead?.typed && setTyped(null)}
        />
      )}
      <span className="shrink-0 text-[17px] text-graphite">{person.years}</span>
      {person.toCentre !== '' && (
        <span className="min-w-0 truncate text-[14px] text-graphite" title={person.toCentre}>
          {person.toCentre}
        </span>
      )}
      <button
        type="button"
        className="shrink-0 text-[13px] text-graphite hover:text-tide"
        title="Copy the number"
        onClick={copy}
      >
        no. {person.number}
      </button>
      <span className="ml-auto flex shrink-0 gap-4 text-[14px]">
        <Link className="act" to={path(`drawings/${person.id}`)}>
          Draw
        </Link>
        <button type="button" className="act" onClick={onAdd}>
          Add <kbd>a</kbd>
        </button>
      </span>
    </header>
  )
}
