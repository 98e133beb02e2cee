import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { OriginWeights, originWeightWords } from '../../parts/OriginWeights'
import { PersonLink } from '../../parts/PersonLink'
import { ReasonField } from '../../parts/ReasonField'
import { saved } from '../../parts/saved'
import { Cancel } from '../../parts/Cancel'
import { queries } from '../../api/queries'

type Effect = Schemas['ImpactEffect']

type Target = 'claim' | 'record' | 'source' | 'fact' | 'tie' | 'placing' | 'decision'

const OUTCOMES: { outcome: Effect['outcome']; head: string; mark: string; tone: string }[] = [
  { outcome: 'falls', head: 'Falls: nothing else says so', mark: '×', tone: 'text-madder' },
  { outcome: 'opens again', head: 'Is asked again', mark: '?', tone: 'text-ochre' },
  { outcome: 'unproved', head: 'Stays, and nobody has proved it', mark: '…', tone: 'text-ochre' },
  { outcome: 'weaker', head: 'Stands, but weaker', mark: '↓', tone: 'text-ochre' },
  { outcome: 'stands on other ground', head: 'Stands on other ground', mark: '=', tone: 'text-lichen' },
]

/** What would come of it if something were false, before anything is changed; and the one act that makes it so. */
export default function Impact() {
  const tree = useTreeId()
  const navigate = useNavigate()
  const params = useParams()
  const [target, id] = [params.target as Target, params.id ?? '']
  const [why, setWhy] = useState('')
  const at = { params: { path: { tree, target, id } } }
  const { data, error } = useQuery(queries.impact(tree, target, id))
  const makeSo = useWrite(
    (seen: string) =>
      unwrap(api.POST('/api/trees/{tree}/impact/{target}/{id}', { ...at, body: { why, seen } })),
    () => {
      saved('Marked as false, with what depended on it.')
      void navigate(-1)
    },
  )
  if (error) return <p className="p-6 text-madder">{error.message}</p>
  if (!data) return <p className="p-6 text-graphite">One moment…</p>
  return (
    <div className="flex h-full flex-col px-6 py-3">
      <header className="shrink-0">
        <h1 className="font-serif text-[26px] leading-tight">{data.supposed}</h1>
        <p className="text-[14px] text-graphite">{summary(data)} Nothing has been changed yet.</p>
      </header>
      <div className="mt-3 grid min-h-0 grow grid-cols-[minmax(0,1fr)_340px] gap-x-8 overflow-auto max-lg:grid-cols-1">
        <div>
          {data.effects.length === 0 && <p>Nothing that was concluded rests on it.</p>}
          {OUTCOMES.map(({ outcome, head, mark, tone }) => {
            const effects = data.effects.filter((effect) => effect.outcome === outcome)
            return (
              effects.length > 0 && (
                <section key={outcome} className="mb-4">
                  <h2 className={`heads font-semibold ${tone}`}>
                    <span aria-hidden>{mark} </span>
                    {head} <span className="font-normal text-graphite">{effects.length}</span>
                  </h2>
                  <ul>
                    {byPerson(effects).map((effect, at, all) => (
                      <Line
                        key={effect.id}
                        effect={effect}
                        isSamePerson={effect.kind !== 'tie' && all[at - 1]?.personId === effect.personId}
                      />
                    ))}
                  </ul>
                </section>
              )
            )
          })}
        </div>
        <aside aria-label="When they lived">
          {data.unweighed.length > 0 && (
            <section className="mb-4">
              <h2 className="heads font-semibold">No longer decided</h2>
              <ul className="text-[14px]">
                {data.unweighed.map((fact) => (
                  <li key={fact.id}>
                    {[fact.shown, fact.place].filter(Boolean).join(', ')}{' '}
                    <span className="text-graphite">now {fact.standing}</span>
                  </li>
                ))}
              </ul>
            </section>
          )}
          <h2 className="heads font-semibold">When they must have lived</h2>
          {data.windows.length === 0 ? (
            <p className="text-[14px] text-graphite">No birth or death range changes.</p>
          ) : (
            <ul className="text-[14px]">
              {data.windows.map((moved) => (
                <li key={`${moved.personId} ${moved.what}`} className="mb-1">
                  <PersonLink id={moved.personId}>{moved.personName}</PersonLink> {moved.what}{' '}
                  <span className="text-graphite line-through">{moved.before}</span>{' '}
                  <span className="whitespace-nowrap">{moved.after}</span>
                </li>
              ))}
            </ul>
          )}
        </aside>
      </div>
      <form
        className="flex shrink-0 items-baseline gap-4 border-t border-rule pt-2"
        onSubmit={(event) => {
          event.preventDefault()
          if (why.trim() !== '') makeSo.mutate(data.mark)
        }}
        onKeyDown={(event) => event.key === 'Escape' && navigate(-1)}
      >
        <ReasonField
          className="gap grow font-serif text-[16px]"
          aria-label="Why it is false"
          suggests={['It is of another person of the same name.', 'The record was misread.']}
          placeholder="why it is false, so that nobody concludes it again"
          autoFocus
          value={why}
          onValue={setWhy}
        />
        <button className="act font-semibold" disabled={why.trim() === '' || makeSo.isPending}>
          Mark as false
        </button>
        <Cancel onLeave={() => navigate(-1)} />
      </form>
    </div>
  )
}

/** Those of one person together, whoever comes first first. */
function byPerson(effects: Effect[]): Effect[] {
  const order = [...new Set(effects.map((effect) => effect.personId))]
  return order.flatMap((person) => effects.filter((effect) => effect.personId === person))
}

function Line({ effect, isSamePerson }: { effect: Effect; isSamePerson: boolean }) {
  const says = `${originWeightWords(effect.before)}; then ${originWeightWords(effect.after)}`
  return (
    <li
      className={`grid grid-cols-[170px_minmax(0,1fr)_96px] items-center gap-x-3 py-[2px] ${isSamePerson ? '' : 'border-t border-rule'}`}
    >
      <span className="truncate font-serif">
        {!isSamePerson && effect.kind !== 'tie' && effect.personId !== '' && (
          <PersonLink id={effect.personId}>{effect.personName}</PersonLink>
        )}
      </span>
      <span>
        {effect.words}
        {effect.then !== '' && <span className="text-graphite"> {effect.then}</span>}
      </span>
      {(effect.kind === 'fact' || effect.kind === 'tie') && (
        <span className="grid grid-cols-[40px_16px_40px] items-end" role="img" aria-label={says} title={says}>
          <span className="flex justify-end">
            <OriginWeights weights={effect.before} quiet />
          </span>
          <span aria-hidden className="text-center leading-none text-graphite">
            ›
          </span>
          <OriginWeights weights={effect.after} quiet />
        </span>
      )}
    </li>
  )
}

function summary(page: Schemas['ImpactPage']): string {
  const many = (count: number, one: string, more: string) => (count === 1 ? `One ${one}` : `${count} ${more}`)
  return `${many(page.claims, 'claim counts', 'claims count')} no longer; ${many(page.people, 'person is', 'people are').toLowerCase()}
    touched.`
}
