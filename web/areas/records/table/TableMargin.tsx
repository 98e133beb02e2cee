import { useState } from 'react'
import { useTreeId } from '../../../api/useTree'
import { Finder } from '../../../parts/Finder'
import { findPeople } from '../../../parts/findPeople'
import { PersonLink } from '../../../parts/PersonLink'
import { OpenCase } from '../../questions/OpenCase'
import type { Line } from './roll'
import type { RecordMatch, MatchedLine, Assertion } from './useRecordMatch'
import { Cancel } from '../../../parts/Cancel'

export type Asking = '' | 'place' | 'aside' | 'call'

type Props = {
  line: Line
  at: number
  lineUp: RecordMatch
  asking: Asking
  onAsking: (asking: Asking) => void
  onDone: () => void
}

/** What the line in hand tells us: who it is, what is new, what agrees, what contradicts. */
export function TableMargin({ line, at, lineUp, asking, onAsking, onDone }: Props) {
  const lined = lineUp.byLine.get(line.id)
  return (
    <section aria-label="What it tells us" aria-live="polite">
      <p className="heads">
        Line {at + 1}
        {lineUp.isWorking && ', looking …'}
      </p>
      <h2 className="font-serif text-[20px] leading-tight">{line.name || 'Nobody is written here yet'}</h2>
      {asking === 'place' && <PlaceOn line={line} lineUp={lineUp} onDone={onDone} />}
      {asking === 'aside' && <SetAside line={line} lineUp={lineUp} onDone={onDone} />}
      {lined && asking === '' && <Who lined={lined} lineUp={lineUp} onAsking={onAsking} onDone={onDone} />}
      {lined && <Tells lined={lined} lineUp={lineUp} />}
    </section>
  )
}

function Who(props: {
  lined: MatchedLine
  lineUp: RecordMatch
  onAsking: (asking: Asking) => void
  onDone: () => void
}) {
  const { lined, lineUp, onAsking, onDone } = props
  const choose = (said: Parameters<RecordMatch['choose']>[1]) => () => {
    lineUp.choose(lined.lineId, { declined: [], wanted: [], ...said })
    onDone()
  }
  const choice = lineUp.choices[lined.lineId]
  return (
    <div className="mt-1 border-b border-rule pb-2">
      <p>
        {lined.as === 'placed' && (
          <>
            is{' '}
            <span className="font-serif text-[17px]">
              <PersonLink id={lined.personId}>{lined.name}</PersonLink>
            </span>
            {lined.odds !== '' && <span className="text-graphite">, {lined.odds}</span>}
          </>
        )}
        {lined.as === 'new' && (
          <>
            is <span className="font-semibold">a new person</span>
            <span className="text-graphite">, {lined.newOdds}</span>
          </>
        )}
        {lined.as === 'aside' && <>is set aside{choice?.reason ? `: ${choice.reason}` : '.'}</>}
        {lined.as === 'unplaced' && lined.asks === '' && (
          <span className="text-ochre">is left unplaced.</span>
        )}
      </p>
      {lined.asks !== '' && (
        <p className="mt-1 text-[14px] text-ochre">
          {lined.asks}
          {lined.as === 'placed' && (
            <input
              className="gap mt-1 w-full"
              aria-label="Why it is them all the same"
              placeholder="why it is them all the same"
              value={choice?.reason ?? ''}
              onChange={(event) =>
                lineUp.choose(lined.lineId, {
                  as: 'placed',
                  personId: lined.personId,
                  reason: event.target.value,
                })
              }
            />
          )}
        </p>
      )}
      <ol className="mt-1">
        {lined.offers.map((offer, index) => (
          <li key={offer.personId}>
            <button
              type="button"
              aria-pressed={lined.as === 'placed' && lined.personId === offer.personId}
              title={offer.grounds.join(' ')}
              className="flex w-full items-baseline gap-2 py-[2px] text-left hover:bg-wash aria-pressed:bg-wash"
              onClick={choose({ as: 'placed', personId: offer.personId })}
            >
              <kbd>{index + 1}</kbd>
              <span className="grow truncate font-serif text-[16px]">
                {offer.name} <span className="font-sans text-[13px] text-graphite">{offer.years}</span>
              </span>
              <span className="shrink-0 text-[13px] text-graphite">{offer.odds}</span>
            </button>
            {lined.as === 'placed' && lined.personId === offer.personId && (
              <p className="pl-[26px] text-[13px] text-graphite">{offer.grounds.join(' ')}</p>
            )}
          </li>
        ))}
      </ol>
      <p className="mt-1 flex flex-wrap gap-x-3 gap-y-1 text-[13px]">
        <button type="button" className="act" onClick={() => onAsking('place')}>
          <kbd>p</kbd> somebody else
        </button>
        <button type="button" className="act" onClick={choose({ as: 'new', personId: null })}>
          <kbd>w</kbd> new person
        </button>
        <button type="button" className="act" onClick={choose({ as: 'unplaced', personId: null })}>
          <kbd>o</kbd> leave unplaced
        </button>
        <button type="button" className="act" onClick={() => onAsking('aside')}>
          <kbd>s</kbd> set aside
        </button>
        <button type="button" className="act" onClick={() => onAsking('call')}>
          <kbd>m</kbd> call more in
        </button>
        {lined.offers.length > 0 && (
          <OpenCase
            says="set up a case"
            asks={{
              aspect: 'line',
              lineId: lined.lineId,
              people: lined.offers.slice(0, 4).map((offer) => offer.personId),
            }}
          />
        )}
      </p>
    </div>
  )
}

