import { useState } from 'react'
import { useNameAsked } from '../keys/commandRegistry'
import { knowLetters, lettersAreMet, lettersAreOff, meetLetters, switchLetters } from '../keys/letterCommands'

/** Tells a newcomer once that letters act, and asks somebody who types a name with no field in focus whether a name was meant. */
export function LettersLine({ onJump }: { onJump: (word: string) => void }) {
  const [met, setMet] = useState(() => lettersAreMet() || lettersAreOff())
  const [word, setWord] = useState('')
  const answered = useNameAsked(setWord)
  const close = () => {
    setWord('')
    answered()
  }
  const meet = () => {
    meetLetters()
    setMet(true)
  }
  const line = 'flex flex-wrap items-baseline gap-x-5 gap-y-1 border-b border-rule px-4 py-[6px] text-[14px]'
  if (word !== '')
    return (
      <div role="alert" className={`${line} bg-wash`}>
        <span>Letters are commands here; jump to a name?</span>
        <button
          type="button"
          className="act-main"
          autoFocus
          onClick={() => {
            onJump(word)
            close()
          }}
        >
          Jump to “{word}”
        </button>
        <button
          type="button"
          className="act"
          onClick={() => {
            knowLetters()
            close()
          }}
        >
          No, commands
        </button>
        <button type="button" className="act" onClick={close}>
          Cancel
        </button>
      </div>
    )
  if (met) return null
  return (
    <section aria-label="Letters" className={line}>
      <span>
        Letters are commands here: <kbd>a</kbd> adds, <kbd>c</kbd> changes, <kbd>/</kbd> jumps to a name,{' '}
        <kbd>?</kbd> shows them all.
      </span>
      <button type="button" className="act" onClick={meet}>
        Understood
      </button>
      <button
        type="button"
        className="act"
        onClick={() => {
          switchLetters(true)
          meet()
        }}
      >
        Switch letters off
      </button>
    </section>
  )
}
