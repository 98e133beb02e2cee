import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, it } from 'vitest'

/** What is asked of no tree: who is signed in, and which trees there are. */
const OF_NO_TREE = ["['session']", "['trees']", "['deleted-trees']", "['guide']"]

it('every query has the tree in its key, so that nothing of one tree shows in another', () => {
  const web = join(import.meta.dirname, '..')
  const files = readdirSync(web, { recursive: true, encoding: 'utf8' }).filter((file) =>
    /(?<!\.test)\.tsx?$/.test(file),
  )
  const keys = files.flatMap((file) =>
    [...readFileSync(join(web, file), 'utf8').matchAll(/queryKey: (\[[^\]]*\])/g)].map((found) => ({
      file,
      key: found[1] ?? '',
    })),
  )
  expect(keys.length).toBeGreaterThan(40)
  const without = keys.filter(({ key }) => !OF_NO_TREE.includes(key) && !/\btree\b/.test(key))
  expect(without).toEqual([])
})