function PlaceOn({ line, lineUp, onDone }: { line: Line; lineUp: RecordMatch; onDone: () => void }) {
  const tree = useTreeId()
  return (
    <div className="my-2 border-l-2 border-tide pl-3">
      <Finder
        label="Place it on"
        queryKey="place"
        find={(q) => findPeople(tree, q)}
        onChosen={(found) => {
          lineUp.choose(line.id, { as: 'placed', personId: found.id, declined: [], wanted: [] })
          onDone()
        }}
        onLeave={onDone}
        autoFocus
      />
    </div>
  )
}

const LAST_REASON = 'aside-reason'

function SetAside({ line, lineUp, onDone }: { line: Line; lineUp: RecordMatch; onDone: () => void }) {
  const [reason, setReason] = useState(
    () => localStorage.getItem(LAST_REASON) ?? 'No kin, and not looked for.',
  )
  return (
    <form
      className="my-2 border-l-2 border-tide pl-3"
      onSubmit={(event) => {
        event.preventDefault()
        localStorage.setItem(LAST_REASON, reason)
        lineUp.choose(line.id, { as: 'aside', personId: null, reason })
        onDone()
      }}
    >
      <label className="heads" htmlFor="aside-reason">
        Why {line.name || 'this line'} is set aside
      </label>
      <input
        id="aside-reason"
        className="gap w-full"
        autoFocus
        value={reason}
        onFocus={(event) => event.target.select()}
        onChange={(event) => setReason(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Escape') {
            event.stopPropagation()
            onDone()
          }
        }}
      />
      <p className="flex gap-4 text-[13px]">
        <button className="act">Set aside</button>
        <Cancel onLeave={onDone} />
      </p>
    </form>
  )
}

const LISTS: { states: string[]; head: string; mark: string; tone: string }[] = [
  { states: ['contradicts'], head: 'Contradicts', mark: '≠', tone: 'text-madder' },
  { states: ['strains'], head: 'Strains', mark: '≈', tone: 'text-ochre' },
  { states: ['new'], head: 'New', mark: '+', tone: 'text-tide' },
  { states: ['agrees'], head: 'Agrees', mark: '=', tone: 'text-lichen' },
  { states: ['remark'], head: 'Also', mark: '·', tone: 'text-graphite' },
]

function Tells({ lined, lineUp }: { lined: MatchedLine; lineUp: RecordMatch }) {
  if (lined.told.length === 0) return null
  return (
    <>
      {LISTS.map(({ states, head, mark, tone }) => {
        const items = lined.told.filter((told) => states.includes(told.state))
        return (
          items.length > 0 && (
            <section key={head} className="mt-2">
              <h3 className={`text-[13px] font-semibold ${tone}`}>
                <span aria-hidden>{mark} </span>
                {head}
              </h3>
              <ul>
                {items.map((told) => (
                  <Telling key={told.key} told={told} lined={lined} lineUp={lineUp} />
                ))}
              </ul>
            </section>
          )
        )
      })}
    </>
  )
}

function Telling({ told, lined, lineUp }: { told: Assertion; lined: MatchedLine; lineUp: RecordMatch }) {
  const choice = lineUp.choices[lined.lineId]
  const isOn = told.isWanted ? !choice?.declined?.includes(told.key) : !!choice?.wanted?.includes(told.key)
  const canChoose = told.state !== 'remark' && (told.isWanted || told.state === 'new')
  const turn = () => {
    const [own, other] = told.isWanted ? (['declined', 'wanted'] as const) : (['wanted', 'declined'] as const)
    const list = choice?.[own] ?? []
    lineUp.choose(lined.lineId, {
      [own]: list.includes(told.key) ? list.filter((key) => key !== told.key) : [...list, told.key],
      [other]: choice?.[other] ?? [],
    })
  }
  return (
    <li className="py-[1px] text-[14px] leading-snug">
      <label className="flex items-start gap-2">
        {canChoose && (
          <input
            type="checkbox"
            className="mt-[3px] shrink-0"
            checked={isOn}
            onChange={turn}
            aria-label={`Enter: ${told.says}`}
          />
        )}
        <details className="min-w-0 grow">
          <summary
            className={`min-h-[24px] cursor-pointer list-none ${isOn || !canChoose ? '' : 'text-graphite line-through'}`}
          >
            {told.says}
            {told.ground !== '' && <span className="text-graphite"> {told.ground}</span>}
          </summary>
          <p className="text-[13px] text-graphite">
            By “{told.rule}”: {told.working}
            {told.words !== '' && ` The page: “${told.words}”.`}
          </p>
        </details>
      </label>
    </li>
  )
}
