import {
  forwardRef,
  useEffect,
  useImperativeHandle,
  useMemo,
  useRef,
  type ClipboardEvent,
  type KeyboardEvent,
  type ReactNode,
} from 'react'
import { placed, useVirtualList, VirtualList } from '../../../parts/VirtualList'
import { LedgerRow, type RowActions } from './LedgerRow'
import {
  carried,
  cellsOf,
  dittosOf,
  isTable,
  keptCodes,
  mayHoldMarks,
  newLine,
  pasted,
  readFrom,
  valueOf,
  withRead,
  written,
  type Cell,
  type Kind,
  type Line,
  type Roll,
} from './roll'
import type { RecordMatch } from './useRecordMatch'

const LINE = 28

type Props = {
  kind: Kind
  lines: Line[]
  at: number
  onInHand: (at: number) => void
  change: (step: string, to: (roll: Roll) => Roll) => void
  undo: () => void
  redo: () => void
  lineUp: RecordMatch
  /** The strip over the line in hand and its height. */
  slip: { height: number; of: ReactNode }
  onWidth: (width: number) => void
  onLineKey: (event: KeyboardEvent, at: number) => boolean
  onDittos: (lines: number[], cell: Cell, value: string) => void
  /** Has dittos and marks of doubt read; answers with the lines as they were where the server cannot be reached. */
  read: (lines: Line[], above: Line | undefined) => Promise<Line[]>
}

export type LedgerHandle = {
  takeLine: (at: number) => void
  typeIn: (at: number, across: number) => void
  insert: (at: number) => void
  move: (at: number, by: number) => void
  remove: (at: number) => void
}

