import { useState } from 'react'
import { ReasonField } from '../../../parts/ReasonField'
import { Cancel } from '../../../parts/Cancel'

const SUGGESTS = ['It is of another person of the same name.', 'It is a clerk’s slip.']

/** Asks why something is ruled out, before it is. */
export function RuleOut(props: {
  what: string
  suggests?: string[]
  onRule: (why: string) => void
  onLeave: () => void
}) {
  const [why, setWhy] = useState('')
  return (
    <form
      className="mt-1 flex items-baseline gap-3 border-l-2 border-tide pl-3"
      onSubmit={(event) => {
        event.preventDefault()
        props.onRule(why)
      }}
      onKeyDown={(event) => event.key === 'Escape' && props.onLeave()}
    >
      <ReasonField
        className="gap grow"
        aria-label={`Why ${props.what} is ruled out`}
        suggests={props.suggests ?? SUGGESTS}
        placeholder="why, so that nobody finds it again"
        autoFocus
        value={why}
        onValue={setWhy}
      />
      <button className="act" disabled={why.trim() === ''}>
        Rule it out
      </button>
      <Cancel onLeave={props.onLeave} />
    </form>
  )
}
