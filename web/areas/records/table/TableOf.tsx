import { useCallback, useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react'
import { Link } from 'react-router'
import { toast } from 'sonner'
import { api, told } from '../../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../../api/useTree'
import type { Slip, View } from '../../../parts/page/geometry'
import { SlipView } from '../../../parts/page/SlipView'
import { useCommands } from '../../../shell/keys'
import { Divider } from './Divider'
import { DeleteRecord } from './DeleteRecord'
import { HeadOfPage } from './HeadOfPage'
import { Images } from './Images'
import { Ledger, type LedgerHandle } from './Ledger'
import { written, type Cell, type RecordPage } from './roll'
import { TableMargin, type Asking } from './TableMargin'
import { useLineUp, type Choice } from './useLineUp'
import { useRoll } from './useRoll'

const SLIP_MOST = 64

export function TableOf({ record }: { record: RecordPage }) {
  const tree = useTreeId()
  const path = useTreePath()
  const { kind } = record
  const { roll, change, keep, undo, redo, isDirty, said, stale, takeStale, dropStale } = useRoll(record)
  const lineUp = useLineUp(record, roll)
  const [at, setAt] = useState(0)
  const [asking, setAsking] = useState<Asking>('')
  const [showsHead, setShowsHead] = useState(roll.head.date === '' && roll.lines.length < 2)
  const [image, setImage] = useState('')
  const [views, setViews] = useState<Record<string, View>>({})
  const [why, setWhy] = useState('')
  const [dittos, setDittos] = useState<{ lines: number[]; cell: Cell; value: string } | null>(null)
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
  const onWidth = useCallback((width: number) => setWide(Math.max(300, Math.round(width))), [])

  const onInHand = useCallback((next: number) => {
    setAt(next)
    setAsking('')
    setShowsHead(false)
  }, [])

  // The ruler goes on by itself: where a line has no strip of its own, the next after the last one is proposed.
  const proposed = useMemo(() => proposal(roll.lines, at), [roll.lines, at])
  const ruler = line?.slip ?? proposed
  const cut = useCallback(
    (slip: Slip) =>
      change(`slip ${at}`, (now) => ({
        ...now,
        lines: now.lines.map((one, index) => (index === at ? { ...one, slip } : one)),
      })),
    [change, at],
  )
  // What is typed beside a proposed strip was read from it.
  const isTyped = line !== undefined && line.name !== '' && line.slip === null
  useEffect(() => {
    if (isTyped && proposed) cut(proposed)
  }, [isTyped, proposed, cut])

  const shownImage = record.images.find((one) => one.id === (image || record.images[0]?.id))
  const slipImage = record.images.find((one) => one.id === ruler?.image)
  const slipPage = ruler && slipImage?.pages[ruler.page]
  const slipHeight =
    ruler && slipPage
      ? Math.min(SLIP_MOST, (ruler.height * slipPage.height * wide) / (ruler.width * slipPage.width))
      : 0
  const slip = {
    height: Math.round(slipHeight),
    of:
      ruler && slipImage && slipPage ? (
        <SlipView
          slip={ruler}
          media={slipImage.mediaId}
          page={slipPage}
          width={wide}
          most={Math.round(slipHeight)}
          lit={views[slipImage.id] ?? slipImage.view}
        />
      ) : null,
  }

  const choices = (): Choice[] =>
    roll.lines.flatMap((one) => {
      const lined = lineUp.byLine.get(one.id)
      const choice = lineUp.choices[one.id]
      if (!lined) return []
      return [
        {
          lineId: one.id,
          as: lined.as as Choice['as'],
          personId: lined.as === 'placed' ? lined.personId : null,
          reason: choice?.reason ?? record.lines.find((kept) => kept.id === one.id)?.reason ?? null,
          declined: choice?.declined ?? [],
          wanted: choice?.wanted ?? [],
        },
      ]
    })
  const keeping = useWrite(keep)
  const taking = useWrite(
    async (decided: Choice[]) => {
      if (isDirty) await keep()
      const now = await told(
        api.GET('/api/trees/{tree}/records/{record}', { params: { path: { tree, record: record.id } } }),
      )
      return told(
        api.POST('/api/trees/{tree}/records/{record}/take-in', {
          params: { path: { tree, record: record.id } },
          body: { version: now.version, choices: decided, why },
        }),
      )
    },
    (done) => {
      lineUp.forget()
      setWhy('')
      toast.success(done.said)
      ledger.current?.takeLine(at)
    },
  )
  const unsure = roll.lines.filter(
    (one) => lineUp.byLine.get(one.id)?.asks && !lineUp.choices[one.id]?.reason,
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
    { key: 'K', says: 'Keep the roll as it is', run: () => keeping.mutate(undefined) },
    { key: 't', says: 'Write the reason and take it in', run: () => reason.current?.focus() },
    {
      key: 'i',
      says: 'Into the picture',
      run: () => frame.current?.querySelector<HTMLElement>('[role=application]')?.focus(),
    },
    { key: 'Enter', says: 'Type in the line in hand', run: () => ledger.current?.typeIn(at, 0) },
  ])
  const back = () => {
    setAsking('')
    setShowsHead(false)
    ledger.current?.takeLine(at)
  }
  const counted = roll.lines.filter((one) => one.name !== '')
  const unplaced = counted.filter((one) => lineUp.byLine.get(one.id)?.as === 'unplaced').length
  return (
    <div className="flex h-full min-h-0 flex-col">
      <div className="flex h-[48px] shrink-0 items-center gap-4 border-b border-rule px-3 max-lg:h-auto max-lg:flex-wrap max-lg:gap-y-1 max-lg:py-1">
        <h1 className="min-w-0 shrink truncate">
          <Link
            to={path(`records/${record.sourceId}`)}
            title={record.sourceTitle}
            className="act inline-block max-w-[230px] truncate align-bottom font-serif text-[17px]"
          >
            {record.sourceTitle}
          </Link>{' '}
          <button type="button" className="act text-[14px]" onClick={() => setShowsHead(true)}>
            {[roll.head.locator, roll.head.date, roll.head.place].filter(Boolean).join(', ') ||
              'say what the page says once'}{' '}
            <kbd>h</kbd>
          </button>
        </h1>
        <p className="ml-auto shrink-0 text-[13px] text-graphite max-lg:ml-0" role="status">
          {counted.length === 1 ? 'one line' : `${counted.length} lines`}
          {unplaced > 0 && <span className="text-ochre">, {unplaced} unplaced</span>}
          {lineUp.fewer !== '' && <span className="text-ochre">. {lineUp.fewer}</span>}
          {record.lookAgain && (
            <span className="text-ochre">. Changed since it was taken in: look again</span>
          )}
          {said !== '' && `. ${said}`}.{' '}
          <a className="act" href={`/api/trees/${tree}/records/${record.id}/transcript.pdf`} download>
            Print
          </a>
        </p>
        <form
          className="flex shrink-0 items-center gap-3"
          onSubmit={(event) => {
            event.preventDefault()
            takeIn()
          }}
        >
          <input
            ref={reason}
            className="gap w-[220px]"
            aria-label="Why: one reason for all of it"
            placeholder="why, for all of it"
            value={why}
            onFocus={() => why === '' && setWhy(lineUp.reason)}
            onChange={(event) => setWhy(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== 'Escape') return
              event.stopPropagation()
              back()
            }}
          />
          <button
            className="act-main"
            disabled={counted.length === 0 || lineUp.isWorking || taking.isPending}
          >
            Take it in
          </button>
        </form>
      </div>
      {stale && (
        <p role="alert" className="flex gap-4 bg-wash px-4 py-1 text-[14px]">
          You had typed something here before the record changed.
          <button type="button" className="act" onClick={takeStale}>
            Take it up again
          </button>
          <button type="button" className="act" onClick={dropStale}>
            Let it go
          </button>
        </p>
      )}
      {dittos && (
        <p role="alert" className="flex gap-4 bg-wash px-4 py-1 text-[14px]">
          {dittos.lines.length === 1 ? 'The line below says' : `${dittos.lines.length} lines below say`} ditto
          of this.
          <button
            type="button"
            className="act"
            onClick={() => {
              change('', (now) => ({
                ...now,
                lines: now.lines.map((one, index) => {
                  if (!dittos.lines.includes(index)) return one
                  const mark = `${dittos.cell.slice(7)}~`
                  const next = written(one, dittos.cell, dittos.value)
                  return { ...next, columns: { ...next.columns, [mark]: one.columns[mark] ?? 'do' } }
                }),
              }))
              setDittos(null)
            }}
          >
            Take “{dittos.value}” there too
          </button>
          <button type="button" className="act" onClick={() => setDittos(null)}>
            Leave them
          </button>
        </p>
      )}
      <div className="grid min-h-0 grow grid-cols-[minmax(0,1fr)_320px] max-lg:block max-lg:overflow-auto">
        <div
          className="grid min-h-0 max-lg:block"
          style={{
            [kind.isTall ? 'gridTemplateColumns' : 'gridTemplateRows']: `${split}px 8px minmax(0,1fr)`,
          }}
        >
          <div ref={frame} className="min-h-0 max-lg:h-[300px]">
            <Images
              record={record.id}
              images={record.images}
              chosen={shownImage?.id ?? ''}
              onChosen={setImage}
              views={views}
              onView={(id, view) => setViews((now) => ({ ...now, [id]: view }))}
              ruler={ruler}
              isProposed={line?.slip === null}
              onRuler={cut}
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
            />
          </div>
        </div>
        <aside
          aria-label="Margin"
          className="min-h-0 overflow-auto border-l border-rule px-4 py-3 max-lg:border-l-0 max-lg:border-t"
        >
          {showsHead ? (
            <>
              <HeadOfPage kind={kind} head={roll.head} change={change} onDone={back} />
              <DeleteRecord record={record.id} source={record.sourceId} lines={record.lines.length} />
            </>
          ) : (
            line && (
              <TableMargin
                key={line.id}
                line={line}
                at={at}
                lineUp={lineUp}
                asking={asking}
                onAsking={setAsking}
                onDone={back}
              />
            )
          )}
        </aside>
      </div>
    </div>
  )
}

/** The strip after the last one that was cut above a line, as tall as that; none where nothing was cut yet. */
function proposal(lines: { slip: Slip | null }[], at: number): Slip | null {
  for (let above = at - 1; above >= 0; above--) {
    const slip = lines[above]?.slip
    if (slip) {
      const top = slip.top + slip.height * (at - above)
      return top + slip.height <= 1 ? { ...slip, top } : null
    }
  }
  return null
}
