import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useId, useState, type KeyboardEvent } from 'react'
import { useTreeId } from '../api/useTree'
import { useDebounced } from './useDebounced'
import { Cancel } from './Cancel'

export type Found = { id: string; line: string; more: string }

type Props = {
  label: string
  /** What is looked for, apart from what else is; the tree is added to it. */
  queryKey: string
  find: (typed: string) => Promise<Found[]>
  onChosen: (found: Found) => void
  onLeave?: () => void
  autoFocus?: boolean
}

/** A field that finds something in the tree as one types; arrows choose, Enter takes. */
export function Finder({ label, queryKey, find, onChosen, onLeave, autoFocus = true }: Props) {
  const id = useId()
  const tree = useTreeId()
  const [typed, setTyped] = useState('')
  const [at, setAt] = useState(0)
  const rested = useDebounced(typed.trim(), 150)
  const { data } = useQuery({
    queryKey: ['finder', tree, queryKey, rested],
    queryFn: () => find(rested),
    enabled: rested !== '',
    placeholderData: keepPreviousData,
  })
  const offers = rested === '' ? [] : (data ?? [])
  const pressed = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault()
      setAt((now) => Math.max(0, Math.min(offers.length - 1, now + (event.key === 'ArrowDown' ? 1 : -1))))
    } else if (event.key === 'Enter') {
      event.preventDefault()
      const chosen = offers[at]
      if (chosen) onChosen(chosen)
    } else if (event.key === 'Escape') {
      event.stopPropagation()
      onLeave?.()
    }
  }
  return (
    <div>
      <input
        role="combobox"
        aria-label={label}
        aria-expanded={offers.length > 0}
        aria-controls={id}
        aria-activedescendant={offers[at] ? `${id}-${at}` : undefined}
        placeholder={label}
        autoFocus={autoFocus}
        className="gap w-full"
        value={typed}
        onChange={(event) => {
          setTyped(event.target.value)
          setAt(0)
        }}
        onKeyDown={pressed}
      />
      {onLeave && (
        <p className="text-[13px]">
          <Cancel onLeave={onLeave} />
        </p>
      )}
      <ul id={id} role="listbox" aria-label={label}>
        {offers.map((offer, index) => (
          <li
            key={offer.id}
            id={`${id}-${index}`}
            role="option"
            aria-selected={index === at}
            className={`cursor-pointer px-1 py-[2px] ${index === at ? 'bg-wash' : 'hover:bg-wash/60'}`}
            onClick={() => onChosen(offer)}
          >
            <span className="font-serif text-[16px]">{offer.line}</span>{' '}
            <span className="text-[13px] text-graphite">{offer.more}</span>
          </li>
        ))}
      </ul>
    </div>
  )
}
