import { useState } from 'react'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTree, useTreeId, useWrite } from '../../api/useTree'
import { isUnderWay } from '../../api/isUnderWay'
import { useAwaitedFile } from '../../parts/useAwaitedFile'

type Props = { runs: Schemas['RunResource'][]; onCancel: (run: string) => void }

/** Writes the tree to a file: in the background, saved as soon as it is there, with what its version had no place for. */
export function Export({ runs, onCancel }: Props) {
  const tree = useTreeId()
  const { data: about } = useTree()
  const [keep, setKeep] = useState(false)
  const run = runs.find((run) => run.kind === 'export')
  const { save, isMade, waitFor } = useAwaitedFile(run)
  const write = useWrite(
    (body: Schemas['ExportInput']) =>
      unwrap(api.POST('/api/trees/{tree}/exchange/exports', { params: { path: { tree } }, body })),
    (begun) => waitFor(begun),
  )
  return (
    <aside aria-label="Export" className="border-l border-rule px-5 py-4 max-lg:border-l-0">
      <h2 className="heads font-semibold">Export this tree as a GEDCOM file</h2>
      <fieldset className="mt-2 space-y-1">
        <legend className="sr-only">The living</legend>
        <label className="block">
          <input type="radio" name="living" checked={!keep} onChange={() => setKeep(false)} /> living people
          hidden
        </label>
        {about?.role === 'owner' && (
          <label className="block">
            <input type="radio" name="living" checked={keep} onChange={() => setKeep(true)} /> living people
            in full; the journal says so
          </label>
        )}
      </fieldset>
      <ul className="mt-3 space-y-2">
        {(['7', '5.5.1'] as const).map((version) => (
          <li key={version} className="flex gap-4">
            {[false, true].map((zipped) =>
              about?.role === 'reader' ? (
                <a
                  key={String(zipped)}
                  className="act"
                  href={`/api/trees/${tree}/exchange/export?version=${version}${zipped ? '&zipped=1' : ''}`}
                  download
                >
                  {zipped ? 'zipped with its pictures' : `Export version ${version}`}
                </a>
              ) : (
                <button
                  key={String(zipped)}
                  type="button"
                  className="act"
                  disabled={write.isPending || isUnderWay(run)}
                  aria-label={zipped ? `Export version ${version}, zipped with its pictures` : undefined}
                  onClick={() => write.mutate({ version, zipped, keep })}
                >
                  {zipped ? 'zipped with its pictures' : `Export version ${version}`}
                </button>
              ),
            )}
          </li>
        ))}
      </ul>
      {write.error && (
        <p role="alert" className="mt-3 text-madder">
          {write.error.message}
        </p>
      )}
      {run && (
        <div role="status" className="mt-4">
          {isMade ? (
            <a
              ref={save}
              className="act"
              href={`/api/trees/${tree}/exchange/exports/${run.id}/file`}
              download={run.title}
            >
              Save {run.title}
            </a>
          ) : (
            <span>{run.title}</span>
          )}
          <p className={run.state === 'failed' ? 'text-madder' : 'text-[14px]'}>{run.said}</p>
          {isUnderWay(run) && (
            <>
              <progress
                className="mt-1 h-[6px] w-full accent-tide"
                max={100}
                value={run.percent}
                aria-label={run.title}
              />
              <button type="button" className="act" onClick={() => onCancel(run.id)}>
                Cancel
              </button>
            </>
          )}
        </div>
      )}
      <p className="mt-3 text-[14px] text-graphite">
        Version 7 holds more; 5.5.1 is for programs that know no other. For a hidden person only the family
        links are written.
      </p>
    </aside>
  )
}
