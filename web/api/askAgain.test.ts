import { QueryClient, QueryObserver } from '@tanstack/react-query'
import { beforeEach, expect, test } from 'vitest'
import { askAfter } from './askAgain'

/** Answers waiting to be given: each question was asked at its time and is answered as things stood then. */
let waiting: (() => void)[] = []
let stands = 'before'

beforeEach(() => {
  waiting = []
  stands = 'before'
})

function ask() {
  const answer = stands
  return new Promise<string>((resolve) => waiting.push(() => resolve(answer)))
}

const person = { queryKey: ['person', 't'], queryFn: ask, meta: { reads: ['people'] }, staleTime: 60_000 }

test('what was on its way while something was written is asked for again', async () => {
  const queries = new QueryClient()
  const observer = new QueryObserver(queries, person)
  const leave = observer.subscribe(() => undefined)
  stands = 'after'
  const again = askAfter(queries, ['/api/trees/{tree}/people/{person}'])
  await expect.poll(() => waiting.length).toBe(2)
  for (const answer of waiting) answer()
  await again
  expect(observer.getCurrentResult().data).toBe('after')
  leave()
})

test('what was on its way for a page that was left is asked for again when it is opened', async () => {
  const queries = new QueryClient()
  const leave = new QueryObserver(queries, person).subscribe(() => undefined)
  leave()
  stands = 'after'
  await askAfter(queries, ['/api/trees/{tree}/people/{person}'])
  waiting[0]?.()
  const opened = new QueryObserver(queries, person)
  const close = opened.subscribe(() => undefined)
  await expect.poll(() => waiting.length).toBe(2)
  waiting[1]?.()
  await expect.poll(() => opened.getCurrentResult().data).toBe('after')
  close()
})

test('only what reads what was touched is asked for again', async () => {
  const queries = new QueryClient()
  const observers = [['people'], ['kinds']].map(
    (reads, at) => new QueryObserver(queries, { ...person, queryKey: [at], meta: { reads } }),
  )
  const leave = observers.map((observer) => observer.subscribe(() => undefined))
  for (const answer of waiting) answer()
  await expect.poll(() => observers.every((observer) => observer.getCurrentResult().isSuccess)).toBe(true)
  void askAfter(queries, ['/api/trees/{tree}/groups'])
  await expect
    .poll(() => observers.map((observer) => observer.getCurrentResult().isFetching))
    .toEqual([true, false])
  leave.forEach((done) => done())
})
