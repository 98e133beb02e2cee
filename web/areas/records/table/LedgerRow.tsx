import { memo, type ClipboardEvent, type DragEvent, type KeyboardEvent, type ReactNode } from 'react'
import { doubtOf, isDitto, valueOf, type Cell, type Column, type Line } from './roll'
import { standing, type MatchedLine } from './useRecordMatch'

export type Cells = { cell: Cell; label: string; width: number; column: Column | null }[]

export type RowActions = {
  type: (at: number, cell: Cell, value: string) => void
  leaveCell: (at: number, cell: Cell) => Promise<void>
  inHand: (at: number) => void
  key: (event: KeyboardEvent<HTMLInputElement>, at: number, across: number) => void
  rowKey: (event: KeyboardEvent, at: number) => void
  paste: (event: ClipboardEvent, at: number, across: number) => void
  drop: (at: number, from: string) => void
  insert: (at: number) => void
  move: (at: number, by: number) => void
  remove: (at: number) => void
}

type Props = {
  line: Line
  at: number
  cells: Cells
  template: string
  isInHand: boolean
  lined: MatchedLine | undefined
  actions: RowActions
  /** The strip of page over the line in hand. */
  slip: ReactNode
  roles: string
}

/** One line of the ledger: its number, its cells as written, and whom it is taken for. */
export const LedgerRow = memo(function LedgerRow(props: Props) {
  const { line, at, cells, template, isInHand, lined, actions, slip, roles } = props
  const stands = standing(lined, line.name)
  const calledIn = stands.name === '' ? undefined : `${stands.name}, to be read`
  return (
    <div
      role="row"
      aria-rowindex={at + 2}
      aria-selected={isInHand}
      onDragOver={(event: DragEvent) => event.preventDefault()}
      onDrop={(event: DragEvent) => actions.drop(at, event.dataTransfer.getData('text/line'))}
      className={isInHand ? 'bg-wash' : ''}
    >
      {isInHand && slip}
      <div className="grid h-[28px] items-center" style={{ gridTemplateColumns: template }}>
        <span role="rowheader" className={`sticky left-0 z-[1] h-full ${isInHand ? 'bg-wash' : 'bg-paper'}`}>
          <button
            type="button"
            id={`line-${at}`}
            aria-label={`Line ${at + 1}${line.name === '' ? '' : `, ${line.name}`}${
              stands.word || stands.name
                ? `, ${
                    stands.word ||
                    `is
              ${stands.name}`
                  }`
                : ''
            }`}
            className={`h-full w-full pr-2 text-right text-[13px] ${isInHand ? 'font-semibold text-tide' : 'text-graphite'}`}
            onFocus={() => actions.inHand(at)}
            onKeyDown={(event) => actions.rowKey(event, at)}
          >
            {at + 1}
          </button>
        </span>
        {cells.map(({ cell, label, column }, across) => (
          <span key={cell} role="gridcell" className="h-full min-w-0">
            <input
              id={`cell-${at}-${across}`}
              aria-label={`${label}, line ${at + 1}${doubtOf(line, cell) === '' ? '' : ', doubtful'}`}
              title={said(line, cell)}
              placeholder={cell === 'name' && line.name === '' ? calledIn : undefined}
              list={column?.meaning === 'relation' || cell === 'role' ? roles : undefined}
              autoComplete="off"
              spellCheck={false}
              value={valueOf(line, cell)}
              className={`h-full w-full min-w-0 border-r border-graphite/70 bg-transparent px-[5px] focus:bg-raised focus:outline-2
                focus:outline-offset-[-2px] focus:outline-tide ${cell === 'name' ? 'font-serif text-[16px]' : 'text-[14px]'}
                ${isDitto(line, cell) ? 'italic text-graphite' : ''}
                ${doubtOf(line, cell) !== '' ? 'underline decoration-ochre decoration-wavy underline-offset-4' : ''}`}
              onChange={(event) => actions.type(at, cell, event.target.value)}
              onFocus={() => actions.inHand(at)}
              onBlur={() => void actions.leaveCell(at, cell)}
              onKeyDown={(event) => actions.key(event, at, across)}
              onPaste={(event) => actions.paste(event, at, across)}
            />
          </span>
        ))}
        <span
          role="gridcell"
          draggable={stands.name !== ''}
          onDragStart={(event) => event.dataTransfer.setData('text/line', line.id)}
          title={
            stands.name === '' ? undefined : `${stands.name}: drag onto another line to say that it is them`
          }
          className={`flex h-full min-w-0 items-center gap-1 truncate px-2 text-[13px]
            ${stands.name !== '' ? 'cursor-grab text-tide' : lined?.as === 'aside' ? 'text-graphite' : 'text-ochre'}`}
        >
          <span className="truncate">{stands.name || stands.word}</span>
          {lined && lined.as === 'placed' && lined.odds !== '' && (
            <span className="shrink-0 text-[12px] text-graphite">{lined.odds}</span>
          )}
        </span>
      </div>
    </div>
  )
})

/** What else belongs to a cell: the ditto of the page, the other readings of a doubtful word. */
function said(line: Line, cell: Cell): string | undefined {
  const doubt = doubtOf(line, cell)
  if (doubt !== '') return doubt === '?' ? 'A doubtful reading' : `Doubtful; it may read ${doubt}`
  if (!isDitto(line, cell)) return undefined
  return `The page says “${line.columns[`${cell === 'name' ? 'name' : cell.slice(7)}~`]}”`
}
