import { describe, expect, it } from 'vitest'
import { outlineRows, type Descendant, type Family } from './outline'

const person = (id: string, families = 0): Descendant => ({
  id,
  number: 1,
  name: id,
  born: '',
  place: '',
  died: '',
  age: '',
  kind: '',
  families,
  children: 0,
  notches: [],
})
const family = (personId: string, unionId: string, children: Descendant[]): Family => ({
  personId,
  unionId,
  partners: [{ id: `w${unionId}`, number: 2, name: `w${unionId}`, life: '' }],
  married: '',
  ages: '',
  notches: [],
  children,
})
const told = (
  root: Descendant,
  families: Family[],
  turned: Record<string, boolean> = {},
  isAllOpen = false,
) => outlineRows({ root, families: new Map(families.map((one) => [one.personId, [one]])), turned, isAllOpen })

describe('an outline of descendants', () => {
  const [a, b, c] = [person('a', 1), person('b', 1), person('c', 1)]
  const families = [family('a', '1', [b]), family('b', '2', [c]), family('c', '3', [person('d')])]

  it('is open for two generations, then folded', () => {
    expect(told(a, families).rows.map((row) => row.id)).toEqual(['a', 'w1', 'b', 'w2', 'c'])
  })

  it('folds and unfolds where it was told to, and all at once', () => {
    expect(told(a, families, { 'a/1/b': false }).rows.map((row) => row.id)).toEqual(['a', 'w1', 'b'])
    expect(told(a, families, {}, true).rows.map((row) => row.id)).toEqual([
      'a',
      'w1',
      'b',
      'w2',
      'c',
      'w3',
      'd',
    ])
  })

  it('asks for families that are unfolded and not there', () => {
    expect(told(a, [family('a', '1', [b])])).toMatchObject({ waiting: ['b'] })
  })

  it('ends where bad data goes in a circle', () => {
    const circle = told(a, [family('a', '1', [b]), family('b', '2', [a])], {}, true).rows
    expect(circle.map((row) => row.id)).toEqual(['a', 'w1', 'b', 'w2', 'a'])
    expect(circle.at(-1)).toMatchObject({ isAbove: true, canOpen: false })
  })
})
