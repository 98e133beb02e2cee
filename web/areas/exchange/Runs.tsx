import type { Schemas } from '../../api/client'
import { RunBar } from '../../parts/RunBar'
import { isUnderWay } from '../../api/isUnderWay'

type Props = {
  runs: Schemas['RunResource'][]
  onCancel: (run: string) => void
  onAgain: (run: string) => void
}

/** What is said of a file that is in, where there is nothing more to say: it stands below with its counts. */
const NOTHING_MORE = 'It is in.'

/** What is being looked at, brought in or written, how far it is, and what came of the last where it did not work. */
export function Runs({ runs, onCancel, onAgain }: Props) {
  const running = runs.filter(isUnderWay)
  const over = runs.find((run) => !isUnderWay(run) && run.state !== 'done')
  const [last] = runs.filter((run) => run.kind === 'import')
  return (
    <>
      {running.map((run) => (
        <div key={run.id} className="mt-5 max-w-[560px]">
          <RunBar run={run} onCancel={onCancel} />
        </div>
      ))}
      {running.length === 0 && last?.state === 'done' && last.said !== NOTHING_MORE && (
        <p className="mt-4 max-w-[560px]" role="status">
          {last.title}: {last.said}
        </p>
      )}
      {running.length === 0 && over && (
        <p className="mt-4 max-w-[560px] text-ochre">
          {over.title}: {over.said}{' '}
          {over.asksAgain && (
            <button type="button" className="act" onClick={() => onAgain(over.id)}>
              Bring it in all the same
            </button>
          )}
        </p>
      )}
    </>
  )
}
