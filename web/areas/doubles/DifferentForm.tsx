import { useState, type FormEvent } from 'react'
import { FormButtons } from '../../parts/FormButtons'
import { ReasonField } from '../../parts/ReasonField'

type Props = { busy: boolean; onRule: (reason: string) => void; onLeave: () => void }

const SUGGESTS = [
  'They stand on the same record as two people.',
  'One was dead before the other was born.',
  'Their parents are different people.',
  'One was given the name of the other, who had died.',
]

/** Why two are two people: it is shown to whoever comes to the pair later. */
export function DifferentForm({ busy, onRule, onLeave }: Props) {
  const [reason, setReason] = useState('')
  const keep = (event: FormEvent) => {
    event.preventDefault()
    if (reason.trim() !== '') onRule(reason.trim())
  }
  return (
    <form
      aria-label="Why they are two people"
      onSubmit={keep}
      onKeyDown={(event) => event.key === 'Escape' && onLeave()}
    >
      <p className="flex items-baseline gap-2">
        They are two people, because
        <ReasonField
          className="gap min-w-0 grow"
          aria-label="Why they are two people"
          autoFocus
          value={reason}
          onValue={setReason}
          suggests={SUGGESTS}
        />
      </p>
      <FormButtons says="They are two people" disabled={busy || reason.trim() === ''} onLeave={onLeave} />
    </form>
  )
}
