import { QueryClient, QueryObserver } from '@tanstack/react-query'
import { expect, test } from 'vitest'
import { askAgain } from './askAgain'

/** Answers waiting to be given: each question was asked at its time and is answered as things stood then. */
const waiting: (() => void)[] = []
let stands = 'before'

function ask() {
  const answer = stands
  return new Promise<string>((resolve) => waiting.push(() => resolve(answer)))
}

test('what was on its way while something was written is asked for again', async () => {
  const queries = new QueryClient()
  const observer = new QueryObserver(queries, { queryKey: ['person'], queryFn: ask })
  const leave = observer.subscribe(() => undefined)
  stands = 'after'
  const again = askAgain(queries)
  await expect.poll(() => waiting.length).toBe(2)
  for (const answer of waiting) answer()
  await again
  expect(observer.getCurrentResult().data).toBe('after')
  leave()
})
