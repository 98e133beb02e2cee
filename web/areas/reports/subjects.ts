/** What stands in an address for a whole tree. */
export const WHOLE = 'all'

/** What a report of a kind is about where nothing was chosen; empty where that has to be chosen. */
export function aboutOf(kind: string, centre: string): string {
  if (kind === 'tree') return WHOLE
  return kind === 'person' || kind === 'line' ? centre : ''
}

/** Whether what one kind is about can be what another is about as well. */
export function carriesOver(subject: string, from: string, to: string): boolean {
  const people = ['person', 'line', 'tree']
  const isOne = !subject.includes(',') && subject !== WHOLE && subject !== ''
  return subject !== '' && (from === to || (isOne && people.includes(from) && people.includes(to)))
}
