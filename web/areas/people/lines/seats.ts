import type { Schemas } from '../../../api/client'

export type Seat = Schemas['SeatedAncestor']

/** The generation of a seat of a pedigree, by Kekule's numbers: 0 for seat 1, 1 for 2 and 3, and so on. */
export const generationOf = (seat: number) => Math.floor(Math.log2(seat))

/** Where an arrow leads from a seat: up the lines to the right, down to the left, and to who stands above or below in the column. */
export function seatBy(key: string, seat: number, seats: readonly Seat[]): Seat | undefined {
  const at = (number: number) => seats.find((one) => one.seat === number)
  const beside = seats.filter((one) => generationOf(one.seat) === generationOf(seat))
  const index = beside.findIndex((one) => one.seat === seat)
  switch (key) {
    case 'ArrowRight':
      return at(seat * 2) ?? at(seat * 2 + 1)
    case 'ArrowLeft':
      return at(Math.floor(seat / 2))
    case 'ArrowUp':
      return beside[index - 1]
    case 'ArrowDown':
      return beside[index + 1]
    default:
      return undefined
  }
}
