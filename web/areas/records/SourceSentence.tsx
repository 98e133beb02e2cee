import { useQuery, keepPreviousData } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { Link } from 'react-router'
import { type Schemas } from '../../api/client'
import { useTreeId, useTreePath } from '../../api/useTree'
import { FormButtons } from '../../parts/FormButtons'
import { useDebounced } from '../../parts/useDebounced'
import { StyledText } from '../../parts/StyledText'
import { SourceKindChooser } from './kinds/SourceKindChooser'
import { useSourceKinds, type SourceKind } from './kinds/kinds'
import { queries } from '../../api/queries'

export type SourceWords = { kind: string; fields: Record<string, string>; listName: string }

export const EMPTY_SOURCE: SourceWords = { kind: '', fields: {}, listName: '' }

/** The words of a source; one that was described before there were kinds is any source. */
export function wordsOf(source: Schemas['SourceResource']): SourceWords {
  if (source.kind !== '') return { kind: source.kind, fields: source.fields, listName: source.listName }
  const { title, author, publication: published, repository: holderNow, callNumber: call } = source
  return {
    kind: 'any-source',
    fields: { title, author, published, holderNow, call },
    listName: source.listName,
  }
}

/** Lets the words that were being typed go, once they are kept or left. */
export const forgetSource = (draftKey: string) => sessionStorage.removeItem(`draft:${draftKey}`)

type Props = {
  initial: SourceWords
  draftKey: string
  saving: boolean
  /** The source itself, which is not much like another. */
  id?: string
  onKeep: (words: SourceWords) => void
  onLeave: () => void
}

/** A source written in its full note: Tab goes from gap to gap, the help of each stands beneath, the other forms build as one types. */
export function SourceSentence({ initial, draftKey, saving, id, onKeep, onLeave }: Props) {
  const place = `draft:${draftKey}`
  const { data: kinds } = useSourceKinds()
  const [words, setWords] = useState<SourceWords>(() => ({
    ...initial,
    ...(JSON.parse(sessionStorage.getItem(place) ?? '{}') as Partial<SourceWords>),
  }))
  const write = (said: Partial<SourceWords>) => {
    const next = { ...words, ...said }
    setWords(next)
    sessionStorage.setItem(place, JSON.stringify(next))
  }
  const leave = () => {
    forgetSource(draftKey)
    onLeave()
  }
  const kind = kinds?.find((kind) => kind.code === words.kind)
  if (words.kind === '' || (kinds && !kind))
    return <SourceKindChooser onChosen={(chosen) => write({ kind: chosen.code })} onLeave={leave} />
  if (!kind) return <p className="text-graphite">One moment…</p>
  return (
    <Sentence
      kind={kind}
      words={words}
      write={write}
      saving={saving}
      id={id}
      onKeep={() => onKeep(words)}
      onLeave={leave}
    />
  )
}

function Sentence(props: {
  kind: SourceKind
  words: SourceWords
  write: (said: Partial<SourceWords>) => void
  saving: boolean
  id?: string
  onKeep: () => void
  onLeave: () => void
}) {
  const { kind, words, write, saving, id, onKeep, onLeave } = props
  const tree = useTreeId()
  const path = useTreePath()
  const [help, setHelp] = useState('')
  const rested = useDebounced(words, 350)
  const { data: forms } = useQuery({
    ...queries.sourceForms(tree, { kind: rested.kind, fields: rested.fields, except: id ?? null }),
    placeholderData: keepPreviousData,
  })
  const isAsked = (code: string) => {
    const only = kind.fields.find((field) => field.code === code)?.onlyWith ?? ''
    return only === '' || (words.fields[only] ?? '') !== ''
  }
  const inNote = new Set(kind.gaps.map((gap) => gap.field))
  const beside = kind.fields.filter(
    (field) => !field.isOfRecord && !inNote.has(field.code) && isAsked(field.code),
  )
  const firstGap = kind.gaps.find((gap) => kind.fields.some((field) => field.code === gap.field))?.field
  // Words that lead to a gap which is not asked yet are not asked either.
  const gaps = kind.gaps.filter((gap, index) => {
    const led = gap.field === '' ? (kind.gaps[index + 1]?.field ?? '') : gap.field
    return led === '' || isAsked(led)
  })
  const gapOf = (code: string) => {
    const field = kind.fields.find((field) => field.code === code)
    if (!field) return null
    const value = words.fields[code] ?? ''
    return (
      <input
        key={code}
        className={`gap ${field.tag === 'TITL' ? 'italic' : ''}`}
        style={{
          width: `${Math.max(5, Math.min(28, (value || field.label).length * 0.62 + 1.5))}em`,
          maxWidth: '100%',
        }}
        aria-label={field.label}
        placeholder={field.label.toLowerCase()}
        autoFocus={code === firstGap}
        value={value}
        onFocus={() =>
          setHelp([field.hint, field.example && `Such as “${field.example}”.`].filter(Boolean).join(' '))
        }
        onChange={(event) => write({ fields: { ...words.fields, [code]: event.target.value } })}
      />
    )
  }
  const submit = (event: FormEvent) => {
    event.preventDefault()
    onKeep()
  }
  const isEmpty = Object.values(words.fields).every((value) => value.trim() === '')
  return (
    <form
      onSubmit={submit}
      onKeyDown={(event) => event.key === 'Escape' && onLeave()}
      className="max-w-[900px] border-l-2 border-tide pl-4"
    >
      <p className="text-[13px] text-graphite">
        {kind.name}{' '}
        <button type="button" className="act" onClick={() => write({ kind: '' })}>
          another kind
        </button>
      </p>
      <p className="font-serif text-[18px] leading-loose">
        {gaps.map((gap, index) =>
          gap.field === '' ? (
            <span key={index}>{gap.text}</span>
          ) : gap.field === 'locator' ? (
            <span key={index} className="text-graphite">
              where in it
            </span>
          ) : (
            gapOf(gap.field)
          ),
        )}
        {beside.map((field) => (
          <span key={field.code}> {gapOf(field.code)}</span>
        ))}
      </p>
      <p className="min-h-[22px] text-[14px] text-graphite">{help}</p>
      {!isEmpty && forms && (
        <dl className="mb-2 grid grid-cols-[110px_minmax(0,1fr)] gap-x-3 text-[15px]" aria-live="polite">
          {(
            [
              ['Full note', forms.full],
              ['Short note', forms.short],
              ['Bibliography', forms.bibliography],
            ] as const
          ).map(([name, said]) => (
            <div key={name} className="contents">
              <dt className="heads pt-[2px]">{name}</dt>
              <dd className="font-serif">
                <StyledText words={said} />
              </dd>
            </div>
          ))}
        </dl>
      )}
      {forms && forms.like.length > 0 && (
        <div role="status" className="mb-2 text-[14px]">
          <span className="text-ochre">Much like what is here already:</span>
          <ul>
            {forms.like.map((one) => (
              <li key={one.id}>
                <Link className="act font-serif text-[15px]" to={path(`records/${one.id}`)}>
                  <StyledText words={one.bibliography} />
                </Link>
              </li>
            ))}
          </ul>
        </div>
      )}
      <label className="mb-2 flex items-baseline gap-2 text-[14px] text-graphite">
        Called in lists
        <input
          className="gap w-[24em] max-w-full"
          placeholder="as its bibliography entry reads"
          value={words.listName}
          onChange={(event) => write({ listName: event.target.value })}
        />
      </label>
      <FormButtons disabled={saving || isEmpty} onLeave={onLeave} />
    </form>
  )
}
