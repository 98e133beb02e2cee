import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Schemas } from '../../../api/client'
import { queries } from '../../../api/queries'
import { useTree, useTreeId } from '../../../api/useTree'
import { Finder } from '../../../parts/Finder'
import { findPeople } from '../../../parts/findPeople'
import { SaveOrCancel } from '../../../parts/SaveOrCancel'
import type { Numbering } from '../../../parts/useNumbering'

type Props = {
  numbering: Numbering
  onChosen: (chosen: Schemas['NumberingInput']) => void
  onLeave: () => void
}

const COUNTED = [
  ['adopted', 'with adopted children'],
  ['step', 'with stepchildren'],
  ['unproved', 'with children not proved'],
] as const

/** The system, whom it begins with, and whom it counts. */
export function ChooseNumbering({ numbering, onChosen, onLeave }: Props) {
  const tree = useTreeId()
  const { data: about } = useTree()
  const [system, setSystem] = useState(numbering.system || (numbering.systems[0]?.code ?? ''))
  const [ids, setIds] = useState(
    numbering.personIds.length > 0
      ? numbering.personIds
      : about?.centrePersonId
        ? [about.centrePersonId]
        : [],
  )
  const [counted, setCounted] = useState({
    adopted: numbering.adopted,
    step: numbering.step,
    unproved: numbering.unproved,
  })
  const [isAsking, setIsAsking] = useState(ids.length === 0)
  const isLine = system !== 'ancestors'
  const whom = isLine ? ids : ids.slice(0, 1)
  return (
    <form
      aria-label="Number everybody"
      className="my-2 max-w-[560px] basis-full border-l-2 border-tide pl-4"
      onKeyDown={(event) => event.key === 'Escape' && onLeave()}
      onSubmit={(event) => {
        event.preventDefault()
        if (whom.length > 0) onChosen({ system, personIds: whom, ...counted })
      }}
    >
      <p className="flex flex-wrap items-baseline gap-x-3">
        <label>
          By{' '}
          <select
            autoFocus
            className="gap"
            aria-label="By which system"
            value={system}
            onChange={(event) => setSystem(event.target.value)}
          >
            {numbering.systems.map((each) => (
              <option key={each.code} value={each.code}>
                {each.title}
              </option>
            ))}
          </select>
        </label>
        <span>
          {isLine ? 'from' : 'of'}{' '}
          {whom.map((id, index) => (
            <span key={id}>
              {index > 0 && ' and '}
              <Named id={id} />
            </span>
          ))}
        </span>
        {!isAsking && (
          <>
            <button type="button" className="act" onClick={() => setIsAsking(true)}>
              {isLine && whom.length === 1 ? 'With a partner' : 'Somebody else'}
            </button>
            {whom.length > 0 && isLine && (
              <button
                type="button"
                className="act"
                onClick={() => {
                  setIds([])
                  setIsAsking(true)
                }}
              >
                Begin anew
              </button>
            )}
          </>
        )}
      </p>
      {isAsking && (
        <Finder
          label={whom.length === 0 ? 'Whom it begins with' : 'And the partner'}
          queryKey="numbered"
          find={(q) => findPeople(tree, q)}
          onChosen={(found) => {
            setIds(isLine && ids.length === 1 && ids[0] !== found.id ? [ids[0] ?? '', found.id] : [found.id])
            setIsAsking(false)
          }}
          onLeave={() => setIsAsking(false)}
        />
      )}
      <p className="flex flex-wrap gap-x-4 py-1">
        {COUNTED.filter(([name]) => isLine || name !== 'step').map(([name, says]) => (
          <label key={name} className="flex items-baseline gap-1">
            <input
              type="checkbox"
              checked={counted[name]}
              onChange={(event) => setCounted({ ...counted, [name]: event.target.checked })}
            />
            {says}
          </label>
        ))}
      </p>
      <p className="text-[13px] text-graphite">
        Of several sets of parents the leading one is followed. The numbers are yours alone: nothing is stored
        with the people.
      </p>
      <SaveOrCancel
        onSave={() => whom.length > 0 && onChosen({ system, personIds: whom, ...counted })}
        onLeave={onLeave}
      />
    </form>
  )
}

function Named({ id }: { id: string }) {
  const tree = useTreeId()
  const { data: card } = useQuery(queries.card(tree, id))
  return <span className="font-serif text-[16px]">{card?.name ?? '…'}</span>
}
