import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, unwrap } from '../../../api/client'
import { useTreeId, useWrite } from '../../../api/useTree'
import { saved } from '../../../parts/saved'
import { count } from '../../../parts/count'
import { queries } from '../../../api/queries'

/** One citation put on the same event of the family in one act; who has no such event gets it. */
export function CiteForRelatives({ claim, onDone }: { claim: string; onDone: () => void }) {
  const tree = useTreeId()
  const at = { params: { path: { tree, claim } } }
  const [said, setSaid] = useState<Record<string, boolean>>({})
  const { data } = useQuery(queries.claimOnOthers(tree, claim))
  const people = data?.people ?? []
  const isIn = (one: { personId: string; fact: string; isCited: boolean }) =>
    !one.isCited && (said[one.personId] ?? one.fact !== '')
  const chosen = people.filter(isIn)
  const put = useWrite(
    () =>
      unwrap(
        api.POST('/api/trees/{tree}/claims/{claim}/others', {
          ...at,
          body: { people: chosen.map((one) => one.personId) },
        }),
      ),
    () => {
      saved(`Cited for ${count(chosen.length, 'more fact')}.`)
      onDone()
    },
  )
  if (!data) return null
  return (
    <form
      aria-label="Put it on others too"
      className="mt-1 border-l-2 border-tide pl-3"
      onSubmit={(event) => {
        event.preventDefault()
        if (chosen.length > 0) put.mutate(undefined)
      }}
      onKeyDown={(event) => event.key === 'Escape' && onDone()}
    >
      {people.length === 0 ? (
        <p className="text-[14px] text-graphite">
          Nobody of the family can share this: a birth or a death is one person’s own.
        </p>
      ) : (
        <p className="heads">Who else was at it?</p>
      )}
      <ul>
        {people.map((person, index) => (
          <li key={person.personId}>
            <label className="flex items-baseline gap-2">
              <input
                type="checkbox"
                autoFocus={index === 0}
                disabled={person.isCited}
                checked={person.isCited || isIn(person)}
                onChange={() => setSaid((now) => ({ ...now, [person.personId]: !isIn(person) }))}
              />
              <span>
                <span className="font-serif text-[16px]">{person.name}</span>{' '}
                <span className="text-[13px] text-graphite">
                  {person.years}
                  {'; '}
                  {person.isCited ? 'cited by it already' : person.fact || 'gets the event by it'}
                </span>
              </span>
            </label>
          </li>
        ))}
      </ul>
      <p className="flex gap-4 text-[14px]">
        <button className="act" disabled={chosen.length === 0 || put.isPending}>
          {chosen.length < 2 ? 'Cite for one relative' : `Cite for ${chosen.length} relatives`}
        </button>
        <button type="button" className="act" onClick={onDone}>
          Cancel
        </button>
      </p>
    </form>
  )
}
