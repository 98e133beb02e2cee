import { describe, expect, it } from 'vitest'
import { freePlace } from './freePlace'

const box = { x: 500, y: 500, width: 120, height: 50 }
const meets = (place: { x: number; y: number }, width: number, height: number, other: typeof box) =>
  box.x + place.x < other.x + other.width &&
  other.x < box.x + place.x + width &&
  box.y + place.y < other.y + other.height &&
  other.y < box.y + place.y + height

describe('a free place beside a box', () => {
  it('lies on no box, however crowded it is, and on the drawing', () => {
    const there = Array.from({ length: 60 }, (_, at) => ({
      x: 300 + (at % 6) * 130,
      y: 300 + Math.floor(at / 6) * 70,
      width: 120,
      height: 50,
    })).concat(box)
    const place = freePlace(box, 160, 120, there)
    expect(there.some((one) => meets(place, 160, 120, one))).toBe(false)
    expect(box.x + place.x).toBeGreaterThanOrEqual(0)
    expect(box.y + place.y).toBeGreaterThanOrEqual(0)
  })

  it('is near where there is room', () => {
    const place = freePlace(box, 100, 40, [box])
    expect(Math.hypot(place.x + 50 - 60, place.y + 20 - 25)).toBeLessThan(80)
  })

  it('is beneath the box where everything is taken', () => {
    expect(freePlace(box, 100, 40, [{ x: 0, y: 0, width: 5000, height: 5000 }])).toEqual({ x: 0, y: 54 })
  })
})
