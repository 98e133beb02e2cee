import { useQuery } from '@tanstack/react-query'
import { type Schemas } from '../../../api/client'
import { useTreeId } from '../../../api/useTree'
import { queries } from '../../../api/queries'

export type SourceKind = Schemas['SourceKindResource']

const folded = (text: string) => text.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '')

/** Whether everyday words find something: each begins one of its words. */
export const isFoundBy = (typed: string, words: string) =>
  folded(typed)
    .split(/\s+/)
    .every((word) => ` ${folded(words)}`.includes(` ${word}`))

/** A code that none of these has: it is counted on until it is free, whatever was taken out between. */
export function freeCode(taken: { code: string }[], begin: string): string {
  const codes = new Set(taken.map((one) => one.code))
  let number = taken.length + 1
  while (codes.has(`${begin}${number}`)) number++
  return `${begin}${number}`
}

/** Forms with a field under another code: what names it goes on naming it. */
export const renamed = (pattern: string, from: string, to: string) =>
  from === '' ? pattern : pattern.replaceAll(`{${from}}`, `{${to}}`)

export function useSourceKinds() {
  const tree = useTreeId()
  return useQuery({ ...queries.sourceKinds(tree), staleTime: 60_000, select: (data) => data.kinds })
}

export const QUESTIONS = {
  what: {
    church: 'of a church',
    civil: 'civil registration',
    census: 'a census',
    land: 'land or tax',
    court: 'a court or house',
    probate: 'a will',
    military: 'service',
    migration: 'a voyage',
    newspaper: 'a newspaper',
    directory: 'a list or book of work',
    book: 'printed',
    grave: 'a grave',
    letter: 'a letter or diary',
    photograph: 'a photograph',
    artefact: 'a thing',
    interview: 'a talk',
    database: 'a database',
    web: 'on the web',
  },
  where: {
    archive: 'in an archive',
    library: 'in a library',
    home: 'at home',
    online: 'online',
    place: 'in its place',
  },
  form: { original: 'the thing itself', image: 'an image', transcript: 'a transcript', index: 'an index' },
} as const

export type Answers = { what: string; where: string; form: string }

export const fits = (kind: SourceKind, answers: Answers) =>
  (answers.what === '' || kind.what === answers.what) &&
  (answers.where === '' || kind.where.includes(answers.where)) &&
  (answers.form === '' || kind.form.includes(answers.form))
