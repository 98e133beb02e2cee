import { useQuery } from '@tanstack/react-query'
import { useSearchParams } from 'react-router'
import { asWords, queries } from '../../api/queries'
import { useTree, useTreeId } from '../../api/useTree'
import { count } from '../../parts/count'
import { LivingFirst } from '../../parts/LivingFirst'
import { OptionFields, useOptions } from '../../parts/OptionFields'
import { NumberEverybody } from './NumberEverybody'
import { QueuedFiles } from './QueuedFiles'
import type { Kind } from './KindNav'
import { SaveReport } from './SaveReport'
import { Subject } from './Subject'

/** A report as it will be printed; beside it what it is about, what can be chosen, and the files. */
export function Printed({ kind, subject }: { kind: Kind; subject: string }) {
  const tree = useTreeId()
  const { data: about } = useTree()
  const [options, choose] = useOptions(kind.options)
  const [asked] = useSearchParams()
  const paper = asked.get('paper') === 'Letter' ? 'Letter' : 'A4'
  /** With what is kept of a report and is no option of its own: the paper. */
  const kept = paper === 'A4' ? options : { ...options, paper }
  const { data: report, error, isFetching } = useQuery(queries.report(tree, kind.code, subject, options))
  const file = (format: string) =>
    `/api/trees/${tree}/reports/${kind.code}/${subject}.${format}?${asWords(kept)}`
  return (
    <div className="grid min-h-0 grid-cols-[minmax(0,1fr)_290px] max-lg:flex max-lg:flex-col-reverse">
      <section
        aria-label="As it will be printed"
        // Whoever has keys alone scrolls it by them.
        tabIndex={0}
        className="overflow-auto px-8 py-4"
        aria-busy={isFetching}
      >
        {error && <p className="text-madder">{error.message}</p>}
        {!report && !error && <p role="status">It is being put together.</p>}
        {report && (
          <article className="document max-w-[820px]" dangerouslySetInnerHTML={{ __html: report.html }} />
        )}
        {report && report.left > 0 && (
          <p className="mt-4 text-graphite" role="status">
            {count(report.left, 'part follows', 'parts follow')}; a file has all of it.
          </p>
        )}
      </section>
      <aside
        aria-label="What it tells"
        className="overflow-auto border-l border-rule px-5 py-4 max-lg:border-l-0"
      >
        <h2 className="text-[13px] text-graphite">About</h2>
        <Subject kind={kind} subject={subject} />
        {kind.options.length > 0 && <h2 className="mt-4 text-[13px] text-graphite">With</h2>}
        <div className="flex flex-col gap-[6px]">
          <OptionFields options={kind.options} chosen={options} onChoose={choose} />
        </div>
        <NumberEverybody kind={kind} subject={subject} options={options} />
        {report && about?.role !== 'reader' && (
          <>
            <h2 className="mt-4 text-[13px] text-graphite">To open again</h2>
            <SaveReport kind={kind.code} subject={subject} options={kept} title={report.title} />
          </>
        )}
        {report && (
          <>
            <h2 className="mt-4 text-[13px] text-graphite">Files</h2>
            <label className="block pb-1 text-[14px] text-graphite">
              On{' '}
              <select
                className="gap"
                aria-label="Paper"
                value={paper}
                onChange={(event) => choose('paper', event.target.value)}
              >
                <option>A4</option>
                <option>Letter</option>
              </select>
            </label>
            <div className="flex flex-wrap gap-x-4 gap-y-1">
              {report.left > 0 && about?.role !== 'reader' ? (
                <QueuedFiles
                  kind={kind.code}
                  subject={subject}
                  options={options}
                  paper={paper}
                  report={report}
                />
              ) : (
                <LivingFirst
                  living={report.living}
                  how="named"
                  links={(withLiving) =>
                    report.formats.map((format) => (
                      <a key={format} className="act" href={withLiving(file(format))} download>
                        {format.toUpperCase()}
                      </a>
                    ))
                  }
                />
              )}
            </div>
          </>
        )}
      </aside>
    </div>
  )
}
