import { infiniteQueryOptions, queryOptions } from '@tanstack/react-query'
import { unwrap } from './client'
import type { Topic } from './topics'

type Answer<T> = Promise<{ data?: T; error?: unknown; response: Response }>

/** What is asked of no tree. */
export const ofNoTree = <T>(name: string, reads: readonly Topic[], ask: () => Answer<T>) =>
  queryOptions({ queryKey: [name], queryFn: () => unwrap(ask()), meta: { reads } })

/** What is asked of a tree, whose id is in every key, so that nothing of one shows in another. */
export const ofTree = <T>(
  name: string,
  tree: string,
  asked: readonly unknown[],
  reads: readonly Topic[],
  ask: () => Answer<T>,
) => queryOptions({ queryKey: [name, tree, ...asked], queryFn: () => unwrap(ask()), meta: { reads } })

/** A list of a tree, page after page; each page says from where the next goes on. */
export const listOf = <T extends { next?: string | null }>(
  name: string,
  tree: string,
  asked: readonly unknown[],
  reads: readonly Topic[],
  ask: (from: string) => Answer<T>,
) =>
  infiniteQueryOptions({
    queryKey: [name, tree, ...asked],
    queryFn: ({ pageParam }) => unwrap(ask(pageParam)),
    initialPageParam: '',
    getNextPageParam: (page) => page.next,
    meta: { reads },
  })

/** The same, where a number says from where. */
export const numberedListOf = <T extends { next?: number | null }>(
  name: string,
  tree: string,
  asked: readonly unknown[],
  reads: readonly Topic[],
  ask: (from: number) => Answer<T>,
) =>
  infiniteQueryOptions({
    queryKey: [name, tree, ...asked],
    queryFn: ({ pageParam }) => unwrap(ask(pageParam)),
    initialPageParam: 0,
    getNextPageParam: (page) => page.next,
    meta: { reads },
  })

export const KIN: readonly Topic[] = ['people', 'tree', 'account']
export const LIFE: readonly Topic[] = [
  ...KIN,
  'evidence',
  'questions',
  'places',
  'pictures',
  'groups',
  'work',
]
export const RECORD: readonly Topic[] = ['evidence', 'people', 'kinds', 'pictures', 'places', 'work']
export const ASKED: readonly Topic[] = ['questions', 'evidence', 'people', 'places', 'work']
export const READING: readonly Topic[] = ['tree', 'places', 'evidence', 'people']
