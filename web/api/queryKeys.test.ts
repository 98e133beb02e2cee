import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import { queries } from './queries'
import { TOPICS } from './topics'

const OF_NO_TREE = ['session', 'trees', 'deletedTrees']

it('every query has the tree in its key, and says what it reads', () => {
  for (const [name, query] of Object.entries(queries)) {
    const { queryKey, meta } = (
      query as (...asked: unknown[]) => { queryKey: unknown[]; meta?: { reads?: string[] } }
    )('the tree', {})
    expect(queryKey.includes('the tree'), name).toBe(!OF_NO_TREE.includes(name))
    expect(meta?.reads?.length, name).toBeGreaterThan(0)
    expect(TOPICS).toEqual(expect.arrayContaining(meta?.reads ?? []))
  }
})

it('no two queries have one key', () => {
  const names = Object.values(queries).map(
    (query) => (query as (...asked: unknown[]) => { queryKey: unknown[] })('the tree', {}).queryKey[0],
  )
  expect(new Set(names).size).toBe(names.length)
})

it('nothing is asked but through them, save what only one field asks while it is typed in', () => {
  const web = join(import.meta.dirname, '..')
  const others = readdirSync(web, { recursive: true, encoding: 'utf8' })
    .filter((file) => /(?<!\.test)\.tsx?$/.test(file) && !file.startsWith('api'))
    .filter((file) => /queryKey: /.test(readFileSync(join(web, file), 'utf8')))
  expect(others.sort()).toEqual([
    join('areas', 'people', 'kin', 'Tie.tsx'),
    join('parts', 'Finder.tsx'),
    join('shell', 'JumpField.tsx'),
  ])
})
