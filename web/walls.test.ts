import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import { cruise, type ICruiseOptions, type ICruiseResult } from 'dependency-cruiser'
import { expect, it } from 'vitest'

const rules = createRequire(import.meta.url)('../.dependency-cruiser.cjs') as {
  forbidden: NonNullable<ICruiseOptions['ruleSet']>['forbidden']
}

/** What each wall says of a wrong import that is planted on the wrong side of it. */
const PLANTED: [string, string, string][] = [
  ['web/api/a.ts', 'web/parts/b.ts', 'api-stands-alone'],
  ['web/keys/a.ts', 'web/parts/b.ts', 'keys-stand-alone'],
  ['web/parts/a.ts', 'web/areas/people/b.ts', 'parts-know-no-area'],
  ['web/areas/people/a.ts', 'web/shell/b.ts', 'areas-know-no-shell'],
  ['web/areas/people/facts/a.ts', 'web/areas/people/person/b.ts', 'a-large-area-has-an-order'],
]

async function broken(files: Record<string, string>): Promise<string[]> {
  const at = mkdtempSync(join(tmpdir(), 'walls-'))
  for (const [file, imports] of Object.entries(files)) {
    mkdirSync(dirname(join(at, file)), { recursive: true })
    writeFileSync(join(at, file), imports === '' ? 'export const b = 1\n' : `export * from '${imports}'\n`)
  }
  const result = await cruise(['web'], {
    baseDir: at,
    validate: true,
    ruleSet: { forbidden: rules.forbidden },
  })
  return (result.output as ICruiseResult).summary.violations.map((found) => found.rule.name)
}

it.each(PLANTED)('%s may not import %s', async (from, to, wall) => {
  const steps = '../'.repeat(from.split('/').length - 1)
  expect(await broken({ [from]: `${steps}${to.replace('.ts', '')}`, [to]: '' })).toContain(wall)
})

it('two areas may not need each other', async () => {
  const found = await broken({
    'web/areas/one/a.ts': '../two/b',
    'web/areas/two/b.ts': '',
    'web/areas/two/c.ts': '../one/d',
    'web/areas/one/d.ts': '',
  })
  expect(found).toContain('no-circle-of-folders')
})
