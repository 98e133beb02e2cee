import { expect, it } from 'vitest'
import { untilReady } from './pictureQueries'

const isAskedAgain = (states: string[]) => {
  const { refetchInterval } = untilReady((answer: string[]) => answer.map((state) => ({ state })))
  return refetchInterval({ state: { data: states } }) !== false
}

it.each([
  [[], false],
  [['ready'], false],
  [['failed', 'ready'], false],
  [['ready', 'waiting'], true],
  [['running'], true],
])('pictures that are %j: asked for again is %s', (states, again) => {
  expect(isAskedAgain(states)).toBe(again)
})

it('nothing is asked again before the first answer', () => {
  const { refetchInterval } = untilReady(() => [])
  expect(refetchInterval({ state: { data: undefined } })).toBe(false)
})
