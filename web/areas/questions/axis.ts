import type { Schemas } from '../../api/client'

export type Row = Schemas['WeighingRow']
export type Candidate = Schemas['CandidateDateResource']

/** Days as shares of an axis. */
export type Scale = { first: number; last: number; at: (day: number) => number }

export function scaleOf(marks: Schemas['YearMark'][]): Scale {
  const first = marks[0]?.day ?? 0
  const last = Math.max(first + 1, marks.at(-1)?.day ?? first + 1)
  return {
    first,
    last,
    at: (day) => Math.min(1, Math.max(0, (day - first) / (last - first))),
  }
}

/** A claim's span on the axis: where it begins and ends, and how much of each end is an allowance. An open side runs to the edge. */
export function spanOf(row: Row, scale: Scale) {
  const left = row.from === 0 ? 0 : scale.at(row.from)
  const right = row.to === 0 ? 1 : scale.at(row.to + 1)
  return {
    left,
    right,
    hardLeft: row.from === 0 ? 0 : scale.at(row.fitsFrom),
    hardRight: row.to === 0 ? 1 : scale.at(row.fitsTo + 1),
    isEmpty: row.from === 0 && row.to === 0,
  }
}

/** The stop under a point of the axis: the narrowest span that holds the day. */
export function candidateAt(stops: Candidate[], day: number): number {
  let best = -1
  stops.forEach((stop, index) => {
    const chosen = stops[best]
    if (stop.from === 0 || stop.to === 0 || stop.from > day || stop.to < day) return
    if (!chosen || stop.to - stop.from < chosen.to - chosen.from) best = index
  })
  return best
}

export const VERDICTS: Record<string, { word: string; mark: string; tone: string }> = {
  f: { word: 'fits', mark: '=', tone: 'text-lichen' },
  s: { word: 'strains', mark: '≈', tone: 'text-ochre' },
  c: { word: 'contradicts', mark: '≠', tone: 'text-madder' },
  '.': { word: 'says nothing of it', mark: '·', tone: 'text-graphite' },
}
