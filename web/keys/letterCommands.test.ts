import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { LetterGate, PAUSE } from '../keys/letterCommands'

describe('letters with no field in focus', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())

  const typed = (keys: string, apart: number) => {
    const ran: string[] = []
    const names: string[] = []
    const gate = new LetterGate(
      (some) => ran.push(...some),
      (word) => names.push(word),
    )
    for (const key of keys) {
      gate.press(key)
      vi.advanceTimersByTime(apart)
    }
    vi.advanceTimersByTime(PAUSE)
    return { ran: ran.join(''), name: names.at(-1) ?? '', gate }
  }

  it.each([
    ['j', 90, 'j', ''],
    ['gp', 90, 'gp', ''],
    ['jjjjj', 90, 'jjjjj', ''],
    ['acn', PAUSE + 1, 'acn', ''],
    ['osk', 90, '', 'osk'],
    ['keziah', 90, '', 'keziah'],
  ])('%s, %d ms apart', (keys, apart, ran, name) => {
    const result = typed(keys, apart)
    expect([result.ran, result.name]).toEqual([ran, name])
  })

  it('gives commands again once it was answered', () => {
    const { gate } = typed('osk', 90)
    const ran: string[] = []
    gate.answered()
    const next = new LetterGate(
      (some) => ran.push(...some),
      () => undefined,
    )
    next.press('a')
    next.flush()
    expect(ran).toEqual(['a'])
  })
})
