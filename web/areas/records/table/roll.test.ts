import { describe, expect, it } from 'vitest'
import {
  asRead,
  carried,
  cellsOf,
  dittosOf,
  doubtOf,
  isDitto,
  isTable,
  keptCodes,
  mayHoldMarks,
  newId,
  newLine,
  pasted,
  readFrom,
  rowsOf,
  valueOf,
  withDittos,
  withRead,
  written,
  type Cell,
  type Column,
  type Kind,
  type Line,
} from './roll'

const line = (id: string, name: string, columns: Record<string, string> = {}): Line => ({
  id,
  role: '',
  name,
  columns,
  slip: null,
})

describe('what a spreadsheet puts on the clipboard', () => {
  it('keeps a cell with a line break in quotes as one line', () => {
    expect(rowsOf('Ewan Tarrel\t"light\nkeeper"\t36\nUna Osk\tnone\t9\n')).toEqual([
      ['Ewan Tarrel', 'light keeper', '36'],
      ['Una Osk', 'none', '9'],
    ])
  })
  it('reads doubled quotes inside quotes', () => {
    expect(rowsOf('"said ""Hezzy"" by\nall"\t3')).toEqual([['said "Hezzy" by all', '3']])
  })
  it('takes a lone ditto sign for itself', () => {
    expect(rowsOf('Ewan\tKelp\nUna\t"\nBran\t"')).toEqual([
      ['Ewan', 'Kelp'],
      ['Una', '"'],
      ['Bran', '"'],
    ])
  })
  it('reads the line ends of any system and leaves the last empty row out', () => {
    expect(rowsOf('a\tb\r\nc\td\r\n')).toEqual([
      ['a', 'b'],
      ['c', 'd'],
    ])
  })
  it('is a table only with several cells', () => {
    expect([isTable('Ewan Tarrel'), isTable('Ewan\tTarrel'), isTable('Ewan\nUna')]).toEqual([
      false,
      true,
      true,
    ])
  })
  it('is put down from a cell on, and makes the lines that are wanted', () => {
    const cells: Cell[] = ['name', 'column age']
    const put = pasted([line('a', 'Ewan'), line('b', 'Una', { age: '9' })], 1, cells, 0, 'Jean\t8\nMagnus\t7')
    expect(put.map(({ name, columns }) => [name, columns.age])).toEqual([
      ['Ewan', undefined],
      ['Jean', '8'],
      ['Magnus', '7'],
    ])
    expect(put[1]?.id).toBe('b')
  })
})

describe('what the server read', () => {
  it('is asked for only where there may be something to read', () => {
    expect(['Tam? do', 'Una "', 'do', 'do.', 'Tarrel / Farrel?', '〃'].map(mayHoldMarks)).toEqual(
      Array(6).fill(true),
    )
    expect(['Ewan Tarrel', '36', 'Fernando', 'dominie'].map(mayHoldMarks)).toEqual(Array(4).fill(false))
  })
  it('is asked for together with lines above that are not read yet', () => {
    const lines = [
      line('a', 'Ewan Tarrel'),
      line('b', 'Una Tarrel', { 'name~': 'Una do' }),
      line('c', 'Bran do'),
      line('d', 'Jean do'),
      line('e', 'Tam do'),
    ]
    expect(readFrom(lines, 4, ['name'])).toBe(2)
    expect(readFrom(lines, 2, ['name'])).toBe(2)
    expect(readFrom(lines, 1, ['name'])).toBe(1)
    expect(readFrom(lines, 0, ['name'])).toBe(0)
    // Of another column nothing waits to be read.
    expect(readFrom(lines, 4, ['column age'])).toBe(4)
    expect(readFrom([line('a', 'Ewan do'), line('b', 'Una do')], 1, ['name'])).toBe(0)
  })
  it('stands in its cell, with what the page says beside it', () => {
    const read = asRead(line('a', 'Tam? do', { age: '3' }), 'name', {
      name: 'Tam Tarrel',
      columns: { 'name~': 'Tam? do', 'name?': '?', age: '99' },
    })
    expect([read.name, read.columns]).toEqual(['Tam Tarrel', { age: '3', 'name~': 'Tam? do', 'name?': '?' }])
  })
  it('is not written over what was typed since it was sent', () => {
    const sent = [line('a', 'Una do'), line('b', 'Bran do')]
    const read = [
      line('a', 'Una Tarrel', { 'name~': 'Una do' }),
      line('b', 'Bran Tarrel', { 'name~': 'Bran do' }),
    ]
    const now = [line('a', 'Una Osk'), line('b', 'Bran do', { age: '4' })]
    expect(withRead(now, sent, read, ['name']).map(({ name, columns }) => [name, columns])).toEqual([
      ['Una Osk', {}],
      ['Bran Tarrel', { age: '4', 'name~': 'Bran do' }],
    ])
  })
})

