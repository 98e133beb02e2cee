import { SentenceField } from './SentenceField'

export type Says = {
  ofPerson: boolean
  ofUnion: boolean
  single: boolean
  traits: string[]
  sentence: string
}

export const SAYS_NOTHING: Says = { ofPerson: true, ofUnion: false, single: false, traits: [], sentence: '' }

type Props = {
  says: Says
  /** What the kind is called, for the sentence that is tried. */
  word: string
  traits: Record<string, string>
  onSays: (says: Says) => void
}

/** What events of a kind of one's own say: a box for each, in the words that come with the kinds, and the sentence. */
export function KindTraits({ says, word, traits, onSays }: Props) {
  const box = (label: string, isChecked: boolean, after: Says) => (
    <label key={label} className="flex min-h-[24px] items-center gap-2 text-[14px]">
      <input type="checkbox" checked={isChecked} onChange={() => onSays(after)} />
      {label}
    </label>
  )
  return (
    <fieldset className="col-span-full grid grid-cols-[repeat(auto-fill,minmax(250px,1fr))] gap-x-6">
      <legend className="text-[14px] text-graphite">An event of this kind</legend>
      {box('can be a person’s', says.ofPerson, { ...says, ofPerson: !says.ofPerson })}
      {box('can be a couple’s', says.ofUnion, { ...says, ofUnion: !says.ofUnion })}
      {box('happened once only', says.single, { ...says, single: !says.single })}
      {Object.entries(traits).map(([code, words]) => {
        const has = says.traits.includes(code)
        const after = has ? says.traits.filter((each) => each !== code) : [...says.traits, code]
        return box(words, has, { ...says, traits: after })
      })}
      <SentenceField
        word={word}
        sentence={says.sentence}
        onSentence={(sentence) => onSays({ ...says, sentence })}
      />
    </fieldset>
  )
}
