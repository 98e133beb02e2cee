import { describe, expect, it, vi } from 'vitest'
import {
  stripSize,
  viewOfStrip,
  onPage,
  panned,
  pointAt,
  tiles,
  UNLIT,
  whole,
  wide,
  zoomed,
  type PageSize,
  type StripPlace,
  type View,
} from './geometry'

vi.stubGlobal('window', { devicePixelRatio: 1 })

const page = { width: 2000, height: 1000, levels: 4 } as PageSize
const view: View = { page: 0, x: 0.5, y: 0.5, zoom: 1, turn: 0, ...UNLIT }
const slip = (width: number, height: number) =>
  ({ page: 2, left: 0.1, top: 0.2, width, height }) as StripPlace

describe('a page in its frame', () => {
  it('stands whole, whichever side is the longer', () => {
    expect(whole(page, 1000, 1000).zoom).toBe(0.5)
    expect(whole(page, 4000, 1000).zoom).toBe(1)
    expect(whole(page, 0, 0).zoom).toBe(1)
  })
  it('fills it from side to side, from its top', () => {
    const filled = wide(page, 1000, 100)
    expect([filled.zoom, filled.x]).toEqual([0.5, 0.5])
    expect(filled.y * page.height * filled.zoom).toBeCloseTo(50)
  })
})

describe('moving over it', () => {
  it.each([
    [0, [10, 4]],
    [90, [4, -10]],
    [180, [-10, -4]],
    [270, [-4, 10]],
  ] as const)('turned by %i', (turn, moved) => {
    expect(onPage({ ...view, turn }, 10, 4).map((one) => one + 0)).toEqual(moved)
    expect(onPage({ ...view, turn, zoom: 2 }, 10, 4)[0]).toBeCloseTo(moved[0] / 2)
  })
  it('never leaves the page', () => {
    expect(panned(view, page, 1e6, 0).x).toBe(1)
    expect(panned(view, page, -1e6, -1e6)).toMatchObject({ x: 0, y: 0 })
  })
  it('keeps the point under the mouse where it is', () => {
    const frame = { left: 0, top: 0, width: 800, height: 600 } as DOMRect
    for (const [left, top] of [
      [100, 100],
      [400, 300],
      [790, 20],
    ] as const) {
      const before = pointAt(view, page, frame, left, top)
      const after = pointAt(zoomed(view, 1.3, before), page, frame, left, top)
      expect(after[0]).toBeCloseTo(before[0], 6)
      expect(after[1]).toBeCloseTo(before[1], 6)
    }
  })
  it('comes no closer and goes no farther than can be seen', () => {
    expect(zoomed(view, 1000).zoom).toBe(12)
    expect(zoomed(view, 0.0001).zoom).toBe(0.02)
  })
})

describe('its tiles', () => {
  it('are those that the frame shows, and no others', () => {
    const shown = tiles({ ...view, x: 0.25, y: 0.5 }, page, 100, 100)
    expect(shown.tiles.length).toBeLessThanOrEqual(4)
    for (const tile of tiles(view, page, 5000, 5000).tiles) {
      expect(tile.x * 512 * tiles(view, page, 5000, 5000).factor).toBeLessThan(page.width)
    }
  })
  it('are coarser the farther away it is', () => {
    expect(tiles({ ...view, zoom: 0.1 }, page, 200, 200).factor).toBeGreaterThan(
      tiles(view, page, 200, 200).factor,
    )
  })
})

describe('a slip of it', () => {
  it('is drawn whole: as wide as its shape asks for', () => {
    for (const [width, height] of [
      [0.8, 0.03],
      [0.5, 0.4],
      [0.1, 0.6],
      [0.05, 0.05],
    ] as const) {
      const size = stripSize(slip(width, height), page, 34)
      const shape = (width * page.width) / (height * page.height)
      expect(size.width / size.height).toBeCloseTo(shape, -Math.log10(shape) + 0.1)
      expect(size.height).toBeGreaterThanOrEqual(34)
      expect(size.height).toBeLessThanOrEqual(3 * 34 + 1)
    }
  })
  it('keeps a line as tall as it was asked for, and gives a block more', () => {
    expect(stripSize(slip(0.8, 0.03), page, 34).height).toBe(34)
    expect(stripSize(slip(0.4, 0.3), page, 34).height).toBe(102)
  })
  it('is looked at in its middle, on its own page, from side to side', () => {
    const seen = viewOfStrip(slip(0.5, 0.1), page, 500, null)
    expect([seen.page, seen.x, seen.zoom]).toEqual([2, 0.35, 0.5])
    expect(seen.y).toBeCloseTo(0.25)
    expect(viewOfStrip(slip(0.5, 0.1), page, 500, { ...view, contrast: 2, turn: 90 })).toMatchObject({
      contrast: 2,
      turn: 0,
    })
  })
})
