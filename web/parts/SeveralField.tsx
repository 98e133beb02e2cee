import { useState } from 'react'

type Props = {
  label: string
  says: string
  words: readonly string[]
  /** With commas between them, in their order. */
  value: string
  onChange: (value: string) => void
}

export const wordsOf = (value: string) => value.split(',').filter(Boolean)

/** Some of several words in an order of one's own: each is put in, taken out, or moved up. */
export function SeveralField({ label, says, words, value, onChange }: Props) {
  const [isOpen, setIsOpen] = useState(false)
  const chosen = wordsOf(value)
  const change = (next: readonly string[]) => onChange(next.join(','))
  const up = (at: number) => {
    const next = [...chosen]
    const [word] = next.splice(at, 1)
    if (word !== undefined) next.splice(at - 1, 0, word)
    change(next)
  }
  return (
    <span className="relative text-[14px] text-graphite" title={says}>
      {label}{' '}
      <button type="button" className="act" aria-expanded={isOpen} onClick={() => setIsOpen(!isOpen)}>
        {chosen.length === 0 ? 'nothing' : chosen.join(', ')}
      </button>
      {isOpen && (
        <ul
          aria-label={label}
          className="absolute left-0 top-full z-10 min-w-[180px] border border-rule bg-paper px-3 py-2 text-ink shadow"
          onKeyDown={(event) => event.key === 'Escape' && setIsOpen(false)}
        >
          {[...chosen, ...words.filter((word) => !chosen.includes(word))].map((word, at) => {
            const isChosen = chosen.includes(word)
            return (
              <li key={word} className="flex min-h-[26px] items-baseline gap-3">
                <label className="grow">
                  <input
                    type="checkbox"
                    checked={isChosen}
                    onChange={() =>
                      change(isChosen ? chosen.filter((each) => each !== word) : [...chosen, word])
                    }
                  />{' '}
                  {word}
                </label>
                {isChosen && at > 0 && (
                  <button
                    type="button"
                    className="act"
                    onClick={() => up(at)}
                    aria-label={`${word} further up`}
                  >
                    up
                  </button>
                )}
              </li>
            )
          })}
        </ul>
      )}
    </span>
  )
}
