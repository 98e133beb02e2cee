import { useState, type KeyboardEvent } from 'react'
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
  const [at, setAt] = useState(0)
  const offers = kinds.filter(
    (kind) => isFoundBy(typed, `${kind.name} ${kind.words} ${kind.what}`) && fits(kind, answers),
  )
  const pressed = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault()
      setAt((now) => Math.max(0, Math.min(offers.length - 1, now + (event.key === 'ArrowDown' ? 1 : -1))))
    } else if (event.key === 'Enter') {
      event.preventDefault()
      const kind = offers[at]
      if (kind) onChosen(kind)
    } else if (event.key === 'Escape') onLeave()
  }
  return (
    <section className="max-w-[900px] border-l-2 border-tide pl-4" aria-label="Kind of source">
      <input
        className="gap w-full text-[17px]"
        role="combobox"
        aria-expanded={offers.length > 0}
        aria-controls="kinds-found"
        aria-activedescendant={offers[at] ? `kind-${offers[at].code}` : undefined}
        aria-label="What kind of source is it?"
        placeholder="what is it? obituary, parish register, letter …"
        autoFocus
        value={typed}
        onChange={(event) => {
          setTyped(event.target.value)
          setAt(0)
        }}
        onKeyDown={pressed}
      />
      {(['what', 'where', 'form'] as const).map((question) => (
        <p key={question} className="mt-1 flex flex-wrap gap-x-3 text-[13px]">
          <span className="text-graphite">{{ what: 'It is', where: 'seen', form: 'as' }[question]}</span>
          {Object.entries(QUESTIONS[question]).map(([code, words]) => (
            <button
              key={code}
              type="button"
              aria-pressed={answers[question] === code}
              className={answers[question] === code ? 'font-semibold text-ink underline' : 'act'}
              onClick={() => {
                setAnswers((now) => ({ ...now, [question]: now[question] === code ? '' : code }))
                setAt(0)
              }}
            >
              {words}
            </button>
          ))}
        </p>
      ))}
      <ul id="kinds-found" role="listbox" aria-label="Kinds" className="mt-2 max-h-[300px] overflow-auto">
        {offers.map((kind, index) => (
          <li
            key={kind.code}
            id={`kind-${kind.code}`}
            role="option"
            aria-selected={index === at}
            className={`cursor-pointer px-1 py-[2px] ${index === at ? 'bg-wash' : 'hover:bg-wash/60'}`}
            onClick={() => onChosen(kind)}
          >
            <span className="font-serif text-[16px]">{kind.name}</span>{' '}
            <span className="text-[13px] text-graphite">
              {kind.isOwn && 'your own, '}
              {kind.fields
                .filter((field) => !field.isOfRecord)
                .map((field) => field.label.toLowerCase())
                .join(', ')}
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-1 text-[13px] text-graphite" role="status">
        {offers.length} of {kinds.length} kinds
      </p>
    </section>
  )
}
