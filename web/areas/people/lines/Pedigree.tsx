import type { MouseEvent } from 'react'
import type { Adding } from '../adding/AddRelative'
import { generationOf, type Seat } from './seats'

type Props = {
  seats: readonly Seat[]
  generations: number
  /** Height of a row of the last generation. */
  row: number
  hand: string
  onTake: (seat: Seat) => void
  onOpen: (seat: Seat) => void
  onAdd: (seat: Seat, adding: Adding) => void
  /** Whether parents can be added to everybody, or to the first alone. */
  addsTo: 'all' | 'first'
  /** Beyond the last generation. */
  onOn: (seat: Seat) => void
}

const KINDS: Record<string, string> = {
  adoptive: 'ad.',
  foster: 'fo.',
  guardian: 'gu.',
  recognised: 'rec.',
  other: 'of another kind',
}

/** The rule at the left tells how the facts are backed. */
const RULES: Record<string, string> = {
  cited: 'border-solid border-ink',
  partly: 'border-dashed border-ink',
  uncited: 'border-dotted border-graphite',
}
const BACKING: Record<string, string> = {
  cited: 'cited',
  partly: 'cited in part',
  uncited: 'no source yet',
}

/** Ancestors in columns, a generation each, the first at the left; a bracket ties a child to the parents. */
export function Pedigree(props: Props) {
  const { seats, generations, row } = props
  const last = 2 ** (generations - 1)
  return (
    <div
      role="rowgroup"
      className="relative grid gap-x-4"
      style={{
        gridTemplateColumns: `repeat(${generations}, minmax(112px, 1fr)) 22px`,
        gridTemplateRows: `repeat(${last}, ${row}px)`,
      }}
    >
      {seats.map((seat) => (
        <SeatCell key={seat.seat} seat={seat} {...props} />
      ))}
    </div>
  )
}

function SeatCell({
  seat,
  seats,
  generations,
  hand,
  onTake,
  onOpen,
  onAdd,
  addsTo,
  onOn,
}: Props & { seat: Seat }) {
  const generation = generationOf(seat.seat)
  const span = 2 ** (generations - 1 - generation)
  const from = (seat.seat - 2 ** generation) * span
  const isLast = generation === generations - 1
  const has = (number: number) => seats.some((one) => one.seat === number)
  const [father, mother] = [has(seat.seat * 2), has(seat.seat * 2 + 1)]
  const gaps =
    isLast || (addsTo === 'first' && seat.seat > 1)
      ? []
      : [
          ...(father ? [] : [{ word: 'father?', relation: 'father' as const, top: '25%' }]),
          ...(mother ? [] : [{ word: 'mother?', relation: 'mother' as const, top: '75%' }]),
        ]
  const isInHand = seat.id === hand
  return (
    <div
      className="relative flex min-w-0 items-center"
      style={{ gridColumn: generation + 1, gridRow: `${from + 1} / span ${span}` }}
    >
      <div
        role="row"
        id={`seat-${seat.seat}`}
        aria-selected={isInHand}
        aria-level={generation + 1}
        aria-label={aloud(seat)}
        onClick={() => onTake(seat)}
        onDoubleClick={() => onOpen(seat)}
        className={`min-w-0 grow cursor-pointer border-l-[3px] py-[2px] pl-2 leading-tight ${RULES[seat.backing] ?? ''}
          ${isInHand ? 'bg-wash outline outline-1 outline-tide' : 'hover:bg-wash/60'}`}
      >
        <span role="gridcell" className="block">
          <span
            className={`font-serif text-[15px] ${isLast ? 'block truncate' : 'line-clamp-2'}`}
            title={seat.name}
          >
            {seat.name}
          </span>
          <span className="block truncate text-[12.5px] text-graphite">
            {[
              KINDS[seat.kind],
              ['unresolved', 'probable'].includes(seat.proof) && seat.proof,
              seat.sets > 1 && `${seat.sets} sets`,
              seat.life,
              !isLast && seat.place,
            ]
              .filter(Boolean)
              .join(' · ')}
          </span>
        </span>
        {(gaps.length > 0 || (isLast && seat.goesOn)) && (
          <span role="gridcell">
            {gaps.map((gap) => (
              <button
                key={gap.word}
                type="button"
                className="absolute left-[calc(100%+20px)] -translate-y-1/2 text-[14px] text-graphite italic hover:text-tide"
                style={{ top: gap.top }}
                aria-label={`Add the ${gap.relation} of ${seat.name}`}
                onClick={apart(() => onAdd(seat, { relation: gap.relation }))}
              >
                {gap.word}
              </button>
            ))}
            {isLast && seat.goesOn && (
              <button
                type="button"
                className="act absolute top-1/2 left-[calc(100%+2px)] -translate-y-1/2 text-[16px]"
                aria-label={`On to the ancestors of ${seat.name}`}
                title="On to the ancestors"
                onClick={apart(() => onOn(seat))}
              >
                ›
              </button>
            )}
          </span>
        )}
      </div>
      {(father || mother) && !isLast && (
        <span
          aria-hidden
          className="pointer-events-none absolute left-full w-[16px] border-l border-graphite/60"
          style={{
            top: father ? '25%' : '50%',
            bottom: mother ? '25%' : '50%',
            borderTopWidth: father ? 1 : 0,
            borderBottomWidth: mother ? 1 : 0,
          }}
        />
      )}
    </div>
  )
}

/** A control within a row does its own, and does not take the row in hand. */
const apart = (act: () => void) => (event: MouseEvent) => {
  event.stopPropagation()
  act()
}

const aloud = (seat: Seat) =>
  [
    seat.name,
    seat.life.replace('–', ' to '),
    seat.place,
    seat.kind !== 'birth' && `${seat.kind} parent`,
    seat.sets > 1 && `${seat.sets} sets of parents`,
    BACKING[seat.backing],
    seat.goesOn && 'has ancestors beyond',
  ]
    .filter(Boolean)
    .join(', ')