describe('values that stand for the line above', () => {
  const column = (carries: boolean, counts: boolean) => ({ code: 'x', carries, counts }) as Column
  it('carry down with a key, count on, or never carry', () => {
    const above = line('a', 'Ewan', { x: '17' })
    expect(carried(above, 'column x', column(true, false))).toBe('17')
    expect(carried(above, 'column x', column(true, true))).toBe('18')
    expect(carried(above, 'column x', column(false, false))).toBeNull()
    expect(carried(above, 'name', null)).toBeNull()
    expect(carried(line('a', ''), 'column x', column(true, false))).toBeNull()
  })
  it('follow the line above as long as they say so', () => {
    const lines = [
      line('a', 'Ewan', { x: 'Kelp' }),
      line('b', 'Una', { x: 'Kelp', 'x~': 'do' }),
      line('c', 'Bran', { x: 'Kelp', 'x~': '"' }),
      line('d', 'Jean', { x: 'Herring' }),
      line('e', 'Moll', { x: 'Herring', 'x~': 'do' }),
    ]
    expect(dittosOf(lines, 0, 'column x')).toEqual([1, 2])
    const next = withDittos(lines, [1, 2], 'column x', 'Slate')
    expect(next.map(({ columns }) => [columns.x, columns['x~']])).toEqual([
      ['Kelp', undefined],
      ['Slate', 'do'],
      ['Slate', '"'],
      ['Herring', undefined],
      ['Herring', 'do'],
    ])
  })
  it('lose the ditto and the doubt when they are typed over', () => {
    const over = written(line('a', 'Ewan', { x: 'Kelp', 'x~': 'do', 'x?': 'Help' }), 'column x', 'Slate')
    expect(over.columns).toEqual({ x: 'Slate' })
  })
})

describe('a ledger of a kind', () => {
  const kind = (...columns: Partial<Column>[]) =>
    ({
      columns: columns.map((column) => ({ label: column.code, width: 8, meaning: 'words', ...column })),
    }) as Kind
  it('asks for the role only where no column tells it', () => {
    expect(cellsOf(kind({ code: 'age' })).map(({ cell }) => cell)).toEqual(['name', 'role', 'column age'])
    expect(cellsOf(kind({ code: 'rel', meaning: 'relation' })).map(({ cell }) => cell)).toEqual([
      'name',
      'column rel',
    ])
    expect(cellsOf(kind()).map(({ cell }) => cell)).toEqual(['name', 'role'])
  })
  it('keeps in sight what lines say in columns that it does not have', () => {
    const lines = [
      line('a', 'Ewan', { age: '3', trade: 'keeper', 'trade~': 'do' }),
      line('b', 'Una', { old: '' }),
    ]
    expect(keptCodes(kind({ code: 'age' }), lines)).toEqual(['trade'])
    expect(cellsOf(kind({ code: 'age' }), ['trade']).at(-1)).toMatchObject({ cell: 'column trade' })
  })
})

describe('a cell', () => {
  const one = { ...line('a', 'Tam', { age: '3', 'age?': '8', 'name~': 'do' }), role: 'son' }
  it('has its value, its ditto and its doubt', () => {
    expect([valueOf(one, 'name'), valueOf(one, 'role'), valueOf(one, 'column age')]).toEqual([
      'Tam',
      'son',
      '3',
    ])
    expect(valueOf(one, 'column trade')).toBe('')
    expect([isDitto(one, 'name'), isDitto(one, 'column age'), isDitto(one, 'role')]).toEqual([
      true,
      false,
      false,
    ])
    expect([doubtOf(one, 'column age'), doubtOf(one, 'name'), doubtOf(one, 'role')]).toEqual(['8', '', ''])
  })
  it('changes alone when it is typed over', () => {
    expect(written(one, 'role', 'nephew')).toEqual({ ...one, role: 'nephew' })
    expect(written(one, 'name', 'Tom').columns).toEqual({ age: '3', 'age?': '8' })
    expect(written(one, 'column trade', 'keeper').columns).toMatchObject({ age: '3', trade: 'keeper' })
    expect(one.columns).toEqual({ age: '3', 'age?': '8', 'name~': 'do' })
  })
})

describe('ids of lines', () => {
  it('are of version 7, sort by time and never come twice', () => {
    const ids = Array.from({ length: 500 }, newId)
    expect(new Set(ids).size).toBe(500)
    for (const id of ids)
      expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/)
    const stamps = ids.map((id) => id.slice(0, 13))
    expect([...stamps].sort()).toEqual(stamps)
    expect(newLine()).toMatchObject({ name: '', role: '', columns: {}, slip: null })
  })
})
