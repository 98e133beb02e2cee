import { useState } from 'react'
import { Link } from 'react-router'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { EditConflict } from '../../parts/EditConflict'
import { StyledText } from '../../parts/StyledText'
import { ReasonField } from '../../parts/ReasonField'
import { useCommands } from '../../keys/commandRegistry'
import { OpenCase } from './OpenCase'
import type { Row } from './axis'
import { Classification } from './Classification'
import { classWords, weightOf } from './classification'
import { Decision } from './Decision'
import { saved } from '../../parts/saved'

type Fact = Schemas['QuestionFact']

/** A question that is not about time: the facts as columns with what is told for each, and the one that is taken. */
export function UndatedWeighing({ question }: { question: Schemas['QuestionPage'] }) {
  const tree = useTreeId()
  const [chosen, setChosen] = useState('')
  const [reason, setReason] = useState('')
  const [ruledOut, setRuledOut] = useState(false)
  const isOpen = question.state === 'open'
  const isOfSex = question.aspect === 'sex'
  const decide = useWrite(
    () =>
      unwrap(
        api.POST('/api/trees/{tree}/questions/{question}/decide', {
          params: { path: { tree, question: question.id } },
          body: {
            version: question.version,
            reason,
            ...(isOfSex ? { sex: chosen === 'M' ? ('M' as const) : ('F' as const) } : { factId: chosen }),
            standings: ruledOut
              ? Object.fromEntries(
                  question.facts.filter((fact) => fact.id !== chosen).map((fact) => [fact.id, 'ruled out']),
                )
              : {},
          },
        }),
      ),
    () => saved('Decided.'),
  )
  useCommands(
    isOpen
      ? question.facts.slice(0, 9).map((fact, index) => ({
          key: String(index + 1),
          says: `Take ${fact.word} ${fact.shown}`,
          run: () => setChosen(fact.id),
        }))
      : [],
  )
  if (question.people.length > 1 && isOpen) {
    return (
      <p className="mt-4">
        Who it was is weighed as a case, each of them an answer with what speaks for it and against it.{' '}
        <OpenCase
          says="Set up a case"
          asks={{
            aspect: question.aspect === 'father' ? 'father' : 'mother',
            personId: question.personId,
            people: question.people,
          }}
        />
      </p>
    )
  }
  if (question.facts.length === 0) {
    return <p className="mt-4 text-graphite">No fact of this question is left. Nothing disagrees any more.</p>
  }
  return (
    <>
      <div
        className="mt-3 grid grow auto-cols-fr grid-flow-col gap-6 max-sm:grid-flow-row"
        role="group"
        aria-label="What is told"
      >
        {question.facts.map((fact, index) => (
          <Column
            key={fact.id}
            fact={fact}
            number={index + 1}
            rows={question.rows.filter((row) => row.factId === fact.id)}
            all={question.rows}
            isChosen={isOpen ? chosen === fact.id : fact.standing === 'accepted'}
            {...(isOpen ? { onChoose: () => setChosen(fact.id) } : {})}
          />
        ))}
      </div>
      {isOpen ? (
        <form
          className="sticky bottom-0 flex flex-wrap items-baseline gap-4 border-t border-rule bg-paper py-2"
          onSubmit={(event) => {
            event.preventDefault()
            decide.mutate(undefined)
          }}
        >
          {!isOfSex && (
            <label className="text-[14px]">
              <input
                type="checkbox"
                checked={ruledOut}
                onChange={(event) => setRuledOut(event.target.checked)}
              />{' '}
              rule the others out
            </label>
          )}
          <ReasonField
            className="gap min-w-[240px] grow font-serif text-[16px]"
            aria-label="Reason"
            placeholder="why, in a full sentence"
            suggests={['It was written nearer to the day, by somebody who knew.']}
            value={reason}
            onValue={setReason}
          />
          <button className="act-main" disabled={chosen === '' || reason.trim() === '' || decide.isPending}>
            Decide
          </button>
          <EditConflict problem={decide.error} />
        </form>
      ) : (
        <Decision question={question} />
      )}
    </>
  )
}

function Column({
  fact,
  number,
  rows,
  all,
  isChosen,
  onChoose,
}: {
  fact: Fact
  number: number
  rows: Row[]
  /** What is told for the other columns too. */
  all: Row[]
  isChosen: boolean
  onChoose?: () => void
}) {
  const path = useTreePath()
  const [classing, setClassing] = useState('')
  return (
    <section className={`border-t-2 pt-2 ${isChosen ? 'border-tide' : 'border-rule'}`}>
      <h2 className="font-serif text-[20px]">
        <kbd>{number}</kbd> {fact.word} {fact.shown}
      </h2>
      {fact.word !== '' && <p>{fact.place || <span className="text-graphite">no place</span>}</p>}
      <p className="text-[14px] text-graphite">
        {fact.standing}
        {onChoose &&
          (isChosen ? (
            <span className="ml-3 text-lichen">taken</span>
          ) : (
            <button
              type="button"
              className="act ml-3"
              aria-label={`Take ${fact.word} ${fact.shown} ${fact.place}`}
              onClick={onChoose}
            >
              Take this one
            </button>
          ))}
      </p>
      <ul className="mt-2">
        {rows.map((row) => (
          <li key={row.claimId || fact.id} className="border-b border-rule py-1 text-[14px]">
            {row.note.length === 0 ? 'Told by no source.' : <StyledText words={row.note} />}
            {row.words !== '' && <span className="font-serif"> “{row.words}”</span>}
            <span className="flex flex-wrap gap-x-4 text-[13px] text-graphite">
              {weightOf(row.weight, row.saidWeight !== '')}
              {row.claimId !== '' && (
                <button
                  type="button"
                  className="act"
                  aria-expanded={classing === row.claimId}
                  onClick={() => setClassing(classing === row.claimId ? '' : row.claimId)}
                >
                  {classWords(row)}
                </button>
              )}
              {row.recordId !== '' && (
                <Link className="act" to={path(`records/table/${row.recordId}`)}>
                  Look at the record
                </Link>
              )}
              {row.claimId !== '' && (
                <Link className="act" to={path(`questions/impact/claim/${row.claimId}`)}>
                  What if this is wrong?
                </Link>
              )}
            </span>
            {classing === row.claimId && row.claimId !== '' && (
              <Classification key={row.version} row={row} rows={all} onDone={() => setClassing('')} />
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
