import { useState } from 'react'
import { useSearchParams } from 'react-router'
import type { Schemas } from '../api/client'
import type { Options } from '../api/queries'
import { SeveralField, wordsOf } from './SeveralField'

type Option = Schemas['OptionResource']

/** Options as they stand in the address of the page, so that a link, a reload and the way back keep them. */
export function useOptions(options: readonly Option[]): [Options, (name: string, word: string) => void] {
  const [query, setQuery] = useSearchParams()
  const address = query.toString()
  // An address follows a moment after what was chosen; until it does, a box that was ticked must not spring back.
  const [just, setJust] = useState<{ address: string; chosen: Options }>({ address, chosen: {} })
  if (just.address !== address) setJust({ address, chosen: {} })
  const chosen: Options = {}
  for (const { name, type, words } of options) {
    const word = just.chosen[name] ?? query.get(name)
    const parts = type === 'several' ? wordsOf(word ?? '') : [word ?? '']
    if (word !== null && parts.every((part) => words.includes(part))) chosen[name] = word
  }
  const choose = (name: string, word: string) => {
    setJust({ address, chosen: { ...chosen, [name]: word } })
    setQuery(
      (before) => {
        const after = new URLSearchParams(before)
        after.set(name, word)
        return after
      },
      { replace: true },
    )
  }
  return [chosen, choose]
}

type Props = {
  options: readonly Option[]
  chosen: Options
  onChoose: (name: string, word: string) => void
}

/** A control for each option of a drawing or report, as its kind describes them. */
export function OptionFields({ options, chosen, onChoose }: Props) {
  return options.map((option) => {
    const word = chosen[option.name] ?? option.usual
    if (option.type === 'yes or no') {
      return (
        <label key={option.name} title={option.says} className="text-[14px] text-graphite">
          <input
            type="checkbox"
            checked={word === 'yes'}
            onChange={(event) => onChoose(option.name, event.target.checked ? 'yes' : 'no')}
          />{' '}
          {option.label}
        </label>
      )
    }
    if (option.type === 'several') {
      return (
        <SeveralField
          key={option.name}
          label={option.label}
          says={option.says}
          words={option.words}
          value={word}
          onChange={(next) => onChoose(option.name, next)}
        />
      )
    }
    return (
      <label key={option.name} title={option.says} className="text-[14px] text-graphite">
        {option.label}{' '}
        <select className="gap" value={word} onChange={(event) => onChoose(option.name, event.target.value)}>
          {option.words.map((each) => (
            <option key={each}>{each}</option>
          ))}
        </select>
      </label>
    )
  })
}
