import { Link } from 'react-router'
import { useTreePath } from '../../api/useTree'
import { ClaimImage } from '../../parts/page/ClaimImage'
import { StyledText } from '../../parts/StyledText'
import { spanOf, VERDICTS, type Row, type Scale } from './axis'
import { Classification } from './Classification'
import { classWords, weightOf } from './classification'

/** How tall a line of ink is drawn, in pixels. */
const INK = 34

type Props = {
  row: Row
  /** All that are weighed with it. */
  rows: Row[]
  number: number
  scale: Scale
  verdict: string
  isOpen: boolean
  standing: string
  onStanding: (standing: string) => void
  isClassing: boolean
  onClassing: () => void
  /** Whether the row above comes from the same origin. */
  isSameOrigin: boolean
}

/** A claim in a weighing: its ink and words with their classes, the span that it tells on the shared axis, and what it weighs. */
export function ClaimLine(props: Props) {
  const {
    row,
    rows,
    number,
    scale,
    verdict,
    isOpen,
    standing,
    onStanding,
    isClassing,
    onClassing,
    isSameOrigin,
  } = props
  const path = useTreePath()
  const says = VERDICTS[verdict] ?? VERDICTS['.']
  return (
    <li
      className={`border-b border-rule ${isSameOrigin ? '' : 'border-t border-t-graphite/50'}`}
      aria-label={`${row.told}: ${row.weight || 'nothing is cited'}; ${says?.word}`}
    >
      <div className="grid min-h-[56px] grid-cols-[300px_minmax(0,1fr)_216px] items-center gap-x-4 max-lg:grid-cols-1 max-lg:py-2">
        <div className="min-w-0 text-[13px] leading-tight">
          {row.slip ? (
            <ClaimImage slip={row.slip} tall={INK} />
          ) : (
            row.words !== '' && <p className="truncate font-serif text-[15px]">“{row.words}”</p>
          )}
          <p className="truncate" title={row.note.map((words) => words.text).join('')}>
            <kbd>{number}</kbd>{' '}
            {row.recordId === '' ? (
              <span className="text-ochre">{row.told}: nothing is cited for it</span>
            ) : (
              <Link className="hover:underline" to={path(`records/table/${row.recordId}`)}>
                <StyledText words={row.note} />
              </Link>
            )}
          </p>
          {row.claimId !== '' && (
            <button
              type="button"
              className="act truncate text-left text-graphite"
              aria-expanded={isClassing}
              onClick={onClassing}
            >
              {classWords(row)}
            </button>
          )}
        </div>
        <Span row={row} scale={scale} />
        <div className="text-[14px] leading-tight">
          <p className={says?.tone} aria-live="polite">
            <span aria-hidden>{says?.mark} </span>
            <span className="font-semibold">{says?.word}</span>
          </p>
          <p className="text-graphite" title={row.working.join(' ')}>
            {row.weight === '' ? 'no weight' : weightOf(row.weight, row.saidWeight !== '')}
            {row.standing === 'ruled out' && ', ruled out'}
            {row.standing === 'accepted' && ', accepted'}
          </p>
          {isOpen && verdict === 'c' && row.standing !== 'ruled out' && (
            <select
              className="gap text-[13px]"
              aria-label={`How ${row.told} stands then`}
              value={standing}
              onChange={(event) => onStanding(event.target.value)}
            >
              <option value="rival">stays a rival</option>
              <option value="ruled out">is ruled out</option>
            </select>
          )}
        </div>
      </div>
      {isClassing && row.claimId !== '' && (
        <Classification key={row.version} row={row} rows={rows} onDone={onClassing} />
      )}
    </li>
  )
}

/** A span on the axis: square where the words fix an edge, faded where it is an allowance. */
function Span({ row, scale }: { row: Row; scale: Scale }) {
  const span = spanOf(row, scale)
  const per = (share: number) => `${100 * share}%`
  const struck = row.standing === 'ruled out'
  return (
    <div className="relative h-[40px]">
      {!span.isEmpty && (
        <>
          <span
            aria-hidden
            className="absolute top-[19px] h-[12px]"
            style={{
              left: per(span.left),
              width: `max(3px, ${per(span.right - span.left)})`,
              background: `linear-gradient(90deg, transparent, var(--graphite) ${shareOf(span.hardLeft - span.left, span)},
                var(--graphite) ${shareOf(span.hardRight - span.left, span)}, transparent)`,
              opacity: struck ? 0.35 : 1,
            }}
          />
          <span
            aria-hidden
            className={`absolute top-[19px] h-[12px] ${row.weight === 'strong' ? 'bg-ink' : 'bg-graphite'} ${struck ? 'opacity-40' : ''}`}
            style={{ left: per(span.hardLeft), width: `max(3px, ${per(span.hardRight - span.hardLeft)})` }}
          />
        </>
      )}
      <span
        className={`absolute top-0 text-[13px] whitespace-nowrap ${struck ? 'line-through' : ''}`}
        style={
          span.left > 0.6
            ? { right: per(1 - Math.max(span.right, 0.02)) }
            : { left: per(Math.min(span.left, 0.9)) }
        }
      >
        {row.told}
        {row.place !== '' && <span className="text-graphite"> {row.place.split(',')[0]}</span>}
      </span>
    </div>
  )
}

function shareOf(part: number, span: { left: number; right: number }): string {
  const whole = span.right - span.left
  return whole <= 0 ? '0%' : `${(100 * part) / whole}%`
}
