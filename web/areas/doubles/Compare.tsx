import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate, useParams, useSearchParams } from 'react-router'
import { api, unwrap, type Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { useCommands } from '../../keys/commandRegistry'
import { count } from '../../parts/count'
import { saved } from '../../parts/saved'
import { ComparedLines } from './ComparedLines'
import { DifferentForm } from './DifferentForm'
import { JoinPlan } from './JoinPlan'
import { LastRulings } from './LastRulings'
import { LivesOverEachOther } from './LivesOverEachOther'
import { useSitting } from './useSitting'

/** Two to four entries side by side: the same, different, or not now; then the next pair in place. */
export default function Compare() {
  const { person = '', otherPerson = '' } = useParams()
  return <Pair key={`${person} ${otherPerson}`} person={person} otherPerson={otherPerson} />
}

/** One pair, begun afresh, so that nothing said of the pair before is taken for this one. */
function Pair({ person, otherPerson }: { person: string; otherPerson: string }) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const [search, setSearch] = useSearchParams()
  const beside = search.get('beside') ?? ''
  const [doing, setDoing] = useState<'' | 'join' | 'different'>('')
  const [kept, setKept] = useState(person)
  const sitting = useSitting(person, otherPerson)
  const { data, error } = useQuery(queries.compare(tree, person, otherPerson, beside))
  const goOn = (doubleByIt: Schemas['DoubleKinResource'][] = []) => {
    const next = sitting.after(doubleByIt.map((kin) => ({ a: kin.a.id, b: kin.b.id })))
    void navigate(path(next ? `doubles/${next.a}/${next.b}` : 'doubles'))
  }
  const rule = useWrite(
    (said: { ruling: 'different' | 'not now'; reason: string }) =>
      unwrap(
        api.PUT('/api/trees/{tree}/doubles/{person}/{otherPerson}/ruling', {
          params: { path: { tree, person, otherPerson } },
          body: said,
        }),
      ),
    (_made, said) => {
      saved(said.ruling === 'different' ? 'Ruled to be two people.' : 'Put off.')
      sitting.remember({ person, otherPerson, says: `${names}: ${said.ruling}`, joinId: '' })
      goOn()
    },
  )
  const unrule = useWrite(
    () =>
      unwrap(
        api.DELETE('/api/trees/{tree}/doubles/{person}/{otherPerson}/ruling', {
          params: { path: { tree, person, otherPerson } },
        }),
      ),
    () => saved('Ruling removed.'),
  )
  const swap = () => setKept((now) => (now === person ? otherPerson : person))
  useCommands([
    { key: 's', says: 'The same: show what joining does', run: () => setDoing('join') },
    { key: 'd', says: 'Different: two people', run: () => setDoing('different') },
    { key: 'n', says: 'Not now', run: () => rule.mutate({ ruling: 'not now', reason: '' }) },
    { key: 'x', says: 'Swap which of the two stays', run: swap },
    {
      key: 'Escape',
      says: 'Back to the list',
      run: () => (doing === '' ? void navigate(path('doubles')) : setDoing('')),
    },
  ])
  if (error) return <p className="p-6 text-madder">{error.message}</p>
  if (!data) return <p className="p-6 text-graphite">One moment…</p>
  const names = data.people
    .slice(0, 2)
    .map((one) => `${one.name} (no. ${one.number})`)
    .join(' and ')
  const pair = data.pairs[0]
  const gone = kept === person ? otherPerson : person
  return (
    <div className="flex h-full flex-col overflow-auto px-6 py-3">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1 className="font-serif text-[24px]">
          {data.people.length > 2 ? `Are these ${data.people.length} one person?` : 'Are these one person?'}
        </h1>
        {pair && pair.shown !== '' && (
          <span className="tabular text-[17px]" title="by names, dates, places and kin">
            {pair.shown} likely
          </span>
        )}
        <span className="text-[14px] text-graphite">{count(sitting.toDo, 'pair')} to do</span>
        {pair?.ruling && (
          <span className="text-[14px] text-ochre">
            {pair.ruling === 'different' ? 'Ruled to be two people' : 'Put off'}
            {pair.ruledBy && ` by ${pair.ruledBy}`}
            {pair.reason && `: ${pair.reason}`}{' '}
            <button type="button" className="act" onClick={() => unrule.mutate()}>
              Remove this ruling
            </button>
          </span>
        )}
      </div>
      <LastRulings ruled={sitting.ruled} onForget={sitting.forget} />
      {data.others.length > 0 && data.people.length < 4 && (
        <p className="mt-1 text-[14px]">
          May be the same, too:{' '}
          {data.others.slice(0, 4).map((other) => (
            <button
              key={other.id}
              type="button"
              className="act mr-4"
              onClick={() => setSearch({ beside: [beside, other.id].filter(Boolean).join(',') })}
            >
              Show {other.name}, no. {other.number}
            </button>
          ))}
        </p>
      )}
      <LivesOverEachOther page={data} />
      <ComparedLines page={data} kept={kept} />
      <div className="sticky bottom-0 mt-2 border-t border-rule bg-paper pt-2">
        {doing === 'join' && (
          <JoinPlan
            kept={kept}
            gone={gone}
            people={data.people}
            onSwap={swap}
            onLeave={() => setDoing('')}
            onJoined={(joinId, doubleByIt) => {
              sitting.remember({ person: kept, otherPerson: gone, says: `${names}: joined`, joinId })
              goOn(doubleByIt)
            }}
          />
        )}
        {doing === 'different' && (
          <DifferentForm
            busy={rule.isPending}
            onRule={(reason) => rule.mutate({ ruling: 'different', reason })}
            onLeave={() => setDoing('')}
          />
        )}
        {doing === '' && (
          <p className="flex flex-wrap items-baseline gap-x-5">
            <span>
              <button type="button" className="act-main" onClick={() => setDoing('join')}>
                The same
              </button>{' '}
              <kbd>s</kbd>
            </span>
            <button type="button" className="act" onClick={() => setDoing('different')}>
              Different <kbd>d</kbd>
            </button>
            <button
              type="button"
              className="act"
              onClick={() => rule.mutate({ ruling: 'not now', reason: '' })}
            >
              Not now <kbd>n</kbd>
            </button>
            <button type="button" className="act" onClick={swap}>
              Swap who stays <kbd>x</kbd>
            </button>
            <span className="text-[14px] text-graphite">
              {data.people.find((one) => one.id === kept)?.name}, no.{' '}
              {data.people.find((one) => one.id === kept)?.number}, stays.
            </span>
          </p>
        )}
      </div>
    </div>
  )
}
