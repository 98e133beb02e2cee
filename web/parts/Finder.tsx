import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useTreeId } from '../api/useTree'
import { Cancel } from './Cancel'
import { Combobox } from './Combobox'
import { useDebounced } from './useDebounced'

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
  const tree = useTreeId()
  const [typed, setTyped] = useState('')
  const rested = useDebounced(typed.trim(), 150)
  const { data } = useQuery({
    queryKey: ['finder', tree, queryKey, rested],
    queryFn: () => find(rested),
    enabled: rested !== '',
    placeholderData: keepPreviousData,
  })
  return (
    <div>
      <Combobox
        label={label}
        offers={rested === '' ? [] : (data ?? [])}
        keyOf={(offer) => offer.id}
        show={(offer) => (
          <>
            <span className="font-serif text-[16px]">{offer.line}</span>{' '}
            <span className="text-[13px] text-graphite">{offer.more}</span>
          </>
        )}
        onTyped={setTyped}
        onChosen={onChosen}
        onLeave={onLeave}
        autoFocus={autoFocus}
      >
        {onLeave && (
          <p className="text-[13px]">
            <Cancel onLeave={onLeave} />
          </p>
        )}
      </Combobox>
    </div>
  )
}
