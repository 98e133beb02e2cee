import Papa from 'papaparse'
import type { Schemas } from '../../../api/client'
import type { StripPlace } from '../../../parts/page/geometry'

export type RecordPage = Schemas['RecordResource']
export type Kind = Schemas['RecordKindResource']
export type Column = Schemas['ColumnResource']

export type Line = {
  id: string
  role: string
  name: string
  columns: Record<string, string>
  slip: StripPlace | null
}

export type Head = {
  locator: string
  date: string
  place: string
  toldCount: number | null
  fileNumber: string
  transcription: string
  fields: Record<string, string>
}

export type Roll = { head: Head; lines: Line[] }

/** A cell of the name, of the role where no column tells it, or of a column. */
export type Cell = 'name' | 'role' | `column ${string}`

/** Where the words of the page stand when a cell shows what they stand for: "do". */
const asWritten = (cell: Cell) => `${cell === 'name' ? 'name' : cell.slice(7)}~`

export function newLine(): Line {
  return { id: newId(), role: '', name: '', columns: {}, slip: null }
}

/** An id that sorts by time (UUID version 7, RFC 9562, section 5.7). */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  let now = Date.now()
  for (let index = 5; index >= 0; index--) {
    bytes[index] = now % 256
    now = Math.floor(now / 256)
  }
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x70
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-')
}

export function rollOf(record: RecordPage): Roll {
  return {
    head: {
      locator: record.locator,
      date: record.date,
      place: record.place,
      toldCount: record.toldCount,
      fileNumber: record.fileNumber,
      transcription: record.transcription,
      fields: record.fields,
    },
    lines: record.lines.map(({ id, role, name, columns, slip }) => ({ id, role, name, columns, slip })),
  }
}

/** The cells of a kind across the ledger; what lines say in columns of another kind, which the record had before, stays in sight. */
export function cellsOf(
  kind: Kind,
  kept: string[] = [],
): { cell: Cell; label: string; width: number; column: Column | null }[] {
  const tells = kind.columns.some((column) => column.meaning === 'relation')
  return [
    { cell: 'name', label: 'Name', width: 24, column: null },
    ...(tells ? [] : [{ cell: 'role' as Cell, label: 'As', width: 14, column: null }]),
    ...kind.columns.map((column) => ({
      cell: `column ${column.code}` as Cell,
      label: column.label,
      width: column.width,
      column,
    })),
    ...kept.map((code) => ({ cell: `column ${code}` as Cell, label: code, width: 10, column: null })),
  ]
}

/** Codes in which lines say something though the kind has no such column. */
export function keptCodes(kind: Kind, lines: Line[]): string[] {
  const codes = new Set(kind.columns.map((column) => column.code))
  const kept = new Set<string>()
  for (const line of lines)
    for (const [code, value] of Object.entries(line.columns))
      if (value !== '' && !codes.has(code) && !/[~?]$/.test(code)) kept.add(code)
  return [...kept]
}

export function valueOf(line: Line, cell: Cell): string {
  if (cell === 'name') return line.name
  return cell === 'role' ? line.role : (line.columns[cell.slice(7)] ?? '')
}

/** Whether the page says "do" and the value is that of the line above. */
export function isDitto(line: Line, cell: Cell): boolean {
  return cell !== 'role' && line.columns[asWritten(cell)] !== undefined
}

/** Where the other readings of a doubtful word stand. */
const inDoubt = (cell: Cell) => `${cell === 'name' ? 'name' : cell.slice(7)}?`

/** The other readings of a doubtful word, `?` where there is none; empty where nobody doubts it. */
export function doubtOf(line: Line, cell: Cell): string {
  return cell === 'role' ? '' : (line.columns[inDoubt(cell)] ?? '')
}

export function written(line: Line, cell: Cell, value: string): Line {
  const columns = { ...line.columns }
  if (cell !== 'role') {
    delete columns[asWritten(cell)]
    delete columns[inDoubt(cell)]
  }
  if (cell === 'name') return { ...line, name: value, columns }
  if (cell === 'role') return { ...line, role: value }
  return { ...line, columns: { ...columns, [cell.slice(7)]: value } }
}

/**
 * Whether a cell may hold a ditto or a mark of doubt. What it does hold the server says: the rules are its own, and
 * anything that this lets through is read there and comes back as it was.
 */
