import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api, unwrap } from '../api/client'
import { queries, type JoinableKind } from '../api/queries'
import { useTreeId, useWrite } from '../api/useTree'
import { useCommands } from '../keys/commandRegistry'
import { Cancel } from './Cancel'
import { Finder } from './Finder'
import { Joins } from './Joins'
import { saved } from './saved'

type Props = {
  kind: JoinableKind
  id: string
  name: string
  /** Where the one that stays is looked at, if it is another than this; nowhere for what has no page of its own. */
  to?: (id: string) => string
}

/** What may be the same place, source, repository or file; joined here after a look at what that does, and taken apart again. */
export function DoublesOfThing({ kind, id, name, to }: Props) {
  const tree = useTreeId()
  const [picking, setPicking] = useState(false)
  const [other, setOther] = useState('')
  const { data } = useQuery(queries.joinsOfThing(tree, kind, id))
  useCommands(
    to === undefined ? [] : [{ key: 'b', says: `Join with another ${kind}`, run: () => setPicking(true) }],
  )
  const leave = () => {
    setPicking(false)
    setOther('')
  }
  // A reader from whom the living are withheld is not told what hangs on it.
  if (!data) return null
  return (
    <section aria-label={`The same ${kind}`} onKeyDown={(event) => event.key === 'Escape' && leave()}>
      <h2 className="heads font-semibold">The same {kind}</h2>
      <Joins joins={data.joins} again="They are two again." />
      {other !== '' ? (
        <ThingPlan kind={kind} first={id} second={other} to={to} onLeave={leave} />
      ) : (
        <>
          <ul>
            {data.alike.map((one) => (
              <li key={one.id}>
                <button type="button" className="act" onClick={() => setOther(one.id)}>
                  {one.name === name ? `Another ${kind} is called the same` : one.name}
                </button>
              </li>
            ))}
          </ul>
          {picking ? (
            <Finder
              label={`Which ${kind} is the same`}
              queryKey={`joinable-${kind}`}
              find={async (q) =>
                (
                  await unwrap(
                    api.GET('/api/trees/{tree}/joinables/{joinable}', {
                      params: { path: { tree, joinable: kind }, query: { q } },
                    }),
                  )
                ).rows
                  .filter((row) => row.id !== id)
                  .map((row) => ({ id: row.id, line: row.name, more: row.more }))
              }
              onChosen={(found) => setOther(found.id)}
              onLeave={leave}
            />
          ) : (
            <button type="button" className="act" onClick={() => setPicking(true)}>
              Join with another {kind} {to !== undefined && <kbd>b</kbd>}
            </button>
          )}
        </>
      )}
    </section>
  )
}

type PlanProps = Pick<Props, 'kind' | 'to'> & { first: string; second: string; onLeave: () => void }

/** Two side by side, what goes over, and which of the two stays. */
function ThingPlan({ kind, first, second, to, onLeave }: PlanProps) {
  const tree = useTreeId()
  const navigate = useNavigate()
  const [[kept, gone], setOrder] = useState([first, second])
  const { data, error } = useQuery(queries.thingPlan(tree, kind, kept, gone))
  const join = useWrite(
    () =>
      unwrap(
        api.POST('/api/trees/{tree}/joinables/{joinable}/{thing}/{otherThing}', {
          params: { path: { tree, joinable: kind, thing: kept, otherThing: gone } },
          body: {},
        }),
      ),
    () => {
      saved('Joined. It can be taken apart here.')
      onLeave()
      if (kept !== first && to) void navigate(to(kept))
    },
  )
  if (error) return <p className="text-madder">{error.message}</p>
  if (!data) return <p className="text-graphite">One moment…</p>
  return (
    <form
      aria-label="Join"
      className="border-l-2 border-tide pl-3"
      onSubmit={(event) => {
        event.preventDefault()
        join.mutate(undefined)
      }}
    >
      {data.refusal !== '' ? (
        <p role="alert">{data.refusal}</p>
      ) : (
        <>
          <table className="w-full text-[14px]">
            <thead>
              <tr className="text-left align-baseline">
                <td />
                <th scope="col" className="font-semibold">
                  stays
                </th>
                <th scope="col" className="font-semibold">
                  goes
                </th>
              </tr>
            </thead>
            <tbody>
              {data.lines.map((line) => (
                <tr key={line.label} className="border-b border-rule align-baseline">
                  <th scope="row" className="pr-2 text-left font-normal text-graphite">
                    {line.label}
                  </th>
                  <td className="pr-2 font-serif">{line.kept}</td>
                  <td className={`font-serif ${line.kept === line.gone ? 'text-graphite' : ''}`}>
                    {line.kept === line.gone ? 'the same' : line.gone}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-1 text-[14px]">
            {data.moves.length > 0
              ? `${data.moves.join(', ')} go over.`
              : 'Nothing hangs on the one that goes.'}{' '}
            What only the one that goes tells is kept, and so is what it tells otherwise.
          </p>
          {data.remarks.map((remark) => (
            <p key={remark} className="mt-1 text-[14px]">
              {remark}
            </p>
          ))}
        </>
      )}
      <p className="mt-1 flex flex-wrap gap-x-4">
        {data.refusal === '' && (
          <button className="act-main" autoFocus disabled={join.isPending}>
            Join them
          </button>
        )}
        {data.refusal === '' && (
          <button type="button" className="act" onClick={() => setOrder([gone, kept])}>
            Let the other stay
          </button>
        )}
        <Cancel onLeave={onLeave} />
      </p>
    </form>
  )
}
