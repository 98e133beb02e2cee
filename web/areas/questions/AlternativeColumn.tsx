import { useState, type FormEvent } from 'react'
import { Link } from 'react-router'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { PersonLink } from '../../parts/PersonLink'

type Props = {
  page: Schemas['CasePage']
  alternative: Schemas['CaseAlternative']
  number: number
  isInHand: boolean
  onTake: () => void
  isAdding: boolean
  onAdding: (on: boolean) => void
}

/** One answer with its points for and against; the one in hand takes new points. */
export function AlternativeColumn(props: Props) {
  const { page, alternative, number, isInHand, onTake, isAdding, onAdding } = props
  const tree = useTreeId()
  const drop = useWrite(() =>
    unwrap(
      api.DELETE('/api/trees/{tree}/alternatives/{alternative}', {
        params: { path: { tree, alternative: alternative.id } },
      }),
    ),
  )
  const called = alternative.person?.name ?? alternative.title
  return (
    <section
      aria-label={called}
      className={`min-w-[200px] flex-1 border-t-2 pt-1 ${isInHand ? 'border-tide' : 'border-rule'}`}
    >
      <h2 className="flex items-baseline gap-2 font-serif text-[19px] leading-tight">
        <kbd>{number}</kbd>
        <span className="min-w-0 grow">
          {alternative.person ? (
            <PersonLink id={alternative.person.id}>{alternative.person.name}</PersonLink>
          ) : (
            alternative.title
          )}{' '}
          <span className="text-[14px] text-graphite">{alternative.person?.life}</span>
        </span>
      </h2>
      <p className="flex gap-3 text-[13px] text-graphite">
        {alternative.isConcluded && <span className="text-lichen">{page.state}</span>}
        {isInHand ? (
          <span>chosen</span>
        ) : (
          <button type="button" className="act" onClick={onTake}>
            Choose
          </button>
        )}
        {alternative.points.length === 0 && page.aspect !== 'same' && (
          <button type="button" className="act" onClick={() => drop.mutate(undefined)}>
            Remove
          </button>
        )}
      </p>
      <Points
        head="For"
        mark="+"
        tone="text-lichen"
        points={alternative.points.filter((point) => point.isFor)}
      />
      <Points
        head="Against"
        mark="−"
        tone="text-madder"
        points={alternative.points.filter((point) => !point.isFor)}
      />
      {isInHand &&
        (isAdding ? (
          <AddPoint page={page} alternative={alternative.id} onDone={() => onAdding(false)} />
        ) : (
          <button type="button" className="act mt-2 text-[14px]" onClick={() => onAdding(true)}>
            Add a point <kbd>a</kbd>
          </button>
        ))}
    </section>
  )
}

type PointsProps = { head: string; mark: string; tone: string; points: Schemas['CasePoint'][] }

function Points({ head, mark, tone, points }: PointsProps) {
  const tree = useTreeId()
  const path = useTreePath()
  const drop = useWrite((point: string) =>
    unwrap(api.DELETE('/api/trees/{tree}/points/{point}', { params: { path: { tree, point } } })),
  )
  if (points.length === 0) return null
  return (
    <div className="mt-2">
      <h3 className={`text-[13px] font-semibold ${tone}`}>{head}</h3>
      <ul>
        {points.map((point) => (
          <li key={point.id} className="group flex gap-2 border-b border-rule py-1 text-[15px] leading-snug">
            <span aria-hidden className={tone}>
              {mark}
            </span>
            <div className="min-w-0 grow">
              <p className="font-serif">{point.text}</p>
              <p className="text-[13px] text-graphite">
                {point.cited === '' ? (
                  point.weight || 'rests on no record'
                ) : (
                  <>
                    {point.weight},{' '}
                    <Link className="hover:underline" to={path(`records/table/${point.recordId}`)}>
                      {point.cited}
                    </Link>
                  </>
                )}{' '}
                <button
                  type="button"
                  className="act"
                  aria-label={`Remove: ${point.text}`}
                  onClick={() => drop.mutate(point.id)}
                >
                  Remove
                </button>
              </p>
            </div>
          </li>
        ))}
      </ul>
    </div>
  )
}

type AddProps = { page: Schemas['CasePage']; alternative: string; onDone: () => void }

/** A point is a sentence, the claim that it rests on, and whether it speaks for or against. */
function AddPoint({ page, alternative, onDone }: AddProps) {
  const tree = useTreeId()
  const [text, setText] = useState('')
  const [claimId, setClaimId] = useState('')
  const [weight, setWeight] = useState('')
  const add = useWrite(
    (isFor: boolean) =>
      unwrap(
        api.POST('/api/trees/{tree}/cases/{question}/points', {
          params: { path: { tree, question: page.id } },
          body: {
            text,
            isFor,
            alternativeId: alternative,
            ...(claimId === '' ? {} : { claimId }),
            ...(claimId !== '' || weight === '' ? {} : { weight }),
          },
        }),
      ),
    () => {
      setText('')
      setClaimId('')
    },
  )
  const keep = (event: FormEvent) => {
    event.preventDefault()
    if (text.trim() !== '') add.mutate(true)
  }
  return (
    <form
      className="mt-2 border-l-2 border-tide pl-3"
      onSubmit={keep}
      onKeyDown={(event) => event.key === 'Escape' && onDone()}
    >
      <textarea
        rows={2}
        className="gap w-full font-serif text-[15px]"
        aria-label="The point"
        placeholder="what speaks for it or against it"
        autoFocus
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <select
        className="gap w-full text-[13px]"
        aria-label="The claim that it rests on"
        value={claimId}
        onChange={(event) => setClaimId(event.target.value)}
      >
        <option value="">rests on no record that is here</option>
        {page.citable.map((claim) => (
          <option key={claim.id} value={claim.id}>
            {claim.words} ({claim.weight})
          </option>
        ))}
      </select>
      {claimId === '' && (
        <select
          className="gap text-[13px]"
          aria-label="What it weighs"
          value={weight}
          onChange={(event) => setWeight(event.target.value)}
        >
          <option value="">weighs what it may</option>
          <option value="strong">strong</option>
          <option value="fair">fair</option>
          <option value="slight">slight</option>
        </select>
      )}
      <p className="mt-1 flex flex-wrap gap-x-3 text-[14px]">
        <button className="act" disabled={text.trim() === '' || add.isPending}>
          + For
        </button>
        <button
          type="button"
          className="act"
          disabled={text.trim() === '' || add.isPending}
          onClick={() => add.mutate(false)}
        >
          − Against
        </button>
        <button type="button" className="act" onClick={onDone}>
          Close <kbd>Esc</kbd>
        </button>
      </p>
    </form>
  )
}
