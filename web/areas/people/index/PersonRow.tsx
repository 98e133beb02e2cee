import type { CSSProperties } from 'react'
import type { Schemas } from '../../../api/client'

export type Row = Schemas['PersonLine']

type Props = {
  row: Row
  index: number
  isInHand: boolean
  isPicked: boolean
  withKin: boolean
  withLine: boolean
  style: CSSProperties
  onTake: () => void
  onOpen: () => void
  onPick: () => void
}

/** Somebody in a line of the index. */
export function PersonRow({
  row,
  index,
  isInHand,
  isPicked,
  withKin,
  withLine,
  style,
  onTake,
  onOpen,
  onPick,
}: Props) {
  return (
    <div
      id={`row-${row.id}`}
      role="row"
      aria-rowindex={index + 2}
      aria-selected={isPicked}
      aria-current={isInHand || undefined}
      onClick={onTake}
      onDoubleClick={onOpen}
      className={`absolute inset-x-0 grid cursor-pointer items-center gap-4 px-2
        ${isInHand ? 'bg-wash' : 'hover:bg-wash/60'}`}
      style={style}
    >
      <span role="gridcell" className="flex items-center gap-2 text-graphite">
        <Mark name={row.name} isPicked={isPicked} onPick={onPick} />
        {row.number}
      </span>
      {withLine && (
        <span role="gridcell" className="truncate tabular-nums" title={row.line}>
          {row.line}
        </span>
      )}
      <span role="gridcell" className="truncate font-serif text-[16px]" title={row.filed}>
        {row.filed}
      </span>
      <span role="gridcell" className="truncate">
        {row.born}
      </span>
      {withKin ? (
        <span role="gridcell" className="truncate" title={row.kin}>
          {row.kin}
        </span>
      ) : (
        <span role="gridcell" className="truncate text-graphite max-sm:hidden" title={row.birthPlace}>
          {row.birthPlace}
        </span>
      )}
      <span role="gridcell" className="truncate max-sm:hidden">
        {row.died}
      </span>
    </div>
  )
}

/** Picks by mouse what Space picks by key; a row of a list holds nothing that could be stepped into. */
function Mark({ name, isPicked, onPick }: { name: string; isPicked: boolean; onPick: () => void }) {
  return (
    <>
      <span
        aria-hidden
        title={isPicked ? `Remove ${name} from the choice` : `Choose ${name}`}
        className="grid size-[15px] shrink-0 place-items-center rounded-[2px] border border-graphite text-[12px] leading-none"
        onClick={(event) => {
          event.stopPropagation()
          onPick()
        }}
      >
        {isPicked && '✓'}
      </span>
      {isPicked && <span className="sr-only">chosen,</span>}
    </>
  )
}
