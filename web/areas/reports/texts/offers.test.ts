import { describe, expect, it } from 'vitest'
import { matching, offersOf } from './offers'

const things = {
  facts: [
    {
      owner: 'p',
      fact: 'b',
      of: '',
      says: 'Birth 3 May 1818',
      clause: 'was born on 3 May 1818',
      when: 'on 3 May 1818',
      where: '',
      value: '',
    },
    {
      owner: 'u',
      fact: 'm',
      of: 'p',
      says: 'Marriage 1845',
      clause: 'married Jean Penhask in 1845',
      when: 'in 1845',
      where: 'at St Osmund',
      value: '',
    },
  ],
  notes: [],
  people: [{ id: 'p', number: 1, name: 'Magnus Tarrel', life: '1818–1889' }],
  records: [{ record: 'r', note: 'Register of St Osmund, marriages 1845.' }],
}

describe('what can be called into a text', () => {
  it('offers each form in which a fact says something, then people, records and a research note', () => {
    expect(offersOf(things).map(({ label, part }) => `${label}, ${part}`)).toEqual([
      'Birth 3 May 1818, all of it',
      'Birth 3 May 1818, when',
      'Marriage 1845, all of it',
      'Marriage 1845, when',
      'Marriage 1845, where',
      'Magnus Tarrel, 1818–1889',
      'Register of St Osmund, marriages 1845., note',
      'Research note, printed only when asked for',
    ])
  })

  it.each([
    ['birth when', ['b when']],
    ['osmund', ['m where', 'r']],
    ['MAGNUS', ['p']],
    ['nobody of that name', []],
  ])('%s', (typed, keys) => {
    expect(matching(offersOf(things), typed).map(({ key }) => key)).toEqual(keys)
  })
})
