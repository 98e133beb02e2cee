import type { Schemas } from '../api/client'

type Props = { run: Schemas['RunResource']; onCancel: (run: string) => void }

/** Long work that is under way: what it is, how far it has come, and a way to end it. */
export function RunBar({ run, onCancel }: Props) {
  return (
    <>
      <p>
        {run.title}: {run.said}{' '}
        <button type="button" className="act ml-3" onClick={() => onCancel(run.id)}>
          Cancel
        </button>
      </p>
      <progress
        className="mt-1 h-[6px] w-full accent-tide"
        max={100}
        value={run.percent}
        aria-label={run.title}
      />
    </>
  )
}