export const mayHoldMarks = (value: string): boolean => /[?/"'”„〃]|\bdo\b|ditto/i.test(value)

/**
 * The line to begin reading from: one over it whose dittos in these cells were not read yet, because it is typed faster
 * than it is read, goes along, so that "do" below it never takes over a "do".
 */
export function readFrom(lines: Line[], at: number, cells: Cell[]): number {
  const isUnread = (line: Line | undefined) =>
    line !== undefined && cells.some((cell) => mayHoldMarks(valueOf(line, cell)) && !isDitto(line, cell))
  let from = at
  while (isUnread(lines[from - 1])) from--
  return from
}

/** A cell as the server read it, with what stands beside it; the rest of the line stays as it is typed meanwhile. */
export function asRead(line: Line, cell: Cell, read: Pick<Line, 'name' | 'columns'>): Line {
  if (cell === 'role') return line
  const code = cell === 'name' ? 'name' : cell.slice(7)
  const columns = { ...line.columns }
  for (const key of [`${code}~`, `${code}?`, ...(cell === 'name' ? [] : [code])]) {
    const value = read.columns[key]
    if (value === undefined) delete columns[key]
    else columns[key] = value
  }
  return { ...line, name: cell === 'name' ? read.name : line.name, columns }
}

/** Lines with what the server read of some cells; what was typed since those were sent is not written over. */
export function withRead(lines: Line[], sent: Line[], read: Line[], cells: Cell[]): Line[] {
  const before = new Map(sent.map((line) => [line.id, line]))
  const after = new Map(read.map((line) => [line.id, line]))
  return lines.map((line) => {
    const [was, is] = [before.get(line.id), after.get(line.id)]
    if (!was || !is) return line
    return cells
      .filter((cell) => valueOf(line, cell) === valueOf(was, cell) && mayHoldMarks(valueOf(was, cell)))
      .reduce((one, cell) => asRead(one, cell, is), line)
  })
}

/** What carries down from the line above with a key: a number counts on; a name and an age never carry. */
export function carried(above: Line, cell: Cell, column: Column | null): string | null {
  const over = valueOf(above, cell)
  if (over === '' || column === null || !column.carries) return null
  return column.counts && /^\d+$/.test(over) ? String(Number(over) + 1) : over
}

/** Lines below that say "do" of a value which is about to change: those that would no longer say what the page means. */
export function dittosOf(lines: Line[], at: number, cell: Cell): number[] {
  const found: number[] = []
  for (
    let index = at + 1;
    index < lines.length && lines[index] && isDitto(lines[index] as Line, cell);
    index++
  )
    found.push(index)
  return found
}

/** Lines that say "do" take the value over, and still say so. */
export function withDittos(lines: Line[], at: number[], cell: Cell, value: string): Line[] {
  return lines.map((line, index) => {
    if (!at.includes(index)) return line
    const next = written(line, cell, value)
    return { ...next, columns: { ...next.columns, [asWritten(cell)]: line.columns[asWritten(cell)] ?? 'do' } }
  })
}

/**
 * Rows and cells of a spreadsheet, put down from a cell on to the right; lines that are wanted are made.
 * Dittos in them are not read yet.
 */
export function pasted(lines: Line[], at: number, cells: Cell[], from: number, text: string): Line[] {
  const next = [...lines]
  rowsOf(text).forEach((row, down) => {
    let line = next[at + down] ?? newLine()
    row.forEach((value, across) => {
      const cell = cells[from + across]
      if (cell) line = written(line, cell, value)
    })
    next[at + down] = line
  })
  return next
}

/** What a spreadsheet puts on the clipboard: a cell in quotes may hold line breaks, which are blanks in a ledger. */
export function rowsOf(text: string): string[][] {
  // A ditto sign alone in its cell begins no quoted cell.
  const plain = text.replace(/\r\n?/g, '\n').replace(/(^|[\t\n])"(?=[\t\n]|$)/g, '$1""""')
  const { data } = Papa.parse<string[]>(plain, { delimiter: '\t' })
  const rows = data.map((row) => row.map((value) => value.replace(/\s+/g, ' ').trim()))
  return rows.at(-1)?.every((value) => value === '') ? rows.slice(0, -1) : rows
}

/** Whether a text has several cells or rows, and so is put down from a cell on. */
export const isTable = (text: string): boolean => {
  const rows = rowsOf(text)
  return rows.length > 1 || (rows[0]?.length ?? 0) > 1
}
