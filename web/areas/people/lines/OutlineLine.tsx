import type { CSSProperties } from 'react'
import { OriginWeights } from '../../../parts/OriginWeights'
import { count } from '../../../parts/count'
import type { Descendant, Family, OutlineRow } from './outline'

const STEP = 20

type Props = {
  row: OutlineRow
  index: number
  isInHand: boolean
  style: CSSProperties
  onTake: () => void
  onTurn: (isOpen: boolean) => void
}

/** A line of the outline: somebody of the line, or a partner with the wedding. */
export function OutlineLine({ row, index, isInHand, style, onTake, onTurn }: Props) {
  return (
    <div
      id={`outline-${row.path}`}
      role="row"
      aria-level={row.depth + 1}
      aria-rowindex={index + 1}
      aria-selected={isInHand}
      {...(row.person && row.canOpen ? { 'aria-expanded': row.isOpen } : {})}
      onClick={onTake}
      className={`absolute inset-x-0 grid cursor-pointer grid-cols-[minmax(0,1fr)_170px_180px] items-center gap-x-3
        max-sm:grid-cols-[minmax(0,1fr)_110px] ${isInHand ? 'bg-wash' : 'hover:bg-wash/60'}`}
      style={{ ...style, paddingLeft: Math.min(row.depth, 16) * STEP }}
    >
      {row.person ? (
        <PersonCells person={row.person} row={row} onTurn={onTurn} />
      ) : (
        <FamilyCells family={row.family} />
      )}
    </div>
  )
}

function PersonCells({
  person,
  row,
  onTurn,
}: {
  person: Descendant
  row: Extract<OutlineRow, { person: Descendant }>
  onTurn: (isOpen: boolean) => void
}) {
  return (
    <>
      <span role="gridcell" className="flex min-w-0 items-baseline gap-1">
        <span
          aria-hidden
          className="w-[14px] shrink-0 text-center text-graphite"
          title={row.canOpen ? (row.isOpen ? 'Fold' : 'Unfold') : ''}
          onClick={(event) => {
            if (!row.canOpen) return
            event.stopPropagation()
            onTurn(!row.isOpen)
          }}
        >
          {row.canOpen ? (row.isOpen ? '−' : '+') : ''}
        </span>
        <span className="truncate font-serif text-[16px]" title={person.name}>
          {person.name}
        </span>
        <span className="shrink-0 truncate text-[13px] text-graphite">
          {[
            person.kind,
            row.isAbove && 'above already',
            !row.isOpen && person.children > 0 && count(person.children, 'child', 'children'),
          ]
            .filter(Boolean)
            .join(', ')}
        </span>
      </span>
      <span role="gridcell" className="flex min-w-0 items-center gap-2">
        <span className="truncate" title={[person.born, person.place].filter(Boolean).join(', ')}>
          {person.born || person.place}
        </span>
        <OriginWeights weights={person.notches} />
      </span>
      <span role="gridcell" className="truncate text-graphite max-sm:hidden">
        {person.died && `† ${person.died}`}
        {person.age && `, aged ${person.age}`}
      </span>
    </>
  )
}

function FamilyCells({ family }: { family: Family }) {
  return (
    <>
      <span role="gridcell" className="flex min-w-0 items-baseline gap-2 pl-[18px]">
        <span className="shrink-0 text-[14px] text-graphite">with</span>
        <span className="truncate font-serif text-[16px] italic">
          {family.partners.map((partner) => partner.name).join(' and ') || 'a partner not known'}
        </span>
        <span className="shrink-0 text-[13px] text-graphite">{family.partners[0]?.life}</span>
      </span>
      <span role="gridcell" className="flex min-w-0 items-center gap-2">
        <span className="truncate">{family.married && `m. ${family.married}`}</span>
        <OriginWeights weights={family.notches} />
      </span>
      <span role="gridcell" className="truncate text-graphite max-sm:hidden">
        {family.ages && `aged ${family.ages}`}
      </span>
    </>
  )
}
