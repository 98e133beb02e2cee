import { useState } from 'react'
import { toast } from 'sonner'
import { api, unwrap, type Schemas } from '../api/client'
import { useTreeId, useWrite } from '../api/useTree'
import { Cancel } from './Cancel'
import { saved } from './saved'

/** Who or what was joined to this; each is taken apart here, and whose what was made since is, is asked first. */
export function Joins({ joins, again }: { joins: Schemas['JoinResource'][]; again: string }) {
  const tree = useTreeId()
  const [asking, setAsking] = useState('')
  const [ofGone, setOfGone] = useState<string[]>([])
  const apart = useWrite(
    (join: Schemas['JoinResource']) =>
      unwrap(
        api.POST('/api/trees/{tree}/joins/{join}/apart', {
          params: { path: { tree, join: join.id } },
          body: { ofGone, ofKept: join.asked.map((row) => row.id).filter((id) => !ofGone.includes(id)) },
        }),
      ),
    (done) => {
      setAsking('')
      saved(again)
      done.remarks.forEach((remark) => toast(remark, { duration: Infinity, closeButton: true }))
    },
  )
  const begin = (join: Schemas['JoinResource']) => {
    setOfGone([])
    if (join.asked.length === 0) apart.mutate(join)
    else setAsking(join.id)
  }
  return (
    <ul>
      {joins.map((join) => (
        <li key={join.id}>
          <span className="text-[14px]">{join.says}.</span>{' '}
          {asking === join.id ? (
            <form
              aria-label="Take apart"
              className="border-l-2 border-tide pl-3"
              onSubmit={(event) => {
                event.preventDefault()
                apart.mutate(join)
              }}
            >
              <p>Since then this was added. Tick what belongs to the one that comes back:</p>
              {join.asked.map((row) => (
                <label key={row.id} className="flex items-baseline gap-2">
                  <input
                    type="checkbox"
                    checked={ofGone.includes(row.id)}
                    onChange={(event) =>
                      setOfGone(
                        event.target.checked ? [...ofGone, row.id] : ofGone.filter((id) => id !== row.id),
                      )
                    }
                  />
                  {row.says}
                </label>
              ))}
              <p className="flex gap-4">
                <button className="act-main" disabled={apart.isPending}>
                  Take apart
                </button>
                <Cancel onLeave={() => setAsking('')} />
              </p>
            </form>
          ) : (
            <button type="button" className="act" disabled={apart.isPending} onClick={() => begin(join)}>
              Take apart
            </button>
          )}
        </li>
      ))}
    </ul>
  )
}
