import { useState } from 'react'
import { api, unwrap, type Schemas } from '../../../api/client'
import { useTreeId, useWrite } from '../../../api/useTree'
import { saved } from '../../../parts/saved'

type Relative = Schemas['RelativeResource']

/** Children of a union put into an order by hand: a name is taken and moved earlier or later. */
export function ChildOrder(props: { union: string; people: Relative[]; onDone: () => void }) {
  const tree = useTreeId()
  const [order, setOrder] = useState(props.people)
  const keep = useWrite(
    () =>
      unwrap(
        api.PUT('/api/trees/{tree}/unions/{union}/children', {
          params: { path: { tree, union: props.union } },
          body: { ids: order.map((one) => one.id) },
        }),
      ),
    () => {
      saved('Saved in this order.')
      props.onDone()
    },
  )
  const move = (from: number, by: number) => {
    const to = from + by
    if (to < 0 || to >= order.length) return
    const next = [...order]
    const [taken] = next.splice(from, 1)
    if (taken) next.splice(to, 0, taken)
    setOrder(next)
  }
  return (
    <div className="mb-1 ml-[112px] border-l-2 border-tide pl-3 @max-lg:ml-0">
      <ol>
        {order.map((child, index) => (
          <li key={child.id} className="flex items-baseline gap-3">
            <span className="w-[18px] text-graphite">{index + 1}</span>
            <span className="font-serif text-[16px]">{child.name}</span>
            <span className="text-[13px] text-graphite">{child.years}</span>
            <button
              type="button"
              className="act text-[13px]"
              aria-label={`${child.name} earlier`}
              disabled={index === 0}
              onClick={() => move(index, -1)}
            >
              earlier
            </button>
            <button
              type="button"
              className="act text-[13px]"
              aria-label={`${child.name} later`}
              disabled={index === order.length - 1}
              onClick={() => move(index, 1)}
            >
              later
            </button>
          </li>
        ))}
      </ol>
      <p className="flex gap-4 text-[14px]">
        <button type="button" className="act-main" onClick={() => keep.mutate(undefined)}>
          Save this order
        </button>
        <button type="button" className="act" onClick={props.onDone}>
          Cancel
        </button>
      </p>
    </div>
  )
}
