import { useQuery } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { Link, useParams } from 'react-router'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { EditConflict } from '../../parts/EditConflict'
import { Finder } from '../../parts/Finder'
import { findPeople } from '../../parts/findPeople'
import { useCommands } from '../../keys/commandRegistry'
import { AlternativeColumn } from './AlternativeColumn'
import { CaseContext } from './CaseContext'
import { ReasonField } from '../../parts/ReasonField'
import { saved } from '../../parts/saved'
import { queries } from '../../api/queries'

const STATES = [
  { state: 'unresolved', says: 'unresolved', mark: '?' },
  { state: 'probable', says: 'probable', mark: '…' },
  { state: 'proved', says: 'proved', mark: '=' },
  { state: 'ruled out', says: 'ruled out', mark: '×' },
] as const

type State = (typeof STATES)[number]['state']

/** A case of identity or kinship: its alternatives as columns, the points under each, and how far it has come. */
export default function Case() {
  const tree = useTreeId()
  const question = useParams().question ?? ''
  const { data, error } = useQuery(queries.case(tree, question))
  if (error) return <p className="p-6 text-madder">{error.message}</p>
  if (!data) return <p className="p-6 text-graphite">One moment…</p>
  return <CaseOf key={`${data.id} ${data.state}`} page={data} />
}

function CaseOf({ page }: { page: Schemas['CasePage'] }) {
  const tree = useTreeId()
  const path = useTreePath()
  const at = { params: { path: { tree, question: page.id } } }
  const concluded = page.alternatives.find((alternative) => alternative.isConcluded)
  const [inHand, setInHand] = useState(concluded?.id ?? page.alternatives[0]?.id ?? '')
  const [state, setState] = useState<State>(page.state === 'open' ? 'unresolved' : (page.state as State))
  const [reason, setReason] = useState(page.reason)
  const [naming, setNaming] = useState(false)
  const [adding, setAdding] = useState(false)
  const conclude = useWrite(
    () =>
      unwrap(
        api.POST('/api/trees/{tree}/cases/{question}/conclude', {
          ...at,
          body: { version: page.version, state, reason, alternativeId: inHand },
        }),
      ),
    () => saved('Concluded as far as it goes.'),
  )
  const name = useWrite(
    (body: Schemas['AlternativeInput']) =>
      unwrap(api.POST('/api/trees/{tree}/cases/{question}/alternatives', { ...at, body })),
    () => setNaming(false),
  )
  useCommands([
    ...page.alternatives.slice(0, 9).map((alternative, index) => ({
      key: String(index + 1),
      says: `Choose ${alternative.person?.name ?? alternative.title}`,
      run: () => setInHand(alternative.id),
    })),
    { key: 'a', says: 'Add a point to the chosen answer', run: () => setAdding(true) },
  ])
  const areProvedOne = page.state === 'proved' && page.decision === page.alternatives[0]?.title
  const keep = (event: FormEvent) => {
    event.preventDefault()
    conclude.mutate(undefined)
  }
  return (
    <div className="flex h-full flex-col px-6 py-2 max-lg:overflow-auto">
      <header className="shrink-0">
        <h1 className="font-serif text-[26px] leading-tight">
          {page.sentence}{' '}
          <span className={`font-sans text-[15px] ${page.state === 'proved' ? 'text-lichen' : 'text-ochre'}`}>
            {page.state === 'open' ? 'open' : `${page.state}${page.decision && `: ${page.decision}`}`}
          </span>
        </h1>
        {page.line && (
          <p className="text-[14px] text-graphite">
            “{page.line.name}”, {page.line.says || 'no more is said'}.{' '}
            <Link className="act" to={path(`records/table/${page.line.recordId}`)}>
              {page.line.source}
            </Link>{' '}
            {page.line.date}
          </p>
        )}
        {page.person && page.other && page.person.id !== page.other.id && page.aspect === 'same' && (
          <p className="text-[14px]">
            {areProvedOne && 'They were proved to be one person, and stand in the tree twice. '}
            <Link className="act" to={path(`doubles/${page.person.id}/${page.other.id}`)}>
              {areProvedOne ? 'Compare and join these two' : 'Compare side by side'}
            </Link>
          </p>
        )}
        {page.reopenedBy !== '' && (
          <p role="alert" className="text-[14px] text-ochre">
            Open again. {page.reopenedBy}
          </p>
        )}
      </header>
      <div className="mt-2 grid min-h-0 grow grid-cols-[minmax(0,1fr)_330px] gap-x-6 max-lg:grid-cols-1">
        <div className="flex min-h-0 gap-x-5 overflow-auto max-md:flex-col">
          {page.alternatives.map((alternative, index) => (
            <AlternativeColumn
              key={alternative.id}
              page={page}
              alternative={alternative}
              number={index + 1}
              isInHand={alternative.id === inHand}
              onTake={() => setInHand(alternative.id)}
              isAdding={adding && alternative.id === inHand}
              onAdding={setAdding}
            />
          ))}
          <div className={`w-[120px] shrink-0 text-[14px] ${page.aspect === 'same' ? 'hidden' : ''}`}>
            {naming ? (
              <Finder
                label="Who else it may be"
                queryKey="people"
                find={(q) => findPeople(tree, q)}
                onChosen={(found) => name.mutate({ personId: found.id })}
                onLeave={() => setNaming(false)}
              />
            ) : (
              <>
                <button type="button" className="act block" onClick={() => setNaming(true)}>
                  Somebody else
                </button>
                {page.alternatives.every((alternative) => alternative.person !== null) && (
                  <button
                    type="button"
                    className="act block text-left"
                    onClick={() => name.mutate({ title: 'Nobody we know' })}
                  >
                    Nobody we know
                  </button>
                )}
              </>
            )}
          </div>
        </div>
        <CaseContext page={page} />
      </div>
      <form className="shrink-0 border-t border-rule pt-2" onSubmit={keep}>
        <EditConflict problem={conclude.error} />
        <div className="flex flex-wrap items-baseline gap-x-4">
          <fieldset className="flex gap-x-4">
            <legend className="sr-only">How far it has come</legend>
            {STATES.map((one) => (
              <label key={one.state} className="flex items-baseline gap-1 whitespace-nowrap">
                <input
                  type="radio"
                  name="state"
                  checked={state === one.state}
                  onChange={() => setState(one.state)}
                />
                <span aria-hidden className="text-graphite">
                  {one.mark}
                </span>
                {one.says}
              </label>
            ))}
          </fieldset>
          <ReasonField
            className="gap min-w-[240px] grow font-serif text-[16px]"
            aria-label="Reason"
            suggests={['Name, age and birthplace agree, and nobody else fits.']}
            placeholder="why, in a full sentence"
            value={reason}
            onValue={setReason}
          />
          <button
            className="act-main"
            disabled={conclude.isPending || (state !== 'unresolved' && reason.trim() === '')}
          >
            Conclude
          </button>
          {page.state !== 'open' && page.state !== 'unresolved' && (
            <Link className="act" to={path(`questions/impact/decision/${page.id}`)}>
              What if this is wrong?
            </Link>
          )}
        </div>
      </form>
    </div>
  )
}
