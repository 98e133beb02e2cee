import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useId } from 'react'
import { queries } from '../api/queries'
import { useTreeId } from '../api/useTree'
import { useDebounced } from './useDebounced'

type Props = { word: string; sentence: string; onSentence: (sentence: string) => void }

/** The sentence in which events of a kind tell themselves, tried on somebody made up while it is typed. */
export function SentenceField({ word, sentence, onSentence }: Props) {
  const tree = useTreeId()
  const id = useId()
  const tried = useDebounced(sentence.trim(), 250)
  const { data: told } = useQuery({
    ...queries.toldSentence(tree, word, tried),
    placeholderData: keepPreviousData,
  })
  return (
    <div className="col-span-full mt-2">
      <label className="block text-[14px] text-graphite">
        Its sentence
        <input
          className="gap block w-full"
          placeholder="{he} was wrecked[ aboard {value}][ off {place}][ {when}]"
          aria-describedby={id}
          value={sentence}
          onChange={(event) => onSentence(event.target.value)}
        />
      </label>
      <p id={id} role="status" className="text-[14px]">
        {told?.problem ? (
          <span className="text-madder">{told.problem}</span>
        ) : (
          <span className="font-serif text-[16px]">{told?.sentence}</span>
        )}
      </p>
    </div>
  )
}
