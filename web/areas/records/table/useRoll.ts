import { useCallback, useEffect, useRef, useState } from 'react'
import { api, Refused, unwrap } from '../../../api/client'
import { useTreeId } from '../../../api/useTree'
import { newLine, rollOf, type RecordPage, type Roll } from './roll'

const STOP = 600
const MOST_UNDONE = 200

type Held = { ofVersion: number; seq: number; roll: Roll }

/** The newest of what was typed before: what the server holds of it, or what this browser kept while the server was away. */
function heldOf(record: RecordPage, key: string): Held | null {
  const here = JSON.parse(localStorage.getItem(key) ?? 'null') as Held | null
  const there = record.draft?.isMine
    ? ({
        ofVersion: record.draft.ofVersion,
        seq: record.draft.seq,
        roll: JSON.parse(record.draft.roll),
      } as Held)
    : null
  if (here && there) return here.seq >= there.seq ? here : there
  return here ?? there
}

/** A roll as it is typed: undone step by step, held on every stop, kept when it is asked for. */
export function useRoll(record: RecordPage) {
  const tree = useTreeId()
  const key = `roll:${tree}:${record.id}`
  const [found] = useState(() => heldOf(record, key))
  const isOfThis = found !== null && found.ofVersion === record.version
  const [roll, setRoll] = useState<Roll>(() => withLine(isOfThis ? found.roll : rollOf(record)))
  const [isDirty, setDirty] = useState(isOfThis)
  const [said, setSaid] = useState(isOfThis ? 'What you typed is here again.' : '')
  const [stale, setStale] = useState(found !== null && !isOfThis ? found.roll : null)
  const seq = useRef(found?.seq ?? 0)
  const version = useRef(record.version)
  const done = useRef<Roll[]>([])
  const undone = useRef<Roll[]>([])
  const lastStep = useRef({ name: '', at: 0 })
  const latest = useRef(roll)
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  // A draft that is on its way must not arrive after what is kept.
  const onItsWay = useRef<Promise<void>>(Promise.resolve())
  latest.current = roll
  const called = useRef<string[]>([])
  called.current = record.lines.filter((line) => line.personId !== '').map((line) => line.id)

  useEffect(() => {
    if (record.version === version.current) return
    version.current = record.version
    setRoll(withLine(rollOf(record)))
    setDirty(false)
  }, [record])

  useEffect(() => {
    if (!isDirty) return
    timer.current = setTimeout(() => {
      seq.current++
      const held: Held = { ofVersion: version.current, seq: seq.current, roll: latest.current }
      localStorage.setItem(key, JSON.stringify(held))
      onItsWay.current = unwrap(
        api.PUT('/api/trees/{tree}/records/{record}/draft', {
          params: { path: { tree, record: record.id } },
          body: { ofVersion: held.ofVersion, seq: held.seq, roll: JSON.stringify(held.roll) },
        }),
      )
        .then(() => setSaid('Held'))
        .catch((problem: unknown) =>
          setSaid(
            problem instanceof Refused && problem.status === 409
              ? problem.message
              : 'The server cannot be reached. What you type is held in this browser.',
          ),
        )
    }, STOP)
    return () => clearTimeout(timer.current)
  }, [roll, isDirty, key, tree, record.id])

  /** Steps of the same name that follow closely, such as letters of one cell, are undone as one. */
  const change = useCallback((step: string, to: (roll: Roll) => Roll) => {
    const now = Date.now()
    if (step === '' || lastStep.current.name !== step || now - lastStep.current.at > 1500)
      done.current = [...done.current.slice(-MOST_UNDONE), latest.current]
    lastStep.current = { name: step, at: now }
    undone.current = []
    const next = to(latest.current)
    latest.current = next
    setRoll(next)
    setDirty(true)
    setSaid('')
  }, [])

  const walk = useCallback((from: typeof done, to: typeof undone) => {
    const before = from.current.at(-1)
    if (!before) return
    from.current = from.current.slice(0, -1)
    to.current = [...to.current, latest.current]
    lastStep.current = { name: '', at: 0 }
    latest.current = before
    setRoll(before)
    setDirty(true)
  }, [])

  const keep = useCallback(
    async (asKind?: string) => {
      clearTimeout(timer.current)
      await onItsWay.current
      const { head, lines } = latest.current
      // Somebody called into the roll has a line before its words are read.
      const stays = new Set(called.current)
      await unwrap(
        api.PUT('/api/trees/{tree}/records/{record}', {
          params: { path: { tree, record: record.id } },
          body: {
            version: version.current,
            ...(asKind === undefined ? {} : { kind: asKind }),
            locator: head.locator,
            date: head.date,
            place: head.place,
            fields: head.fields,
            toldCount: head.toldCount,
            fileNumber: head.fileNumber,
            transcription: head.transcription,
            lines: lines.filter(
              (line) => line.name !== '' || stays.has(line.id) || Object.values(line.columns).some(Boolean),
            ),
          },
        }),
      )
      localStorage.removeItem(key)
      setDirty(false)
      setSaid('Saved')
    },
    [key, tree, record.id],
  )

  return {
    roll,
    isDirty,
    said,
    change,
    keep,
    undo: useCallback(() => walk(done, undone), [walk]),
    redo: useCallback(() => walk(undone, done), [walk]),
    /** Typed before the record changed under it, and neither taken nor let go yet. */
    stale,
    takeStale: () => {
      if (stale) change('', () => stale)
      setStale(null)
    },
    dropStale: () => {
      localStorage.removeItem(key)
      setStale(null)
      void api.DELETE('/api/trees/{tree}/records/{record}/draft', {
        params: { path: { tree, record: record.id } },
      })
    },
  }
}

/** A roll always has a line to type in. */
const withLine = (roll: Roll): Roll => (roll.lines.length > 0 ? roll : { ...roll, lines: [newLine()] })
