import { useState } from 'react'
import { Combobox } from '../../../parts/Combobox'
import { fits, isFoundBy, QUESTIONS, useSourceKinds, type Answers, type SourceKind } from './kinds'

/** Finds a kind of source by everyday words, or by three questions: what it is, where you saw it, in what form. */
export function SourceKindChooser({
  onChosen,
  onLeave,
}: {
  onChosen: (kind: SourceKind) => void
  onLeave: () => void
}) {
  const { data: kinds = [] } = useSourceKinds()
  const [typed, setTyped] = useState('')
  const [answers, setAnswers] = useState<Answers>({ what: '', where: '', form: '' })
  const offers = kinds.filter(
    (kind) => isFoundBy(typed, `${kind.name} ${kind.words} ${kind.what}`) && fits(kind, answers),
  )
  return (
    <section className="max-w-[900px] border-l-2 border-tide pl-4" aria-label="Kind of source">
      <Combobox
        label="What kind of source is it?"
        offers={offers}
        keyOf={(kind) => kind.code}
        show={(kind) => (
          <>
            <span className="font-serif text-[16px]">{kind.name}</span>{' '}
            <span className="text-[13px] text-graphite">
              {kind.isOwn && 'your own, '}
              {kind.fields
                .filter((field) => !field.isOfRecord)
                .map((field) => field.label.toLowerCase())
                .join(', ')}
            </span>
          </>
        )}
        onTyped={setTyped}
        onChosen={onChosen}
        onLeave={onLeave}
        placeholder="what is it? obituary, parish register, letter …"
        className="gap w-full text-[17px]"
        listLabel="Kinds"
        listClassName="mt-2 max-h-[300px] overflow-auto"
        autoFocus
      >
        {(['what', 'where', 'form'] as const).map((question) => (
          <p key={question} className="mt-1 flex flex-wrap gap-x-3 text-[13px]">
            <span className="text-graphite">{{ what: 'It is', where: 'seen', form: 'as' }[question]}</span>
            {Object.entries(QUESTIONS[question]).map(([code, words]) => (
              <button
                key={code}
                type="button"
                aria-pressed={answers[question] === code}
                className={answers[question] === code ? 'font-semibold text-ink underline' : 'act'}
                onClick={() =>
                  setAnswers((now) => ({ ...now, [question]: now[question] === code ? '' : code }))
                }
              >
                {words}
              </button>
            ))}
          </p>
        ))}
      </Combobox>
      <p className="mt-1 text-[13px] text-graphite" role="status">
        {offers.length} of {kinds.length} kinds
      </p>
    </section>
  )
}
