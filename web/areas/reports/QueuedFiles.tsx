import { useQuery } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '../../api/client'
import { queries, type Options } from '../../api/queries'
import { useTreeId, useWrite } from '../../api/useTree'
import { LivingFirst } from '../../parts/LivingFirst'
import { RunBar } from '../../parts/RunBar'
import { isUnderWay } from '../../api/isUnderWay'
import { useAwaitedFile } from '../../parts/useAwaitedFile'

type Report = Schemas['ReportResource']
type Props = {
  kind: string
  subject: string
  options: Options
  paper: 'A4' | 'Letter'
  report: Report
}

const LOOKED_AFTER_MS = 700

/** Files of a long report: made in the background, saved as soon as they are there. */
export function QueuedFiles({ kind, subject, options, paper, report }: Props) {
  const tree = useTreeId()
  const { data } = useQuery({
    ...queries.reportFiles(tree),
    refetchInterval: ({ state }) => (isUnderWay(state.data?.runs[0]) ? LOOKED_AFTER_MS : false),
  })
  const run = data?.runs[0]
  const { save, isMade, waitFor } = useAwaitedFile(run)
  const make = useWrite(
    (body: Schemas['ReportFileInput']) =>
      unwrap(
        api.POST('/api/trees/{tree}/reports/{kind}/{reported}/files', {
          params: { path: { tree, kind, reported: subject } },
          body,
        }),
      ),
    (begun) => waitFor(begun),
  )
  const cancel = useWrite((run: string) =>
    unwrap(api.DELETE('/api/trees/{tree}/exchange/runs/{run}', { params: { path: { tree, run } } })),
  )
  const begin = (format: string, living: string) => {
    const told = new URLSearchParams(living.replace(/^\?/, ''))
    make.mutate({
      format: format as Schemas['ReportFileInput']['format'],
      options,
      paper,
      keep: told.get('living') === 'keep',
      kept: told.get('keep')?.split(',') ?? [],
    })
  }
  return (
    <>
      <p className="basis-full text-[14px] text-graphite">It is long, and is made while you go on.</p>
      <LivingFirst
        living={report.living}
        how="named"
        links={(withLiving) =>
          report.formats.map((format) => (
            <button
              key={format}
              type="button"
              className="act"
              disabled={make.isPending || isUnderWay(run)}
              onClick={() => begin(format, withLiving(''))}
            >
              {format.toUpperCase()}
            </button>
          ))
        }
      />
      {make.error && (
        <p role="alert" className="basis-full text-madder">
          {make.error.message}
        </p>
      )}
      {run && (
        <div role="status" className="basis-full text-[14px]">
          {isUnderWay(run) ? (
            <RunBar run={run} onCancel={(id) => cancel.mutate(id)} />
          ) : isMade ? (
            <a ref={save} className="act" href={`/api/trees/${tree}/report-files/${run.id}/file`} download>
              Save {run.title}
            </a>
          ) : (
            <p className="text-madder">
              {run.title}: {run.said}
            </p>
          )}
        </div>
      )}
    </>
  )
}
