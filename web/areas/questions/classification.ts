import type { Row } from './axis'

/** The classes of a claim in a few words; direct evidence goes without saying. */
export function classWords(row: Row): string {
  const words = [
    row.sourceClass,
    row.information,
    row.evidence === 'direct' ? '' : row.evidence,
    row.reading === 'doubtful' ? 'doubtful reading' : '',
    row.derivedFromId === '' ? '' : 'copied',
  ].filter((word) => word !== '' && word !== 'unstated')
  return words.join(', ') || 'not classed yet'
}

/** What a claim weighs; one that somebody weighed against the rule says so. */
export const weightOf = (weight: string, isOverruled: boolean) =>
  isOverruled && weight !== 'withdrawn' ? `${weight}, against the rule` : weight

/** How a claim is classed, as it is typed and not yet said. */
export type Classing = {
  sourceClass: string
  information: string
  reading: string
  evidence: string
  derivedFromId: string
  weight: string
  why: string
} & Row['said']

export const classingOf = (row: Row): Classing => ({
  ...row.said,
  sourceClass: row.sourceClass,
  information: row.information,
  reading: row.reading,
  evidence: row.evidence,
  derivedFromId: row.derivedFromId,
  weight: row.saidWeight === '' ? 'rule' : row.saidWeight,
  why: row.saidWhy,
})

/** What was changed of it; the weight goes with its words. */
export function changesOf(row: Row, now: Classing): Partial<Classing> {
  const before = classingOf(row)
  const said = Object.fromEntries(
    Object.entries(now).filter(([key, value]) => before[key as keyof Classing] !== value),
  ) as Partial<Classing>
  if ('why' in said || 'weight' in said) Object.assign(said, { weight: now.weight, why: now.why })
  return said
}
