import { useCallback } from 'react'
import { api, unwrap } from '../../../api/client'
import { useTreeId } from '../../../api/useTree'
import type { Line } from './roll'

/** Asks the server what dittos and marks of doubt say. What it cannot be asked stays as typed, and is read when it is saved. */
export function useTranscription() {
  const tree = useTreeId()
  return useCallback(
    async (lines: Line[], above: Line | undefined): Promise<Line[]> => {
      const plain = ({ id, name, columns }: Line) => ({ id, name, columns })
      const answer = await unwrap(
        api.POST('/api/trees/{tree}/reading/lines', {
          params: { path: { tree } },
          body: above
            ? { lines: [above, ...lines].map(plain), from: 1 }
            : { lines: lines.map(plain), from: 0 },
        }),
      ).catch(() => null)
      const read = new Map(answer?.lines.map((line) => [line.id, line]))
      return lines.map((line) => ({ ...line, ...read.get(line.id) }))
    },
    [tree],
  )
}
