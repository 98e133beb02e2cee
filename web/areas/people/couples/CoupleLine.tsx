import type { CSSProperties } from 'react'
import type { Schemas } from '../../../api/client'
import { OriginWeights } from '../../../parts/OriginWeights'

type Props = {
  row: Schemas['CoupleLine']
  index: number
  /** Which of the two is in hand; null where the couple is not. */
  sideInHand: number | null
  style: CSSProperties
  onTake: (side: number) => void
  onOpen: () => void
}

/** A couple in a line of their list. */
export function CoupleLine({ row, index, sideInHand, style, onTake, onOpen }: Props) {
  const isInHand = sideInHand !== null
  return (
    <div
      id={`couple-${row.id}`}
      role="row"
      aria-rowindex={index + 2}
      aria-selected={isInHand}
      className={`absolute inset-x-0 grid cursor-pointer items-center gap-4 px-2
        ${isInHand ? 'bg-wash' : 'hover:bg-wash/60'}`}
      style={style}
      onClick={() => onTake(0)}
      onDoubleClick={onOpen}
    >
      {[0, 1].map((side) => (
        <Partner
          key={side}
          partner={row.partners[side]}
          isInHand={sideInHand === side}
          onTake={() => onTake(side)}
        />
      ))}
      <span role="gridcell" className="flex min-w-0 items-center gap-2">
        <span className="truncate">{row.married}</span>
        <OriginWeights weights={row.notches} />
      </span>
      <span role="gridcell" className="truncate text-graphite max-sm:hidden" title={row.place}>
        {row.place}
      </span>
      <span role="gridcell" className="tabular text-right max-sm:hidden">
        {row.children === 0 ? '' : row.children}
      </span>
    </div>
  )
}

function Partner(props: {
  partner: Schemas['NamedPerson'] | undefined
  isInHand: boolean
  onTake: () => void
}) {
  const { partner, isInHand, onTake } = props
  return (
    <span
      role="gridcell"
      title={[partner?.name, partner?.life].filter(Boolean).join(', ')}
      className={`truncate ${isInHand && partner ? 'underline decoration-tide decoration-2 underline-offset-4' : ''}`}
      onClick={(event) => {
        event.stopPropagation()
        onTake()
      }}
    >
      <span className="font-serif text-[16px]">
        {partner?.name ?? <em className="text-graphite">not known</em>}
      </span>{' '}
      <span className="text-[13px] text-graphite">{partner?.life}</span>
    </span>
  )
}
