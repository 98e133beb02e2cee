import { useState, type ReactNode } from 'react'
import { useTree } from '../api/useTree'
import { count } from './count'
import { PersonLink } from './PersonLink'

export type LivingPerson = { id: string; name: string }

type Props = {
  living: readonly LivingPerson[]
  /** How they are in it: drawn, named. */
  how: string
  /** The links to the files; each address is given what it says of the living. */
  links: (withLiving: (address: string) => string) => ReactNode
}

/** Links to files; where somebody living is in what is saved, who they are and what the file says of them comes first. */
export function LivingFirst({ living, how, links }: Props) {
  const [isOpen, setIsOpen] = useState(false)
  if (living.length === 0) return links((address) => address)
  if (!isOpen)
    return (
      <button type="button" className="act" onClick={() => setIsOpen(true)}>
        Save as a file
      </button>
    )
  return <BeforeSaving living={living} how={how} links={links} onLeave={() => setIsOpen(false)} />
}

function BeforeSaving({ living, how, links, onLeave }: Props & { onLeave: () => void }) {
  const { data: about } = useTree()
  const [told, setTold] = useState<ReadonlySet<string>>(new Set())
  const isOwner = about?.role === 'owner'
  const everybody = told.size === living.length
  const turn = (id: string) =>
    setTold(new Set(told.has(id) ? [...told].filter((one) => one !== id) : [...told, id]))
  const withLiving = (address: string) => {
    if (told.size === 0) return address
    const said = everybody ? 'living=keep' : `keep=${[...told].join(',')}`
    return `${address}${address.includes('?') ? '&' : '?'}${said}`
  }
  return (
    <section
      aria-label="Before it is saved"
      className="basis-full border-l-2 border-ochre py-1 pl-4"
      onKeyDown={(event) => event.key === 'Escape' && onLeave()}
    >
      <p>
        <span className="text-ochre">{count(living.length, 'living person', 'living people')}</span>{' '}
        {living.length === 1 ? 'is' : 'are'} {how} here; {says(told.size, living.length)}
      </p>
      <ul
        aria-label="The living"
        className="flex max-h-[160px] flex-wrap gap-x-4 gap-y-[2px] overflow-auto font-serif"
      >
        {living.map((person) => (
          <li key={person.id} className="flex items-baseline gap-1">
            {isOwner && (
              <input
                type="checkbox"
                aria-label={`Tell of ${person.name} in full`}
                checked={told.has(person.id)}
                onChange={() => turn(person.id)}
              />
            )}
            <PersonLink id={person.id}>{person.name}</PersonLink>
          </li>
        ))}
      </ul>
      {isOwner && (
        <label className="flex items-baseline gap-2">
          <input
            type="checkbox"
            checked={everybody}
            onChange={(event) => setTold(new Set(event.target.checked ? living.map(({ id }) => id) : []))}
          />
          Tell of them in full; the journal keeps that you did.
        </label>
      )}
      <p className="flex flex-wrap gap-x-5">
        {links(withLiving)}
        <button type="button" className="act" onClick={onLeave}>
          Cancel
        </button>
      </p>
    </section>
  )
}

function says(told: number, all: number): string {
  if (told === 0) return 'the file says “Living” in their place, and nothing else.'
  return told === all
    ? 'the file tells of them in full.'
    : `the file tells of ${told} in full and says “Living” in place of the others.`
}
