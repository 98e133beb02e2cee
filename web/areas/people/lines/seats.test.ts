import { describe, expect, it } from 'vitest'
import { generationOf, seatBy, type Seat } from './seats'

const seat = (number: number): Seat => ({
  seat: number,
  id: `p${number}`,
  number,
  name: `No. ${number}`,
  life: '',
  place: '',
  backing: 'cited',
  sets: 0,
  goesOn: false,
  kind: 'birth',
  proof: 'unstated',
})

// A father without parents; a mother of whom only the mother is known.
const seats = [1, 2, 3, 7].map(seat)

describe('seats of a pedigree', () => {
  it('counts generations from the first', () => {
    expect([1, 2, 3, 4, 7, 8, 15, 16, 31].map(generationOf)).toEqual([0, 1, 1, 2, 2, 3, 3, 4, 4])
  })

  it.each([
    ['ArrowRight', 1, 2],
    ['ArrowRight', 3, 7],
    ['ArrowRight', 2, undefined],
    ['ArrowLeft', 7, 3],
    ['ArrowLeft', 1, undefined],
    ['ArrowDown', 2, 3],
    ['ArrowUp', 2, undefined],
    ['ArrowDown', 7, undefined],
    ['Enter', 1, undefined],
  ])('%s from seat %i leads to %s', (key, from, to) => {
    expect(seatBy(key, from, seats)?.seat).toBe(to)
  })
})
