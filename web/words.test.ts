import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'
import { expect, it } from 'vitest'

/** Words that a newcomer had to guess, and what stands for them now. */
const NEVER: [RegExp, string][] = [
  [/\b(Keep|Say so|Tell it|Make it|Begin it)\b/, 'Save, Add or New'],
  [/\b(Leave it|Let it go|Put away)\b/, 'Cancel'],
  [/\b(Take off|Take out|No longer to)\b/i, 'Remove'],
  [/\b(Put back|Take back|taken back|takes it back|Do again)\b/i, 'Restore, Undo or Redo'],
  [/\bLet go\b/, 'Release'],
  [/\b(Suppose it false|Make it so|Why it stands|On others too)\b/, 'What if this is wrong? …'],
  [/\b(rests? on nothing|Take a \w+ in hand|taken over, not read)\b/i, 'has no source yet …'],
  [/\b(does not lead|Let this one lead|leads in charts)\b/i, 'Use this one'],
  [/\b(stylus|lifeline|disputed|Private artefact|open standard)\b/i, 'marker, life strip, a rival …'],
  [/\bDay of reckoning\b/i, 'Census day'],
  [/\bstands? for no place\b/i, 'not linked yet'],
  [/\b(Its books|Being on it makes|Is to the principal)\b/, 'How its registers are dated …'],
  [/\bin 100\b/, '%'],
  [/^(Tie|Sheet|Tells|Headed|Wide)$/, 'Relationship, Family group sheet, Meaning …'],
]

/** What a file of the page shows: text between tags, and every piece of text in its code that has a word in it. */
function shown(path: string): string[] {
  const source = ts.createSourceFile(
    path,
    readFileSync(path, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    ts.ScriptKind.TSX,
  )
  const found: string[] = []
  const visit = (node: ts.Node) => {
    const isText =
      ts.isJsxText(node) ||
      ts.isStringLiteralLike(node) ||
      ts.isTemplateHead(node) ||
      ts.isTemplateMiddleOrTemplateTail(node)
    if (isText && !ts.isImportDeclaration(node.parent)) found.push(node.text.replace(/\s+/g, ' ').trim())
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

const files = readdirSync(import.meta.dirname, { recursive: true, encoding: 'utf8' }).filter(
  (file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$|schema\.d\.ts$/.test(file),
)

it('the page says everything in the words that everybody knows', () => {
  const texts = files.flatMap((file) =>
    shown(join(import.meta.dirname, file)).map((text) => ({ file, text })),
  )
  expect(texts.length).toBeGreaterThan(2000)
  const wrong = texts.flatMap(({ file, text }) =>
    NEVER.filter(([words]) => words.test(text)).map(([, better]) => `${file}: “${text}”, say ${better}`),
  )
  expect(wrong).toEqual([])
})

it('every count goes through one helper', () => {
  const own = files.filter(
    (file) =>
      !file.endsWith('count.ts') &&
      /=== 1 \? '(1|one) \w+'? : `?\$\{/i.test(readFileSync(join(import.meta.dirname, file), 'utf8')),
  )
  expect(own).toEqual([])
})

it('no place of the demo is real elsewhere', () => {
  const demo = join(import.meta.dirname, '..', 'demo')
  const names = readdirSync(demo, { recursive: true, encoding: 'utf8' }).filter((file) =>
    file.endsWith('.txt'),
  )
  const text = names.map((file) => readFileSync(join(demo, file), 'utf8')).join('\n')
  expect(text).toContain('Port Amberlode')
  expect(text).toContain('Nethery Ness')
  expect(text).not.toMatch(/Esperance|Cawdor|Dunnet|Netherby/i)
})

it('files are called GEDCOM where people look for them', () => {
  const root = join(import.meta.dirname, '..')
  for (const file of [
    'README.md',
    'docs/guide/index.md',
    'docs/guide/files.md',
    'web/areas/exchange/Exchange.tsx',
  ])
    expect(readFileSync(join(root, file), 'utf8')).toContain('GEDCOM')
})
