import { useState, type FormEvent } from 'react'
import { KeepOrLeave } from '../../parts/KeepOrLeave'

export type SourceWords = {
  title: string
  author: string
  publication: string
  callNumber: string
  repository: string
}

export const EMPTY_SOURCE: SourceWords = {
  title: '',
  author: '',
  publication: '',
  callNumber: '',
  repository: '',
}

const GAPS: { field: keyof SourceWords; hint: string; help: string; wide: string }[] = [
  {
    field: 'author',
    hint: 'author',
    help: 'Who wrote or kept it: a person, a parish, a board.',
    wide: '11em',
  },
  { field: 'title', hint: 'title', help: 'Its own title, or one that you give it.', wide: '18em' },
  {
    field: 'publication',
    hint: 'publication',
    help: 'Where and when it came out; for a manuscript, what it is.',
    wide: '14em',
  },
  {
    field: 'repository',
    hint: 'repository',
    help: 'The archive, library or drawer that holds it.',
    wide: '14em',
  },
  { field: 'callNumber', hint: 'call number', help: 'What the repository calls it by.', wide: '9em' },
]

/** Lets the words that were being typed go, once they are kept or left. */
export const forgetSource = (draftKey: string) => sessionStorage.removeItem(`draft:${draftKey}`)

type Props = {
  initial: SourceWords
  draftKey: string
  saving: boolean
  onKeep: (words: SourceWords) => void
  onLeave: () => void
}

/** A source written in its full note: Tab goes from gap to gap, the help of each stands beneath. */
export function SourceSentence({ initial, draftKey, saving, onKeep, onLeave }: Props) {
  const place = `draft:${draftKey}`
  const [words, setWords] = useState<SourceWords>(() => ({
    ...initial,
    ...(JSON.parse(sessionStorage.getItem(place) ?? '{}') as Partial<SourceWords>),
  }))
  const [help, setHelp] = useState('')
  const write = (field: keyof SourceWords, text: string) => {
    const next = { ...words, [field]: text }
    setWords(next)
    sessionStorage.setItem(place, JSON.stringify(next))
  }
  const submit = (event: FormEvent) => {
    event.preventDefault()
    onKeep(words)
  }
  const leave = () => {
    forgetSource(draftKey)
    onLeave()
  }
  const after: Record<keyof SourceWords, string> = {
    author: ',',
    title: '(',
    publication: ');',
    repository: ',',
    callNumber: '.',
  }
  return (
    <form
      onSubmit={submit}
      onKeyDown={(event) => event.key === 'Escape' && leave()}
      className="max-w-[900px] border-l-2 border-tide pl-4"
    >
      <p className="font-serif text-[18px] leading-loose">
        {GAPS.map(({ field, hint, help: says, wide }) => (
          <span key={field}>
            <input
              className={`gap ${field === 'title' ? 'italic' : ''}`}
              style={{ width: wide, maxWidth: '100%' }}
              aria-label={hint}
              placeholder={hint}
              autoFocus={field === 'author'}
              value={words[field]}
              onFocus={() => setHelp(says)}
              onChange={(event) => write(field, event.target.value)}
            />
            {after[field]}{' '}
          </span>
        ))}
      </p>
      <p className="min-h-[22px] text-[14px] text-graphite">{help}</p>
      <KeepOrLeave disabled={saving || words.title.trim() === ''} onLeave={leave} />
    </form>
  )
}
