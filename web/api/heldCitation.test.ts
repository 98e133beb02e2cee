import { beforeEach, describe, expect, it, vi } from 'vitest'
import { storage } from '../testing/storage'
import { forget, heldHead, hold, release, movePage, shelfOf, type Citation } from '../api/heldCitation'

const citation = (said: Partial<Citation> = {}): Citation => ({
  name: 'St Osmund',
  sourceId: 's1',
  title: 'Register of St Osmund',
  locator: 'p. 1',
  ...said,
})

beforeEach(() => {
  vi.stubGlobal('localStorage', storage())
})

describe('a held citation', () => {
  it('is sent with whatever is entered, its page in letters that a header can hold', () => {
    hold('t-sent', citation({ locator: 'S. 12, Überschuß / “p. 3”' }))
    expect(heldHead('t-sent')).toEqual({
      'X-Held-Citation': 's1 S.%2012%2C%20%C3%9Cberschu%C3%9F%20%2F%20%E2%80%9Cp.%203%E2%80%9D',
    })
  })

  it('is of one tree and of no other', () => {
    hold('t-one', citation())
    expect(heldHead('t-other')).toEqual({})
    expect(heldHead('t-one')).not.toEqual({})
  })

  it('moves on to another page and stays the same citation', () => {
    hold('t-page', citation())
    movePage('t-page', 'p. 2')
    expect(shelfOf('t-page')).toEqual({
      held: 'St Osmund',
      citations: [citation({ locator: 'p. 2' })],
    })
  })

  it('is let go and stays on the shelf', () => {
    hold('t-go', citation())
    release('t-go')
    expect(heldHead('t-go')).toEqual({})
    expect(shelfOf('t-go').citations).toHaveLength(1)
  })

  it('of a name that is there takes its place, the newest first', () => {
    hold('t-again', citation())
    hold('t-again', citation({ name: 'Will', sourceId: 's2' }))
    hold('t-again', citation({ locator: 'p. 9' }))
    expect(shelfOf('t-again').citations.map((citation) => [citation.name, citation.locator])).toEqual([
      ['St Osmund', 'p. 9'],
      ['Will', 'p. 1'],
    ])
    expect(shelfOf('t-again').held).toBe('St Osmund')
  })

  it('is forgotten, and then held no more', () => {
    hold('t-forget', citation())
    hold('t-forget', citation({ name: 'Will' }))
    forget('t-forget', 'St Osmund')
    expect(shelfOf('t-forget').held).toBe('Will')
    forget('t-forget', 'Will')
    expect(shelfOf('t-forget')).toEqual({ held: '', citations: [] })
  })

  it('is one of twelve at most', () => {
    for (let n = 1; n <= 15; n++) hold('t-many', citation({ name: `Source ${n}` }))
    expect(shelfOf('t-many').citations).toHaveLength(12)
    expect(shelfOf('t-many').citations[0]?.name).toBe('Source 15')
  })

  it.each([
    ['nothing', ''],
    ['half of it', '{"held":"St'],
    ['another shape', '[]'],
    ['null', 'null'],
    ['a number', '7'],
    ['no list', '{"held":"x","citations":{}}'],
  ])('that cannot be read holds nothing: %s', (name, text) => {
    localStorage.setItem(`held:t-${name}`, text)
    expect(shelfOf(`t-${name}`)).toEqual({ held: '', citations: [] })
    hold(`t-${name}`, citation())
    expect(shelfOf(`t-${name}`).held).toBe('St Osmund')
  })

  it('that another window changed is read anew', () => {
    hold('t-window', citation())
    localStorage.setItem('held:t-window', JSON.stringify({ held: '', citations: [] }))
    expect(heldHead('t-window')).toEqual({})
  })
})
