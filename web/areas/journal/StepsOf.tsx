import { api, unwrap } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { stepped } from '../../parts/saved'

const WORDS = {
  undo: { heads: 'To undo', key: 'U', none: 'Nothing of yours to undo.', down: 'Undo down to here' },
  redo: { heads: 'To redo', key: 'Ctrl+Shift+Z', none: '', down: 'Redo down to here' },
}

/** One's own steps, the next first: any of them takes those above it along. */
export function StepsOf({ which, steps }: { which: 'undo' | 'redo'; steps: string[] }) {
  const tree = useTreeId()
  const words = WORDS[which]
  const take = useWrite(
    (count: number) =>
      unwrap(
        api.POST(`/api/trees/{tree}/journal/${which}`, {
          params: { path: { tree } },
          body: { steps: count },
        }),
      ),
    (done) => stepped(which, done.said),
  )
  if (steps.length === 0 && words.none === '') return null
  return (
    <section className="mb-4" aria-label={words.heads}>
      <h2 className="heads font-semibold">
        {words.heads} {steps.length > 0 && <kbd>{words.key}</kbd>}
      </h2>
      {steps.length === 0 && <p className="text-[14px]">{words.none}</p>}
      <ol className="text-[14px]">
        {steps.map((step, at) => (
          <li
            key={`${at} ${step}`}
            className="group flex items-baseline justify-between gap-3 border-b border-rule py-[3px]"
          >
            <span>{step}</span>
            <button
              type="button"
              className="act shrink-0 text-[13px]"
              aria-label={`${words.down}: ${step}`}
              onClick={() => take.mutate(at + 1)}
            >
              {at === 0 ? (which === 'undo' ? 'Undo' : 'Redo') : `${at + 1} steps`}
            </button>
          </li>
        ))}
      </ol>
    </section>
  )
}
