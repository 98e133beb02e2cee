import { useState } from 'react'
import { api, unwrap } from '../../../api/client'
import { useTreeId, useWrite } from '../../../api/useTree'
import { Finder } from '../../../parts/Finder'
import { findPeople } from '../../../parts/findPeople'

type Called = { id: string; name: string; isIn: boolean }

type Props = {
  record: string
  /** People who stand on the roll already. */
  there: string[]
  /** Keeps what was typed and says of which version the record is then. */
  kept: () => Promise<number>
  onDone: () => void
}

/** Calls several people of the tree into the roll at once; what the page says of them is read afterwards. */
export function AddFromTree({ record, there, kept, onDone }: Props) {
  const tree = useTreeId()
  const [called, setCalled] = useState<Called[]>([])
  const take = (people: Called[]) =>
    setCalled((now) => [
      ...now,
      ...people.filter(
        (person) => !there.includes(person.id) && !now.some((other) => other.id === person.id),
      ),
    ])
  const withFamily = async (id: string, name: string) => {
    take([{ id, name, isIn: true }])
    const person = await unwrap(
      api.GET('/api/trees/{tree}/people/{person}', { params: { path: { tree, person: id } } }),
    )
    const family = person.unions.flatMap((union) => [...union.partners, ...union.children])
    take(family.map((one) => ({ id: one.id, name: one.name, isIn: false })))
  }
  const call = useWrite(async () => {
    const version = await kept()
    return unwrap(
      api.POST('/api/trees/{tree}/records/{record}/called', {
        params: { path: { tree, record } },
        body: { people: called.filter((one) => one.isIn).map((one) => one.id), version },
      }),
    )
  }, onDone)
  const count = called.filter((one) => one.isIn).length
  return (
    <form
      aria-label="Call people into the roll"
      className="my-2 border-l-2 border-tide pl-3"
      onSubmit={(event) => {
        event.preventDefault()
        if (count > 0 && !call.isPending) call.mutate(undefined)
      }}
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return
        event.stopPropagation()
        onDone()
      }}
    >
      <p className="heads">Who of the tree stands on this page?</p>
      <Finder
        label="Call into the roll"
        queryKey="call"
        find={(q) => findPeople(tree, q)}
        onChosen={(found) => void withFamily(found.id, found.line)}
        onLeave={onDone}
      />
      <ul className="my-2">
        {called.map((one) => (
          <li key={one.id}>
            <label className="flex items-baseline gap-2 font-serif text-[16px]">
              <input
                type="checkbox"
                checked={one.isIn}
                onChange={() =>
                  setCalled((now) =>
                    now.map((other) => (other.id === one.id ? { ...other, isIn: !other.isIn } : other)),
                  )
                }
              />
              {one.name}
            </label>
          </li>
        ))}
      </ul>
      <button className="act" disabled={count === 0 || call.isPending}>
        {count < 2 ? 'Call them in' : `Call these ${count} in`}
      </button>
    </form>
  )
}
