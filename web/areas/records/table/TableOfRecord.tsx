import { useCallback, useRef, useState, type KeyboardEvent } from 'react'
import { toast } from 'sonner'
import { api, unwrap } from '../../../api/client'
import { useTreeId, useWrite } from '../../../api/useTree'
import type { View } from '../../../parts/page/geometry'
import { useCommands } from '../../../keys/commandRegistry'
import { Divider } from './Divider'
import { AddFromTree } from './AddFromTree'
import { DeleteRecord } from './DeleteRecord'
import { RecordHead } from './RecordHead'
import { RecordImages } from './RecordImages'
import { LineTools } from './LineTools'
import { ROLL_KEYS } from './rollKeys'
import { Ledger, type LedgerHandle } from './Ledger'
import { withDittos, type RecordPage } from './roll'
import { SupportedFacts } from './SupportedFacts'
import { TableQuestions, type Dittos } from './TableQuestions'
import { TableBar } from './TableBar'
import { TableMargin, type Asking } from './TableMargin'
import { useRecordMatch, type Choice } from './useRecordMatch'
import { useTranscription } from './useTranscription'
import { useRoll } from './useRoll'
import { useStrip } from './useStrip'
import { saved } from '../../../parts/saved'

export function TableOfRecord({ record }: { record: RecordPage }) {
  const tree = useTreeId()
  const { kind } = record
  const { roll, change, keep, undo, redo, isDirty, said, stale, takeStale, dropStale } = useRoll(record)
  const lineUp = useRecordMatch(record, roll)
  const [at, setAt] = useState(0)
  const [asking, setAsking] = useState<Asking>('')
  const [showsHead, setShowsHead] = useState(roll.head.date === '' && roll.lines.length < 2)
  const [image, setImage] = useState('')
  const [views, setViews] = useState<Record<string, View>>({})
  const [why, setWhy] = useState('')
  const [dittos, setDittos] = useState<Dittos | null>(null)
  const ledger = useRef<LedgerHandle>(null)
  const frame = useRef<HTMLDivElement>(null)
  const reason = useRef<HTMLInputElement>(null)
  const line = roll.lines[at] ?? roll.lines[0]
  const [wide, setWide] = useState(860)
  const splitKey = `table-split:${kind.code}`
  const [split, setSplit] = useState(
    () => Number(localStorage.getItem(splitKey)) || (kind.isTall ? 420 : 300),
  )
  const splitAt = (size: number) => {
    localStorage.setItem(splitKey, String(size))
    setSplit(size)
  }
  const read = useTranscription()
  const onWidth = useCallback((width: number) => setWide(Math.max(300, Math.round(width))), [])

  const onInHand = useCallback((next: number) => {
    setAt(next)
    setAsking('')
    setShowsHead(false)
  }, [])

  const { ruler, cut, slip, afterHeads } = useStrip({
    images: record.images,
    lines: roll.lines,
    at,
    change,
    views,
    wide,
  })

  const shownImage = record.images.find((one) => one.id === (image || record.images[0]?.id))

  const choices = (): Choice[] =>
    roll.lines.flatMap((line) => {
      const lined = lineUp.byLine.get(line.id)
      const choice = lineUp.choices[line.id]
      if (!lined) return []
      return [
        {
          lineId: line.id,
          as: lined.as as Choice['as'],
          personId: lined.as === 'placed' ? lined.personId : null,
          reason: choice?.reason ?? record.lines.find((kept) => kept.id === line.id)?.reason ?? null,
          declined: choice?.declined ?? [],
          wanted: choice?.wanted ?? [],
        },
      ]
    })
  const keeping = useWrite(keep)
  const stands = new Map(record.lines.map((line) => [line.id, line.personId]))
  /** Keeps what was typed, and says of which version the record is then. */
  const kept = async () => {
    if (isDirty) await keep()
    const now = await unwrap(
      api.GET('/api/trees/{tree}/records/{record}', { params: { path: { tree, record: record.id } } }),
    )
    return now.version
  }
  const taking = useWrite(
    async (decided: Choice[]) => {
      const version = await kept()
      return unwrap(
        api.POST('/api/trees/{tree}/records/{record}/take-in', {
          params: { path: { tree, record: record.id } },
          body: { version, choices: decided, why },
        }),
      )
    },
    (done) => {
      lineUp.forget()
      setWhy('')
      saved(done.said)
      ledger.current?.takeLine(at)
    },
  )
  const unsure = roll.lines.filter(
    (line) => lineUp.byLine.get(line.id)?.asks && !lineUp.choices[line.id]?.reason,
  )
  const takeIn = () => {
    const first = unsure[0]
    if (first) {
      toast.error(`${first.name}: say why it is them, or place it on somebody else.`)
      ledger.current?.takeLine(roll.lines.indexOf(first))
    } else if (!lineUp.isWorking && !taking.isPending) taking.mutate(choices())
  }

  const onLineKey = (event: KeyboardEvent, index: number): boolean => {
    const one = roll.lines[index]
    const lined = one && lineUp.byLine.get(one.id)
    const place = (as: Choice['as'], personId: string | null = null) =>
      one && lineUp.choose(one.id, { as, personId, declined: [], wanted: [] })
    const offer = /^[1-5]$/.test(event.key) ? lined?.offers[Number(event.key) - 1] : undefined
    const does: Record<string, () => void> = {
      p: () => setAsking('place'),
      w: () => place('new'),
      o: () => place('unplaced'),
      s: () => setAsking('aside'),
      m: () => setAsking('call'),
      i: () => frame.current?.querySelector<HTMLElement>('[role=application]')?.focus(),
      h: () => setShowsHead(true),
      t: () => reason.current?.focus(),
      K: () => keeping.mutate(undefined),
    }
    if (offer) place('placed', offer.personId)
    else if (does[event.key]) does[event.key]?.()
    else return false
    return true
  }
  useCommands([
    { key: 'h', says: 'What the page says once', run: () => setShowsHead(true) },
    { key: 'm', says: 'Call people of the tree into the roll', run: () => setAsking('call') },
    { key: 'K', says: 'Save the roll as it is', run: () => keeping.mutate(undefined) },
    { key: 't', says: 'Write the reason, and add to the tree', run: () => reason.current?.focus() },
    {
      key: 'i',
      says: 'Into the picture',
      run: () => frame.current?.querySelector<HTMLElement>('[role=application]')?.focus(),
    },
    { key: 'Enter', says: 'Type in the line in hand', run: () => ledger.current?.typeIn(at, 0) },
    ...ROLL_KEYS,
  ])
  const back = () => {
    setAsking('')
    setShowsHead(false)
    ledger.current?.takeLine(at)
  }
  const counted = roll.lines.filter((line) => line.name !== '' || stands.get(line.id))
  const unplaced = counted.filter((one) => lineUp.byLine.get(one.id)?.as === 'unplaced').length
  return (
    <div className="flex h-full min-h-0 flex-col">
      <TableBar
        record={record}
        roll={roll}
        count={counted.length}
        unplaced={unplaced}
        fewer={lineUp.fewer}
        said={said}
        onHead={() => setShowsHead(true)}
        reason={reason}
        why={why}
        offeredWhy={lineUp.reason}
        onWhy={setWhy}
        onBack={back}
        onTakeIn={takeIn}
        isBusy={lineUp.isWorking || taking.isPending}
      />
      <TableQuestions
        isStale={stale !== null}
        onTakeStale={takeStale}
        onDropStale={dropStale}
        dittos={dittos}
        onTakeDittos={({ lines, cell, value }) => {
          change('', (now) => ({ ...now, lines: withDittos(now.lines, lines, cell, value) }))
          setDittos(null)
        }}
        onLeaveDittos={() => setDittos(null)}
      />
      <div className="grid min-h-0 grow grid-cols-[minmax(0,1fr)_320px] max-lg:block max-lg:overflow-auto">
        <div
          className="grid min-h-0 max-lg:block"
          style={{
            [kind.isTall ? 'gridTemplateColumns' : 'gridTemplateRows']: `${split}px 8px minmax(0,1fr)`,
          }}
        >
          <div ref={frame} className="min-h-0 max-lg:h-[300px]">
            <RecordImages
              record={record.id}
              images={record.images}
              chosen={shownImage?.id ?? ''}
              onChosen={setImage}
              views={views}
              onView={(id, view) => setViews((now) => ({ ...now, [id]: view }))}
              ruler={ruler}
              isProposed={line?.slip === null}
              onRuler={cut}
              onHeads={afterHeads}
              onLeave={back}
              isWide={!kind.isTall}
            />
          </div>
          <Divider isUpright={kind.isTall} size={split} onSize={splitAt} />
          <div className="flex min-h-0 flex-col max-lg:h-[420px]">
            <Ledger
              ref={ledger}
              kind={kind}
              lines={roll.lines}
              at={at}
              onInHand={onInHand}
              change={change}
              undo={undo}
              redo={redo}
              lineUp={lineUp}
              slip={slip}
              onWidth={onWidth}
              onLineKey={onLineKey}
              onDittos={(lines, cell, value) => setDittos({ lines, cell, value })}
              read={read}
            />
          </div>
        </div>
        <aside
          aria-label="Margin"
          className="min-h-0 overflow-auto border-l border-rule px-4 py-3 max-lg:border-l-0 max-lg:border-t"
        >
          {showsHead ? (
            <>
              <RecordHead
                record={record}
                head={roll.head}
                change={change}
                onKind={keeping.mutate}
                onDone={back}
              />
              <DeleteRecord
                record={record.id}
                version={record.version}
                source={record.sourceId}
                lines={record.lines.length}
              />
            </>
          ) : (
            line &&
            (asking === 'call' ? (
              <AddFromTree
                record={record.id}
                there={[...stands.values()].filter(Boolean)}
                kept={kept}
                onDone={back}
              />
            ) : (
              <TableMargin
                key={line.id}
                line={line}
                at={at}
                lineUp={lineUp}
                asking={asking}
                onAsking={setAsking}
                onDone={back}
              />
            ))
          )}
          {asking === '' && !showsHead && line && (
            <LineTools at={at} count={roll.lines.length} ledger={ledger.current} />
          )}
          {asking === '' && <SupportedFacts record={record.id} line={line?.id ?? ''} />}
        </aside>
      </div>
    </div>
  )
}
