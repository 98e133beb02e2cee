import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { type Schemas } from '../../../api/client'
import { useTreeId } from '../../../api/useTree'
import { useDebounced } from '../../../parts/useDebounced'
import type { RecordPage, Roll } from './roll'
import { queries } from '../../../api/queries'

export type Choice = Schemas['LineChoiceInput']
export type MatchedLine = Schemas['MatchedLine']
export type Assertion = Schemas['AssertionResource']

/** What was decided of lines here, and how the rest lines up around it. */
export function useRecordMatch(record: RecordPage, roll: Roll) {
  const tree = useTreeId()
  const [choices, setChoices] = useState<Record<string, Choice>>({})
  // Somebody called into the roll stands on a line before its words are read.
  const placed = useMemo(
    () => new Set(record.lines.filter((line) => line.personId !== '').map((line) => line.id)),
    [record],
  )
  const asked = useMemo(
    () => ({
      choices: Object.values(choices),
      lines: roll.lines.filter((line) => line.name !== '' || line.id in choices || placed.has(line.id)),
      date: roll.head.date,
      place: roll.head.place,
      toldCount: roll.head.toldCount,
    }),
    [choices, roll, placed],
  )
  const rested = useDebounced(asked, 500)
  const { data, isFetching } = useQuery({
    ...queries.recordMatch(tree, record.id, record.version, rested),
    enabled: rested.lines.length > 0,
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  })
  const byLine = useMemo(() => new Map(data?.lines.map((line) => [line.lineId, line])), [data])
  const choose = (lineId: string, said: Partial<Choice>) =>
    setChoices((now) => {
      const before = now[lineId]
      const lined = byLine.get(lineId)
      const base: Choice = before ?? {
        lineId,
        as: (lined?.as ?? 'unplaced') as Choice['as'],
        personId: lined?.personId || null,
        declined: [],
        wanted: [],
      }
      const next = { ...now, [lineId]: { ...base, ...said, lineId } }
      // Whoever is placed here stands on no other line that excludes it: the line-up says where they go.
      if (said.as === 'placed' && said.personId)
        for (const [id, other] of Object.entries(next))
          if (id !== lineId && other.as === 'placed' && other.personId === said.personId) delete next[id]
      return next
    })
  return {
    byLine,
    choices,
    choose,
    forget: () => setChoices({}),
    fewer: data?.fewer ?? '',
    reason: data?.reason ?? '',
    isWorking: isFetching || asked !== rested,
  }
}

export type RecordMatch = ReturnType<typeof useRecordMatch>

/** How a line stands: in a word and, where there is somebody, a name. */
export function standing(lined: MatchedLine | undefined, name: string): { word: string; name: string } {
  if (name === '' && !lined) return { word: '', name: '' }
  if (!lined) return { word: '…', name: '' }
  return {
    placed: { word: '', name: lined.name },
    new: { word: 'new', name: '' },
    aside: { word: 'set aside', name: '' },
    unplaced: { word: 'unplaced', name: '' },
  }[lined.as] as { word: string; name: string }
}
