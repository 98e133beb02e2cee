import { useQuery } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '../../../api/client'
import { EditConflict } from '../../../parts/EditConflict'
import { InlineTextField } from '../../../parts/InlineTextField'
import { useTree, useTreeId, useWrite } from '../../../api/useTree'
import { queries } from '../../../api/queries'

const STATES: Record<string, string> = {
  'never wed': 'had not been married before',
  widowed: 'was widowed',
  free: 'was free to marry',
  bound: 'was still married to someone else',
}

/** What is said of a union itself: its kind, by which custom its children are named, and who came to the wedding in what state. */
export function CoupleDetails({ id }: { id: string }) {
  const tree = useTreeId()
  const { data: settings } = useTree()
  const at = { params: { path: { tree, union: id } } }
  const { data } = useQuery(queries.union(tree, id))
  const change = useWrite((body: Omit<Schemas['UnionInput'], 'version'>) =>
    unwrap(
      api.PATCH('/api/trees/{tree}/unions/{union}', {
        ...at,
        body: { ...body, version: data?.version ?? 0 },
      }),
    ),
  )
  if (!data) return null
  return (
    <>
      <EditConflict problem={change.error} />
      {data.ruledOutWhy !== '' && (
        <p>
          Ruled out: <span className="font-serif text-[16px]">{data.ruledOutWhy}</span>
        </p>
      )}
      {data.states.length > 0 && (
        <p>
          At the wedding:{' '}
          {data.states.map((state, index) => (
            <span key={state.name}>
              {index > 0 && ', '}
              {state.name}{' '}
              <span
                className={
                  state.state === 'bound'
                    ? 'text-madder'
                    : state.state === 'not known'
                      ? 'text-ochre'
                      : 'text-ink'
                }
              >
                {STATES[state.state] ?? state.state}
              </span>
            </span>
          ))}
        </p>
      )}
      <p className="flex flex-wrap items-baseline gap-x-4">
        <InlineTextField
          className="gap w-[150px]"
          aria-label="Kind of couple"
          placeholder="kind: handfast, civil…"
          value={data.kind}
          onKeep={(kind) => change.mutate({ kind })}
        />
        <span>
          children are offered{' '}
          <select
            className="gap"
            aria-label="What surname children of this couple are offered"
            value={data.surnameCustom}
            onChange={(event) => change.mutate({ surnameCustom: event.target.value })}
          >
            <option value="">what the tree says</option>
            {settings?.surnameCustoms.map((surnameCustom) => (
              <option key={surnameCustom.code} value={surnameCustom.code}>
                {surnameCustom.word}
              </option>
            ))}
          </select>
        </span>
      </p>
    </>
  )
}
