import { useQuery } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, unwrap, type Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { useTreeId, useWrite } from '../../api/useTree'
import { Finder } from '../../parts/Finder'
import { findPeople } from '../../parts/findPeople'
import { FormButtons } from '../../parts/FormButtons'

type Branch = { id: string; line: string }

const NOTHING = { name: '', place: '', from: '', to: '', numbers: '', groupId: '' }

/** Whose doubles are looked for, as a sentence with gaps: everybody where nothing is said. */
export function ScanForm({ onDone }: { onDone: () => void }) {
  const tree = useTreeId()
  const [said, setSaid] = useState(NOTHING)
  const [branch, setBranch] = useState<Branch | null>(null)
  const [isBelow, setBelow] = useState(true)
  const { data: groups } = useQuery(queries.groups(tree))
  const scan = useWrite(() => {
    const year = (text: string) => (text.trim() === '' ? null : Number(text))
    const body: Schemas['ScanInput'] = {
      name: said.name.trim(),
      place: said.place.trim(),
      from: year(said.from),
      to: year(said.to),
      numbers: said.numbers.trim(),
      groupId: said.groupId || null,
      ...(branch && (isBelow ? { belowId: branch.id } : { aboveId: branch.id })),
    }
    return unwrap(api.POST('/api/trees/{tree}/doubles/scans', { params: { path: { tree } }, body }))
  }, onDone)
  const gap = (field: keyof typeof NOTHING, label: string, hint: string, width: string, first = false) => (
    <input
      className={`gap ${width}`}
      aria-label={label}
      placeholder={hint}
      autoFocus={first}
      value={said[field]}
      onChange={(event) => setSaid({ ...said, [field]: event.target.value })}
    />
  )
  const look = (event: FormEvent) => {
    event.preventDefault()
    scan.mutate()
  }
  return (
    <form
      className="mt-2 max-w-[860px] border-l-2 border-tide pl-3"
      aria-label="Look for doubles"
      onSubmit={look}
      onKeyDown={(event) => event.key === 'Escape' && onDone()}
    >
      <p className="flex flex-wrap items-baseline gap-x-2 leading-[2]">
        Look for doubles of those named {gap('name', 'Words of the name', 'anybody', 'w-[150px]', true)} born
        at {gap('place', 'Place of birth', 'anywhere', 'w-[150px]')} from{' '}
        {gap('from', 'From the year', 'any year', 'w-[80px]')} to{' '}
        {gap('to', 'To the year', 'any year', 'w-[80px]')}, with numbers{' '}
        {gap('numbers', 'Numbers of people', '1-200, 315', 'w-[120px]')}
        {groups && groups.groups.length > 0 && (
          <>
            , in{' '}
            <select
              className="gap"
              aria-label="Group"
              value={said.groupId}
              onChange={(event) => setSaid({ ...said, groupId: event.target.value })}
            >
              <option value="">any group</option>
              {groups.groups.map((group) => (
                <option key={group.id} value={group.id}>
                  {group.name}
                </option>
              ))}
            </select>
          </>
        )}
        .
      </p>
      <p className="flex flex-wrap items-baseline gap-x-2">
        Only
        <select
          className="gap"
          aria-label="Branch"
          value={isBelow ? 'below' : 'above'}
          onChange={(event) => setBelow(event.target.value === 'below')}
        >
          <option value="below">descendants</option>
          <option value="above">ancestors</option>
        </select>
        of{' '}
        {branch ? (
          <>
            <span className="font-serif">{branch.line}</span>
            <button type="button" className="act" onClick={() => setBranch(null)}>
              Remove
            </button>
          </>
        ) : (
          <Finder
            label="Of whom"
            queryKey="people"
            autoFocus={false}
            find={(q) => findPeople(tree, q)}
            onChosen={(found) => setBranch(found)}
          />
        )}
      </p>
      <p className="text-[14px] text-graphite">
        Gaps that stay empty mean everybody. The whole tree is compared with whoever is meant; nothing is
        joined.
      </p>
      <FormButtons says="Look for doubles" disabled={scan.isPending} onLeave={onDone} />
    </form>
  )
}
