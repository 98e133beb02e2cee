import { beforeEach, describe, expect, it, vi } from 'vitest'
import { storage } from '../testing/storage'
import { trailOf, walked } from '../parts/trail'

const names = (tree: string) => trailOf(tree).map((step) => step.name)

beforeEach(() => {
  vi.stubGlobal('localStorage', storage())
})

describe('the trail of people seen', () => {
  it('ends with the newest', () => {
    walked('t1', { id: 'a', name: 'Ann' })
    walked('t1', { id: 'b', name: 'Bran' })
    expect(names('t1')).toEqual(['Ann', 'Bran'])
  })

  it('keeps its order when somebody on it is seen again', () => {
    walked('t2', { id: 'a', name: 'Ann' })
    walked('t2', { id: 'b', name: 'Bran' })
    walked('t2', { id: 'a', name: 'Ann' })
    expect(names('t2')).toEqual(['Ann', 'Bran'])
  })

  it('takes a new name for one who was seen before', () => {
    walked('t3', { id: 'a', name: 'Ann' })
    walked('t3', { id: 'b', name: 'Bran' })
    walked('t3', { id: 'a', name: 'Ann Osk' })
    expect(names('t3')).toEqual(['Bran', 'Ann Osk'])
  })

  it('forgets whoever was seen longest ago', () => {
    for (let n = 1; n <= 14; n++) walked('t4', { id: `p${n}`, name: `P${n}` })
    expect(names('t4')).toHaveLength(12)
    expect(names('t4')[0]).toBe('P3')
  })

  it('is of one tree, and is there after the page was loaded again', () => {
    walked('t5', { id: 'a', name: 'Ann' })
    walked('t6', { id: 'b', name: 'Bran' })
    expect(names('t5')).toEqual(['Ann'])
    expect(JSON.parse(localStorage.getItem('trail:t6') ?? '')).toEqual([{ id: 'b', name: 'Bran' }])
  })

  it.each([
    ['half of it', '[{"id"'],
    ['another shape', '{"a":1}'],
    ['null', 'null'],
  ])('that cannot be read is empty: %s', (name, text) => {
    localStorage.setItem(`trail:${name}`, text)
    expect(names(name)).toEqual([])
  })
})
