import { useState } from 'react'
import { api, unwrap } from '../../../api/client'
import { useTreeId, useWrite, type Person } from '../../../api/useTree'
import { ReasonField } from '../../../parts/ReasonField'
import { FormButtons } from '../../../parts/FormButtons'

/** Whether somebody counts as living, and the place where an editor says that they are dead, and why. */
export function LivingStatus({ person }: { person: Person }) {
  const tree = useTreeId()
  const [why, setWhy] = useState<string | null>(null)
  const say = useWrite(
    (words: string) =>
      unwrap(
        api.PATCH('/api/trees/{tree}/people/{person}', {
          params: { path: { tree, person: person.id } },
          body: { saidDeadWhy: words, version: person.version },
        }),
      ),
    () => setWhy(null),
  )
  if (person.saidDeadWhy !== '')
    return (
      <p className="text-[14px]">
        Said to be dead: {person.saidDeadWhy}{' '}
        <button type="button" className="act" onClick={() => say.mutate('')}>
          Withdraw
        </button>
      </p>
    )
  if (!person.isLiving) return null
  return (
    <section aria-label="Living">
      <p className="text-ochre">
        {person.restriction.includes('confidential') || person.restriction.includes('privacy')
          ? 'Restricted: hidden in files and reports and from readers, as the living are.'
          : 'Counts as living: no death, and born too recently. Hidden in files and reports.'}
      </p>
      {why === null ? (
        <button type="button" className="act text-[14px]" onClick={() => setWhy('')}>
          Say that this person is dead
        </button>
      ) : (
        <form
          onSubmit={(event) => {
            event.preventDefault()
            if (why.trim() !== '') say.mutate(why)
          }}
        >
          <ReasonField
            className="gap w-full"
            aria-label="Why you say so"
            suggests={['A relative told me.', 'There is a notice of the death.']}
            placeholder="why you say so"
            autoFocus
            value={why}
            onValue={setWhy}
            onKeyDown={(event) => {
              if (event.key === 'Escape') setWhy(null)
            }}
          />
          <FormButtons disabled={why.trim() === ''} onLeave={() => setWhy(null)} />
        </form>
      )}
    </section>
  )
}
