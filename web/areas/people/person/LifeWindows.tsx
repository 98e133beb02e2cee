import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { type Schemas } from '../../../api/client'
import { useTreeId } from '../../../api/useTree'
import { queries } from '../../../api/queries'

/** When somebody must and likely did live, worked out from everything around; asked for when wanted. */
export function LifeWindows({ person }: { person: string }) {
  const tree = useTreeId()
  const [open, setOpen] = useState(false)
  const { data, error } = useQuery({ ...queries.lifeWindow(tree, person), enabled: open })
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="heads cursor-pointer font-semibold">When they lived</summary>
      {error && <p>{error.message}</p>}
      {data && (
        <dl className="mt-1 text-[14px]">
          {data.impossible.length > 0 && (
            <p className="text-madder">No date of {data.impossible.join(' or ')} fits all the evidence.</p>
          )}
          <Bound word="Born, certainly" bound={data.bornCertain} />
          <Bound word="Born, likely" bound={data.bornLikely} />
          <Bound word="Died, certainly" bound={data.diedCertain} />
          <Bound word="Died, likely" bound={data.diedLikely} />
        </dl>
      )}
    </details>
  )
}

function Bound({ word, bound }: { word: string; bound: Schemas['WindowBound'] }) {
  return (
    <div className="mt-1">
      <dt className="text-graphite">{word}</dt>
      <dd>
        {bound.shown}
        {sides(bound).map(
          ([word, why]) =>
            why !== '' && (
              <span key={word} className="block text-[13px] text-graphite">
                {word} {why}
              </span>
            ),
        )}
      </dd>
    </div>
  )
}

/** Both sides that follow from the same are told once. */
function sides(bound: Schemas['WindowBound']): [string, string][] {
  const [from, to] = [bound.whyFrom.join(' '), bound.whyTo.join(' ')]
  return from === to
    ? [['By', from]]
    : [
        ['Not before:', from],
        ['Not after:', to],
      ]
}
