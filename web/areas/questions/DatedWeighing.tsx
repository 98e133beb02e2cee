import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { EditConflict } from '../../parts/EditConflict'
import { useCommands } from '../../keys/commandRegistry'
import { scaleOf, candidateAt, type Candidate } from './axis'
import { ClaimLine } from './ClaimLine'
import { Decision } from './Decision'
import { saved } from '../../parts/saved'

const GRID = 'grid grid-cols-[300px_minmax(0,1fr)_216px] gap-x-4 max-lg:grid-cols-1'

/** The claims side by side, the marker that is moved to what is concluded, and the reason. */
export function DatedWeighing({ question }: { question: Schemas['QuestionPage'] }) {
  const tree = useTreeId()
  const { rows, stops } = question
  const scale = scaleOf(question.axis)
  const [at, setAt] = useState(() => beginning(question))
  const [written, setWritten] = useState<string | null>(null)
  const [standings, setStandings] = useState<Record<string, string>>({})
  const [classing, setClassing] = useState('')
  const axis = useRef<HTMLDivElement>(null)
  const stop = stops[at]
  const isOpen = question.state === 'open'
  const reason = written ?? stop?.reason ?? ''
  const decide = useWrite(
    (chosen: Candidate) =>
      unwrap(
        api.POST('/api/trees/{tree}/questions/{question}/decide', {
          params: { path: { tree, question: question.id } },
          body: {
            version: question.version,
            reason,
            ...(chosen.factId === '' ? { date: chosen.typed } : { factId: chosen.factId }),
            standings,
          },
        }),
      ),
    () => saved('Decided.'),
  )
  const go = (next: number) => setAt(Math.min(stops.length - 1, Math.max(0, next)))
  const toRow = (number: number) => {
    const row = rows[number]
    const found = stops.findIndex((stop) => stop.factId === row?.factId)
    if (found >= 0) setAt(found)
  }
  useCommands(
    isOpen
      ? [
          { key: 'ArrowLeft', says: 'Marker to the span before', run: () => go(at - 1) },
          { key: 'ArrowRight', says: 'Marker to the span after', run: () => go(at + 1) },
          ...rows.slice(0, 9).map((_, index) => ({
            key: String(index + 1),
            says: `Marker to claim ${index + 1}`,
            run: () => toRow(index),
          })),
        ]
      : [],
  )
  const pressed = (event: KeyboardEvent) => {
    const by: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1, PageUp: -13, PageDown: 13 }
    const step = by[event.key]
    if (step !== undefined) go(at + step)
    else if (event.key === 'Home') go(0)
    else if (event.key === 'End') go(stops.length - 1)
    else return
    event.preventDefault()
    event.stopPropagation()
  }
  const drawn = (event: PointerEvent) => {
    if (event.buttons !== 1 || !axis.current || !isOpen) return
    const box = axis.current.getBoundingClientRect()
    const day = scale.first + ((event.clientX - box.left) / box.width) * (scale.last - scale.first)
    const found = candidateAt(stops, Math.round(day))
    if (found >= 0) setAt(found)
  }
  return (
    <>
      <ol className="mt-2 shrink-0">
        {rows.map((row, index) => (
          <ClaimLine
            key={`${row.claimId} ${row.factId}`}
            row={row}
            rows={rows}
            number={index + 1}
            scale={scale}
            verdict={stop?.verdicts[index] ?? '.'}
            isOpen={isOpen}
            standing={standings[row.factId] ?? 'rival'}
            onStanding={(standing) => setStandings((now) => ({ ...now, [row.factId]: standing }))}
            isClassing={classing === row.claimId}
            onClassing={() => setClassing((now) => (now === row.claimId ? '' : row.claimId))}
            isSameOrigin={index > 0 && rows[index - 1]?.origin === row.origin}
          />
        ))}
      </ol>
      <div className={`${GRID} shrink-0`}>
        <span />
        <div
          ref={axis}
          role="slider"
          tabIndex={0}
          aria-label="Marker: what is concluded"
          aria-valuemin={0}
          aria-valuemax={stops.length - 1}
          aria-valuenow={at}
          aria-valuetext={stop?.shown ?? 'nothing'}
          aria-disabled={!isOpen}
          className="relative h-[52px] cursor-col-resize touch-none border-t border-ink select-none"
          onKeyDown={pressed}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId)
            drawn(event)
          }}
          onPointerMove={drawn}
        >
          {question.axis.map((mark, index) => (
            <span
              key={mark.day}
              aria-hidden
              className="absolute top-0 border-l border-rule pl-1 text-[12px] text-graphite tabular-nums"
              style={{ left: `${100 * scale.at(mark.day)}%` }}
            >
              {index < question.axis.length - 1 && (
                <span className={index % 2 === 1 ? 'max-sm:hidden' : ''}>{mark.year}</span>
              )}
            </span>
          ))}
          {stop && (
            <span
              aria-hidden
              className="pointer-events-none absolute top-[-6px] h-[30px] min-w-[3px] border-x-2 border-tide bg-tide/20"
              style={{
                left: `${100 * scale.at(stop.from || scale.first)}%`,
                width: `${100 * (scale.at((stop.to || scale.last) + 1) - scale.at(stop.from || scale.first))}%`,
              }}
            />
          )}
        </div>
        <p className="font-serif text-[19px] leading-tight">{stop?.shown}</p>
      </div>
      {isOpen ? (
        <form
          className={`${GRID} mt-1 items-start`}
          onSubmit={(event) => {
            event.preventDefault()
            if (stop && reason.trim() !== '' && !decide.isPending) decide.mutate(stop)
          }}
        >
          <ul className="text-[13px] text-graphite">
            {question.elsewhere.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          <div>
            <span id="why-decided" className="heads">
              Why
            </span>
            <textarea
              aria-labelledby="why-decided"
              rows={6}
              className="gap w-full font-serif text-[16px]"
              value={reason}
              onChange={(event) => setWritten(event.target.value)}
              onKeyDown={(event) => {
                if (event.key === 'Enter' && !event.shiftKey) {
                  event.preventDefault()
                  event.currentTarget.form?.requestSubmit()
                }
              }}
            />
          </div>
          <div className="space-y-2">
            <button className="act-main" disabled={!stop || reason.trim() === '' || decide.isPending}>
              Decide
            </button>
            <p className="text-[13px] text-graphite">
              <kbd>←</kbd> <kbd>→</kbd> move the marker, <kbd>1</kbd>–<kbd>9</kbd> set it to a claim,{' '}
              <kbd>Enter</kbd> in the reason decides.
            </p>
            <EditConflict problem={decide.error} />
          </div>
        </form>
      ) : (
        <Decision question={question} />
      )}
    </>
  )
}

/** Where the marker lies at first: on what was decided, else on what leads, else on the heaviest claim. */
function beginning({ facts, rows, stops }: Schemas['QuestionPage']): number {
  const order = ['strong', 'fair', 'slight']
  const accepted = facts.find((fact) => fact.standing === 'accepted')
  const heaviest = [...rows].sort(
    (row, other) => ((order.indexOf(row.weight) + 4) % 4) - ((order.indexOf(other.weight) + 4) % 4),
  )[0]
  const found = stops.findIndex((stop) => stop.factId === (accepted?.id ?? heaviest?.factId))
  return Math.max(0, found)
}
