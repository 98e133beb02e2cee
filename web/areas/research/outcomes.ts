/** What may come of a search, each with a mark of its own. */
export const OUTCOMES: Record<string, { mark: string; tone: string }> = {
  found: { mark: '+', tone: 'text-lichen' },
  nothing: { mark: '∅', tone: 'text-graphite' },
  'in part': { mark: '±', tone: 'text-ochre' },
  waiting: { mark: '…', tone: 'text-ochre' },
}
