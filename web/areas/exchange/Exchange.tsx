import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState, type DragEvent } from 'react'
import { useNavigate } from 'react-router'
import { useTree, useTreeId } from '../../api/useTree'
import { ImportReport } from './ImportReport'
import { Export } from './Export'
import { takeHanded, TREE_FILES } from './handedFile'
import { FilePreview } from './FilePreview'
import { Runs } from './Runs'
import { useIncoming } from './useIncoming'
import { queries } from '../../api/queries'
import { isUnderWay } from '../../api/isUnderWay'

/** Files in and out. */
export default function Exchange() {
  const tree = useTreeId()
  const { data: about } = useTree()
  const picker = useRef<HTMLInputElement>(null)
  const [goingTo, setGoingTo] = useState('')
  const navigate = useNavigate()
  const { data, error } = useQuery({
    ...queries.exchange(tree),
    refetchInterval: (query) => (query.state.data?.runs.some(isUnderWay) ? 700 : false),
  })
  const { share, stop, look, bring, giveUp, cancel, anew } = useIncoming(setGoingTo)
  const done = data?.runs.some((run) => run.treeId === goingTo && run.state === 'done') ?? false
  // A tree that was replaced is no longer here to be asked.
  useEffect(() => {
    if (goingTo !== '' && (done || error !== null)) void navigate(`/t/${goingTo}/exchange`)
  }, [goingTo, done, error, navigate])
  const { mutate: lookAt } = look
  useEffect(() => {
    const file = takeHanded(tree)
    if (file) lookAt(file)
  }, [tree, lookAt])
  const take = (files: FileList | null) => {
    const file = files?.[0]
    if (file) lookAt(file)
  }
  const dropped = (event: DragEvent) => {
    event.preventDefault()
    take(event.dataTransfer.files)
  }
  const looks = data?.runs.flatMap((run) => (run.look ? [{ ...run, look: run.look }] : [])) ?? []
  return (
    <div className="grid h-full grid-cols-[minmax(0,2fr)_minmax(300px,1fr)] max-lg:block max-lg:overflow-auto">
      <section
        className="overflow-auto px-6 py-3"
        onDragOver={(event) => event.preventDefault()}
        onDrop={dropped}
      >
        <h1 className="font-serif text-[26px]">Exchange</h1>
        <p className="mt-2 max-w-[560px] font-serif text-[18px]">
          Drop a GEDCOM file here (5.5.1 or 7, also zipped with its pictures). It is looked at first; nothing
          of it comes into {about?.name ?? 'this tree'} before you say so.
        </p>
        <p className="mt-4 flex items-baseline gap-4">
          <button
            type="button"
            className={looks.length === 0 ? 'act-main' : 'act'}
            disabled={share !== null}
            onClick={() => picker.current?.click()}
          >
            Choose a file
          </button>
          <input
            ref={picker}
            type="file"
            accept={TREE_FILES}
            className="sr-only"
            aria-label="File to bring in"
            tabIndex={-1}
            onChange={(event) => {
              take(event.target.files)
              event.target.value = ''
            }}
          />
          {share !== null && (
            <span role="status" className="text-graphite">
              sending, {Math.round(share * 100)}%{' '}
              <button type="button" className="act ml-3" onClick={stop}>
                Stop
              </button>
            </span>
          )}
        </p>
        {(look.error ?? bring.error) && (
          <p role="alert" className="mt-3 max-w-[560px] text-madder">
            {(look.error ?? bring.error)?.message}
          </p>
        )}
        <Runs
          runs={data?.runs.filter((run) => run.kind !== 'export') ?? []}
          onCancel={cancel.mutate}
          onAgain={anew.mutate}
        />
        {looks.map((run) => (
          <FilePreview
            key={run.id}
            run={run.id}
            name={run.title}
            look={run.look}
            isBusy={bring.isPending}
            onBring={(wanted) => bring.mutate({ lookId: run.id, wanted })}
            onGiveUp={() => giveUp.mutate(run.id)}
          />
        ))}
        {data?.imports.map((brought) => (
          <ImportReport key={brought.id} report={brought} />
        ))}
      </section>
      <Export runs={data?.runs ?? []} onCancel={cancel.mutate} />
    </div>
  )
}