/** The roll as a ledger: typed across and down. Only the lines in view are drawn, so that three hundred are as quick as nine. */
export const Ledger = forwardRef<LedgerHandle, Props>(function Ledger(props, ref) {
  const { kind, lines, at: inHand, lineUp, slip, onWidth } = props
  const kept = keptCodes(kind, lines).join('\n')
  const cells = useMemo(() => cellsOf(kind, kept === '' ? [] : kept.split('\n')), [kind, kept])
  const template = useMemo(
    () =>
      `40px ${cells.map(({ width }) => `minmax(${Math.max(46, width * 5)}px, ${width}fr)`).join(' ')} 160px`,
    [cells],
  )
  const scroller = useRef<HTMLDivElement>(null)
  const rows = useVirtualList(scroller, lines.length, (index) =>
    index === inHand ? LINE + slip.height : LINE,
  )
  useEffect(() => rows.measure(), [inHand, slip.height, rows])
  useEffect(() => {
    if (!scroller.current) return
    const watched = new ResizeObserver(([entry]) => entry && onWidth(entry.contentRect.width))
    watched.observe(scroller.current)
    return () => watched.disconnect()
  }, [onWidth])
  const focus = (id: string, at: number) => {
    rows.scrollToIndex(Math.max(0, at), { align: 'auto' })
    // The line may have to be drawn first.
    const tries = (left: number) => {
      const element = document.getElementById(id)
      if (element) {
        element.focus()
        if (element instanceof HTMLInputElement) element.select()
      } else if (left > 0) requestAnimationFrame(() => tries(left - 1))
    }
    tries(6)
  }
  const takeLine = (at: number) => focus(`line-${at}`, at)
  const typeIn = (at: number, across: number) => focus(`cell-${at}-${across}`, at)

  const latest = useRef(props)
  latest.current = props
  const actions = useMemo<RowActions>(() => {
    const now = () => latest.current
    const edit = (step: string, to: (lines: Line[]) => Line[]) =>
      now().change(step, (roll) => ({ ...roll, lines: to(roll.lines) }))
    const replaced = (all: Line[], at: number, line: Line) =>
      all.map((one, index) => (index === at ? line : one))
    /** Has the server read dittos and doubt in these cells, if there are any. */
    const readMarks = async (lines: Line[], at: number, to: number, cells: Cell[]) => {
      if (!lines.slice(at, to).some((line) => cells.some((cell) => mayHoldMarks(valueOf(line, cell))))) return
      const from = readFrom(lines, at, cells)
      const sent = lines.slice(from, to)
      const read = await now().read(sent, lines[from - 1])
      const next = withRead(now().lines, sent, read, cells)
      if (JSON.stringify(next) !== JSON.stringify(now().lines))
        edit('', (all) => withRead(all, sent, read, cells))
    }
    const insert = (at: number) => {
      edit('', (all) => [...all.slice(0, at), newLine(), ...all.slice(at)])
      typeIn(at, 0)
    }
    const move = (at: number, by: number) => {
      const to = at + by
      if (to < 0 || to >= now().lines.length) return
      edit('', (all) => {
        const next = [...all]
        const [line] = next.splice(at, 1)
        if (line) next.splice(to, 0, line)
        return next
      })
      takeLine(to)
    }
    const remove = (at: number) => {
      const { lines } = now()
      edit('', (all) => (all.length > 1 ? all.filter((_, index) => index !== at) : [newLine()]))
      takeLine(Math.max(0, Math.min(at, lines.length - 2)))
    }
    return {
      insert,
      move,
      remove,
      type: (at, cell, value) =>
        edit(`${at} ${cell}`, (all) => {
          const line = all[at]
          return line ? replaced(all, at, written(line, cell, value)) : all
        }),
      leaveCell: async (at, cell) => {
        const line = now().lines[at]
        if (!line) return
        if (cell !== 'role' && mayHoldMarks(valueOf(line, cell)))
          await readMarks(now().lines, at, at + 1, [cell])
        const { lines, onDittos } = now()
        const next = lines[at]
        if (next?.id !== line.id) return
        const below = dittosOf(lines, at, cell).filter(
          (index) => cell !== 'name' && valueOf(lines[index] as Line, cell) !== valueOf(next, cell),
        )
        if (below.length > 0) onDittos(below, cell, valueOf(next, cell))
      },
      inHand: (at) => now().onInHand(at),
      key: (event, at, across) => {
        const { lines } = now()
        const { cell, column } = cells[across] as (typeof cells)[number]
        const mod = event.ctrlKey || event.metaKey
        if (event.key === 'Enter' && mod) insert(at + 1)
        else if (event.key === 'Enter') {
          if (at === lines.length - 1) insert(at + 1)
          else typeIn(at + 1, 0)
        } else if (event.key === 'ArrowDown' && mod) {
          const above = lines[at - 1]
          const value = above ? carried(above, cell, column) : null
          if (value !== null) edit('', (all) => replaced(all, at, written(all[at] as Line, cell, value)))
        } else if (event.key === 'ArrowDown' && !event.altKey && at < lines.length - 1) typeIn(at + 1, across)
        else if (event.key === 'ArrowUp' && !event.altKey && at > 0) typeIn(at - 1, across)
        else if (event.key === 'Escape') takeLine(at)
        else if (mod && event.key.toLowerCase() === 'z') event.shiftKey ? now().redo() : now().undo()
        else return
        event.preventDefault()
        event.stopPropagation()
      },
      rowKey: (event, at) => {
        const { lines, onLineKey } = now()
        const mod = event.ctrlKey || event.metaKey
        if (event.altKey && (event.key === 'ArrowDown' || event.key === 'ArrowUp'))
          move(at, event.key === 'ArrowDown' ? 1 : -1)
        else if (mod && event.key.toLowerCase() === 'z') event.shiftKey ? now().redo() : now().undo()
        else if (mod) return
        else if (event.key === 'ArrowDown' || event.key === 'j') takeLine(Math.min(lines.length - 1, at + 1))
        else if (event.key === 'ArrowUp' || event.key === 'k') takeLine(Math.max(0, at - 1))
        else if (event.key === 'Enter') typeIn(at, 0)
        else if (event.key === 'Insert') insert(at)
        else if (event.key === 'Delete') remove(at)
        else if (!onLineKey(event, at)) return
        event.preventDefault()
        event.stopPropagation()
      },
      paste: (event: ClipboardEvent, at, across) => {
        const text = event.clipboardData.getData('text/plain')
        if (!isTable(text)) return
        event.preventDefault()
        const codes = cells.map(({ cell }) => cell)
        let put: Line[] = []
        edit('', (all) => (put = pasted(all, at, codes, across, text)))
        void readMarks(put, at, put.length, codes)
      },
      drop: (at, from) => {
        const { lines, lineUp } = now()
        const to = lines[at]
        const person = lineUp.byLine.get(from)?.personId
        if (!to || to.id === from || !person) return
        lineUp.choose(to.id, { as: 'placed', personId: person, declined: [], wanted: [] })
        now().onInHand(at)
      },
    }
    // Everything that changes is read through `latest`, so that no row is drawn anew for it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [cells])
  useImperativeHandle(ref, () => ({ ...actions, takeLine, typeIn }))

  return (
    <div
      ref={scroller}
      role="grid"
      aria-label="Roll"
      aria-rowcount={lines.length + 1}
      className="min-h-0 grow overflow-auto border-t border-rule"
    >
      <datalist id="roles">
        {kind.roles.map((role) => (
          <option key={role.code} value={role.word} />
        ))}
      </datalist>
      <div
        role="row"
        className="heads sticky top-0 z-[2] grid h-[28px] items-center border-b border-graphite bg-paper"
        style={{ gridTemplateColumns: template }}
      >
        <span role="columnheader" className="sticky left-0 bg-paper pr-2 text-right">
          <span className="sr-only">Line</span>
        </span>
        {cells.map(({ cell, label, column }) => (
          <span key={cell} role="columnheader" title={column?.hint || label} className="truncate px-[6px]">
            {label}
          </span>
        ))}
        <span role="columnheader" className="px-2">
          In the tree
        </span>
      </div>
      <VirtualList
        list={rows}
        rows={lines}
        show={(line, row) => (
          <div
            key={line.id}
            role="presentation"
            className="absolute inset-x-0 top-0 border-b border-rule"
            style={placed(row)}
          >
            <LedgerRow
              line={line}
              at={row.index}
              cells={cells}
              template={template}
              isInHand={row.index === inHand}
              lined={lineUp.byLine.get(line.id)}
              actions={actions}
              slip={row.index === inHand ? slip.of : null}
              roles="roles"
            />
          </div>
        )}
      />
    </div>
  )
})
