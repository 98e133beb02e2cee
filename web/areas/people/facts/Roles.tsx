import { useState } from 'react'
import { api, unwrap, type Schemas } from '../../../api/client'
import { useTreeId, useWrite, type Fact } from '../../../api/useTree'
import { Finder } from '../../../parts/Finder'
import { findPeople } from '../../../parts/findPeople'
import { PersonLink } from '../../../parts/PersonLink'

const ROLES = ['witness', 'informant', 'godparent', 'lodger', 'clergy', 'friend', 'neighbour', 'other']

/** Who else was there, and as what: people of the tree, or a name as it was written. */
export function Roles({ fact }: { fact: Fact }) {
  const tree = useTreeId()
  const [role, setRole] = useState('witness')
  const [adding, setAdding] = useState(false)
  const add = useWrite(
    (who: { personId?: string; words: string }) =>
      unwrap(
        api.POST('/api/trees/{tree}/facts/{fact}/roles', {
          params: { path: { tree, fact: fact.id } },
          body: { role, ...who },
        }),
      ),
    () => setAdding(false),
  )
  const remove = useWrite((id: string) =>
    unwrap(api.DELETE('/api/trees/{tree}/roles/{role}', { params: { path: { tree, role: id } } })),
  )
  const find = async (q: string) => [
    ...(await findPeople(tree, q)),
    { id: `as written ${q}`, line: `“${q}”`, more: 'as written, nobody in the tree' },
  ]
  return (
    <section aria-label="Who was there">
      <h3 className="heads font-semibold">Who was there</h3>
      <ul>
        {fact.roles.map((role: Schemas['RoleResource']) => (
          <li key={role.id} className="group flex items-baseline gap-2">
            <span className="text-graphite">{role.role}</span>
            <span className="font-serif text-[16px]">
              {role.personId ? <PersonLink id={role.personId}>{role.name}</PersonLink> : `“${role.name}”`}
            </span>
            <button type="button" className="act text-[13px]" onClick={() => remove.mutate(role.id)}>
              Remove
            </button>
          </li>
        ))}
      </ul>
      {adding ? (
        <div className="flex gap-2">
          <select
            className="gap self-start"
            aria-label="Role"
            value={role}
            onChange={(event) => setRole(event.target.value)}
          >
            {ROLES.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </select>
          <div className="grow">
            <Finder
              label="Who it was"
              queryKey="role"
              find={find}
              onChosen={(found) =>
                add.mutate(
                  found.id.startsWith('as written ')
                    ? { words: found.id.slice(11) }
                    : { personId: found.id, words: '' },
                )
              }
              onLeave={() => setAdding(false)}
            />
          </div>
        </div>
      ) : (
        <button type="button" className="act" onClick={() => setAdding(true)}>
          Add somebody
        </button>
      )}
    </section>
  )
}
