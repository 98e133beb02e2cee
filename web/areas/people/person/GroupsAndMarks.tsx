import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, unwrap, type Schemas } from '../../../api/client'
import { useTreeId, useWrite, type Person } from '../../../api/useTree'
import { count } from '../../../parts/count'
import { NewField } from '../../../parts/NewField'
import { queries } from '../../../api/queries'

type Group = Schemas['GroupResource']

const COLOURS: Record<string, string> = {
  tide: 'bg-tide',
  lichen: 'bg-lichen',
  ochre: 'bg-ochre',
  madder: 'bg-madder',
  graphite: 'bg-graphite',
}

/** How the colours of marks are called; what a mark means is the user's own word. */
const WORDS: Record<string, string> = {
  tide: 'blue',
  lichen: 'green',
  ochre: 'yellow',
  madder: 'red',
  graphite: 'grey',
}

/** Groups that somebody belongs to and marks put on them; what they mean is the user's. */
export function GroupsAndMarks({ person }: { person: Person }) {
  const tree = useTreeId()
  const { data } = useQuery(queries.groups(tree))
  const [kind, setKind] = useState('group')
  const all = data?.groups ?? []
  const own = all.filter((one) => person.groups.includes(one.id))
  const rest = all.filter((one) => !person.groups.includes(one.id))
  const put = useWrite(({ id, kind: of }: { id: string; kind: string }) =>
    of === 'group'
      ? unwrap(
          api.PUT('/api/trees/{tree}/people/{person}/groups/{group}', {
            params: { path: { tree, person: person.id, group: id } },
          }),
        )
      : unwrap(
          api.PUT('/api/trees/{tree}/people/{person}/marks/{mark}', {
            params: { path: { tree, person: person.id, mark: id } },
          }),
        ),
  )
  const takeOut = useWrite((one: Group) =>
    one.kind === 'group'
      ? unwrap(
          api.DELETE('/api/trees/{tree}/people/{person}/groups/{group}', {
            params: { path: { tree, person: person.id, group: one.id } },
          }),
        )
      : unwrap(
          api.DELETE('/api/trees/{tree}/people/{person}/marks/{mark}', {
            params: { path: { tree, person: person.id, mark: one.id } },
          }),
        ),
  )
  const make = useWrite(async (name: string) => {
    const at = {
      params: { path: { tree } },
      body: { name, meaning: '', colour: kind === 'group' ? '' : kind },
    }
    const made =
      kind === 'group'
        ? await unwrap(api.POST('/api/trees/{tree}/groups', at))
        : await unwrap(api.POST('/api/trees/{tree}/marks', at))
    await put.mutateAsync({ id: made.id, kind: kind === 'group' ? 'group' : 'mark' })
  })
  return (
    <section aria-label="Groups and marks">
      <h2 className="heads font-semibold">Groups and marks</h2>
      <ul>
        {own.map((one) => (
          <li key={one.id} className="flex items-baseline gap-2">
            {one.kind === 'mark' && <Spot colour={one.colour} />}
            <span title={one.meaning}>{one.name}</span>
            <span className="text-[13px] text-graphite">{count(one.members, 'member')}</span>
            <button type="button" className="act text-[13px]" onClick={() => takeOut.mutate(one)}>
              Remove
            </button>
          </li>
        ))}
      </ul>
      {rest.length > 0 && (
        <p className="flex flex-wrap gap-x-3 text-[14px]">
          {rest.map((one) => (
            <button
              key={one.id}
              type="button"
              className="act"
              title={one.meaning}
              onClick={() => put.mutate({ id: one.id, kind: one.kind })}
            >
              {one.kind === 'mark' && <Spot colour={one.colour} />} {one.name}
            </button>
          ))}
        </p>
      )}
      <NewField
        label="A new group or mark"
        placeholder="a new group or mark"
        draftKey={`group ${person.id}`}
        onSave={(name) => make.mutateAsync(name)}
      >
        <select
          className="gap w-[112px] text-[13px]"
          aria-label="Group, or the colour of a mark"
          value={kind}
          onChange={(event) => setKind(event.target.value)}
        >
          <option value="group">group</option>
          {Object.keys(COLOURS).map((colour) => (
            <option key={colour} value={colour}>
              {WORDS[colour]} mark
            </option>
          ))}
        </select>
      </NewField>
    </section>
  )
}

function Spot({ colour }: { colour: string }) {
  return (
    <span
      role="img"
      aria-label={`${WORDS[colour] ?? colour} mark`}
      className={`inline-block h-[10px] w-[10px] rounded-[2px] ${COLOURS[colour] ?? 'bg-graphite'}`}
    />
  )
}
