import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { api, unwrap, type Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { useTreeId, useWrite } from '../../api/useTree'
import { Cancel } from '../../parts/Cancel'
import { saved } from '../../parts/saved'
import { ReasonField } from '../../parts/ReasonField'

type Value = Schemas['PlannedValueResource']
type Props = {
  kept: string
  gone: string
  people: Schemas['NamedPerson'][]
  onSwap: () => void
  onLeave: () => void
  /** With the relatives who come next, if any are double by it. */
  onJoined: (joinId: string, doubleByIt: Schemas['DoubleKinResource'][]) => void
}

/** All that a join would do, before it is done: which value leads, what becomes a rival, what goes over, who is next. */
export function JoinPlan({ kept, gone, people, onSwap, onLeave, onJoined }: Props) {
  const tree = useTreeId()
  const [leading, setLeading] = useState<Record<string, string>>({})
  const [reason, setReason] = useState('')
  const main = useRef<HTMLButtonElement>(null)
  const chosen = Object.values(leading).join(',')
  const { data: plan } = useQuery({
    ...queries.joinPlan(tree, kept, gone, chosen),
    placeholderData: keepPreviousData,
  })
  const isThere = plan !== undefined
  useEffect(() => main.current?.focus({ preventScroll: true }), [isThere])
  const join = useWrite(
    () =>
      unwrap(
        api.POST('/api/trees/{tree}/doubles/{person}/{otherPerson}/join', {
          params: { path: { tree, person: kept, otherPerson: gone } },
          body: { leading: Object.values(leading), reason },
        }),
      ),
    (made) => {
      saved('Joined.')
      onJoined(made.id, plan?.next ?? [])
    },
  )
  if (!plan) return <p className="text-graphite">One moment…</p>
  const number = (id: string) => people.find((one) => one.id === id)?.number
  if (plan.refusal !== '') {
    return (
      <p className="text-madder" role="alert">
        They cannot be joined. {plan.refusal} <Cancel onLeave={onLeave} />
      </p>
    )
  }
  const choices = [...new Set(plan.values.map((value) => value.choice).filter((choice) => choice !== ''))]
  const moving = plan.values.filter((value) => value.choice === '' && value.fate !== 'stays')
  const relations = [...new Set(plan.next.map((next) => next.relation))]
  const leads = (value: Value) =>
    leading[value.choice] === undefined
      ? value.isOfKept && value.fate !== 'becomes a rival'
      : leading[value.choice] === value.id
  return (
    <form
      aria-label="What joining them does"
      className="max-h-[372px] overflow-auto pb-1"
      onSubmit={(event) => {
        event.preventDefault()
        join.mutate()
      }}
      onKeyDown={(event) => event.key === 'Escape' && onLeave()}
    >
      <p>
        No. {number(gone)} is joined to no. {number(kept)}, which stays.{' '}
        <button type="button" className="act" onClick={onSwap}>
          Let no. {number(gone)} stay instead
        </button>
      </p>
      {choices.map((choice) => (
        <fieldset key={choice} className="mt-1 flex flex-wrap items-baseline gap-x-4">
          <legend className="float-left mr-3 text-[14px] text-graphite">
            {plan.values.find((value) => value.choice === choice)?.kind} that leads
          </legend>
          {plan.values
            .filter((value) => value.choice === choice)
            .map((value) => (
              <label key={value.id} className="flex items-baseline gap-1">
                <input
                  type="radio"
                  name={choice}
                  checked={leads(value)}
                  onChange={() => setLeading({ ...leading, [choice]: value.id })}
                />
                {value.says || 'without a date or place'}{' '}
                <span className="text-[13px] text-graphite">
                  (no. {number(value.isOfKept ? kept : gone)})
                </span>
              </label>
            ))}
        </fieldset>
      ))}
      <ul className="mt-1 list-disc pl-5 text-[14px] leading-snug">
        {choices.length > 0 && <li>The others stay as rivals, with their citations.</li>}
        {moving.map((value) => (
          <li key={value.id}>
            {value.kind} {value.says}:{' '}
            {value.fate === 'is the same'
              ? 'both have it; it is had once, with the citations of both'
              : 'goes over'}
            .
          </li>
        ))}
        {plan.family.map((line) => (
          <li key={line}>{line}</li>
        ))}
        {plan.moves.length > 0 && <li>Going over: {plan.moves.join(', ')}.</li>}
        {plan.remarks.map((line) => (
          <li key={line} className="text-ochre">
            {line}
          </li>
        ))}
        {relations.map((relation) => (
          <li key={relation}>
            {relation[0]?.toUpperCase()}
            {relation.slice(1)} who are double by it, offered next:{' '}
            {plan.next
              .filter((next) => next.relation === relation)
              .map(
                (next) => `${next.a.name} (no. ${next.a.number}) and ${next.b.name} (no. ${next.b.number})`,
              )
              .join('; ')}
            .
          </li>
        ))}
      </ul>
      <p className="mt-1 flex items-baseline gap-2">
        Reason
        <ReasonField
          className="gap min-w-0 grow"
          aria-label="Why they are one"
          value={reason}
          onValue={setReason}
          suggests={['The same names, dates and family; entered twice.']}
        />
      </p>
      <p className="mt-1 flex gap-4">
        <button ref={main} className="act-main" disabled={join.isPending}>
          Join these two
        </button>
        <Cancel onLeave={onLeave} />
      </p>
    </form>
  )
}
