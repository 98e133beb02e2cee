import type { Row } from './axis'

/** The classes of a claim in a few words; direct evidence goes without saying. */
export function classesOf(row: Row): string {
  const words = [
    row.sourceClass,
    row.information,
    row.evidence === 'direct' ? '' : row.evidence,
    row.reading === 'doubtful' ? 'doubtful reading' : '',
    row.leansOnId === '' ? '' : 'copied',
  ].filter((word) => word !== '' && word !== 'unstated')
  return words.join(', ') || 'not classed yet'
}
