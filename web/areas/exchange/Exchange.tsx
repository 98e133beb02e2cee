import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState, type DragEvent } from 'react'
import { useNavigate } from 'react-router'
import { toast } from 'sonner'
import { api, Refused, told, type Schemas } from '../../api/client'
import { useTree, useTreeId, useWrite } from '../../api/useTree'
import { Brought } from './Brought'
import { LookedAt } from './LookedAt'
import { upload } from './upload'

type Mode = Schemas['ImportInput']['mode']

const MODES: Record<Mode, string> = {
  add: 'into this tree, beside who is there',
  new: 'into a new tree',
  replace: 'in place of this tree, which is kept thirty days',
}

/** Files in and out. */
export default function Exchange() {
  const tree = useTreeId()
  const { data: about } = useTree()
  const picker = useRef<HTMLInputElement>(null)
  const [share, setShare] = useState<number | null>(null)
  const [again, setAgain] = useState<File | null>(null)
  const [mode, setMode] = useState<Mode>('add')
  const [treeName, setTreeName] = useState('')
  const [goingTo, setGoingTo] = useState('')
  const looking = useRef(false)
  const stop = useRef<AbortController | null>(null)
  const navigate = useNavigate()
  const { data, error } = useQuery({
    queryKey: ['exchange', tree],
    queryFn: () => told(api.GET('/api/trees/{tree}/exchange', { params: { path: { tree } } })),
    refetchInterval: (query) =>
      query.state.data?.runs.some((run) => ['waiting', 'running'].includes(run.state)) ? 700 : false,
  })
  const bringIn = useWrite(async ({ file, twice }: { file: File; twice: boolean }) => {
    setAgain(null)
    setShare(0)
    try {
      stop.current = new AbortController()
      const uploadId = await upload(file, setShare, stop.current.signal)
      const run = await told(
        api.POST('/api/trees/{tree}/exchange/imports', {
          params: { path: { tree } },
          body: { uploadId, again: twice, mode, treeName },
        }),
      )
      setGoingTo(run.treeId === tree ? '' : run.treeId)
      return run
    } catch (problem) {
      if (problem instanceof Refused && problem.details.again === true) setAgain(file)
      throw problem
    } finally {
      setShare(null)
    }
  })
  const look = useWrite(async (file: File) => {
    setShare(0)
    try {
      stop.current = new AbortController()
      const uploadId = await upload(file, setShare, stop.current.signal)
      return await told(
        api.POST('/api/trees/{tree}/exchange/looks', { params: { path: { tree } }, body: { uploadId } }),
      )
    } finally {
      setShare(null)
    }
  })
  const bringLooked = useWrite(async (lookId: string) => {
    const run = await told(
      api.POST('/api/trees/{tree}/exchange/imports', {
        params: { path: { tree } },
        body: { lookId, again: true, mode, treeName },
      }),
    )
    setGoingTo(run.treeId === tree ? '' : run.treeId)
    return run
  })
  const leave = useWrite((run: string) =>
    told(api.DELETE('/api/trees/{tree}/exchange/looks/{run}', { params: { path: { tree, run } } })),
  )
  const cancel = useWrite(
    (run: string) =>
      told(api.DELETE('/api/trees/{tree}/exchange/runs/{run}', { params: { path: { tree, run } } })),
    () => toast('It stops at the next line.'),
  )
  const anew = useWrite((run: string) =>
    told(api.POST('/api/trees/{tree}/exchange/runs/{run}/again', { params: { path: { tree, run } } })),
  )
  const done = data?.runs.some((run) => run.treeId === goingTo && run.state === 'done') ?? false
  // A tree that was replaced is no longer here to be asked.
  useEffect(() => {
    if (goingTo !== '' && (done || error !== null)) void navigate(`/t/${goingTo}/exchange`)
  }, [goingTo, done, error, navigate])
  const take = (files: FileList | null) => {
    const file = files?.[0]
    if (!file) return
    if (looking.current) look.mutate(file)
    else bringIn.mutate({ file, twice: false })
  }
  const dropped = (event: DragEvent) => {
    event.preventDefault()
    take(event.dataTransfer.files)
  }
  const [keep, setKeep] = useState(false)
  const out = (version: string, zipped: boolean) =>
    `/api/trees/${tree}/exchange/export?version=${version}${keep ? '&living=keep' : ''}${zipped ? '&zipped=1' : ''}`
  const running = data?.runs.filter((run) => ['waiting', 'running'].includes(run.state)) ?? []
  const over = data?.runs.find((run) => !['waiting', 'running', 'done'].includes(run.state))
  return (
    <div className="grid h-full grid-cols-[minmax(0,2fr)_minmax(300px,1fr)] max-lg:block max-lg:overflow-auto">
      <section
        className="overflow-auto px-6 py-3"
        onDragOver={(event) => event.preventDefault()}
        onDrop={dropped}
      >
        <h1 className="font-serif text-[26px]">Exchange</h1>
        <p className="mt-2 max-w-[560px] font-serif text-[18px]">
          Drop a file of the open standard here, version 5.5.1 or 7, to bring it into{' '}
          {about?.name ?? 'this tree'}. What has no place of its own is kept, shown and written back where it
          stood.
        </p>
        <fieldset className="mt-4 space-y-1">
          <legend className="heads">Where to</legend>
          {(Object.keys(MODES) as Mode[])
            .filter((one) => one !== 'replace' || about?.role === 'owner')
            .map((one) => (
              <label key={one} className="block">
                <input type="radio" name="mode" checked={mode === one} onChange={() => setMode(one)} />{' '}
                {MODES[one]}
              </label>
            ))}
          {mode === 'new' && (
            <input
              className="gap w-[320px] max-w-full"
              aria-label="Name of the new tree"
              placeholder="what the new tree is called"
              value={treeName}
              onChange={(event) => setTreeName(event.target.value)}
            />
          )}
        </fieldset>
        <p className="mt-4 flex items-baseline gap-4">
          <button
            type="button"
            className="act-main"
            disabled={share !== null}
            onClick={() => {
              looking.current = false
              picker.current?.click()
            }}
          >
            Bring a file in
          </button>
          <button
            type="button"
            className="act"
            disabled={share !== null}
            onClick={() => {
              looking.current = true
              picker.current?.click()
            }}
          >
            Look at one first
          </button>
          <input
            ref={picker}
            type="file"
            accept=".ged,.gedcom,.gdz,.zip"
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
              <button type="button" className="act ml-3" onClick={() => stop.current?.abort()}>
                Stop
              </button>
            </span>
          )}
        </p>
        {(look.error ?? bringLooked.error) && (
          <p role="alert" className="mt-3 max-w-[560px] text-madder">
            {(look.error ?? bringLooked.error)?.message}
          </p>
        )}
        {bringIn.error && (
          <p role="alert" className="mt-3 max-w-[560px] text-madder">
            {bringIn.error.message}{' '}
            {again && (
              <button
                type="button"
                className="act"
                onClick={() => bringIn.mutate({ file: again, twice: true })}
              >
                Bring it in all the same
              </button>
            )}
          </p>
        )}
        {running.map((run) => (
          <div key={run.id} className="mt-5 max-w-[560px]">
            <p>
              {run.title}: {run.said}{' '}
              <button type="button" className="act ml-3" onClick={() => cancel.mutate(run.id)}>
                Cancel
              </button>
            </p>
            <progress
              className="mt-1 h-[6px] w-full accent-tide"
              max={100}
              value={run.percent}
              aria-label={run.title}
            />
          </div>
        ))}
        {data?.runs.map(
          (run) =>
            run.look && (
              <LookedAt
                key={run.id}
                name={run.title}
                look={run.look}
                isBusy={bringLooked.isPending}
                onBring={() => bringLooked.mutate(run.id)}
                onLeave={() => leave.mutate(run.id)}
              />
            ),
        )}
        {running.length === 0 && over && (
          <p className="mt-4 max-w-[560px] text-ochre">
            {over.title}: {over.said}{' '}
            {over.asksAgain && (
              <button type="button" className="act" onClick={() => anew.mutate(over.id)}>
                Bring it in all the same
              </button>
            )}
          </p>
        )}
        {data?.imports.map((one) => (
          <Brought key={one.id} report={one} />
        ))}
      </section>
      <aside aria-label="Files out" className="border-l border-rule px-5 py-4 max-lg:border-l-0">
        <h2 className="heads font-semibold">Write this tree to a file</h2>
        <fieldset className="mt-2 space-y-1">
          <legend className="sr-only">The living</legend>
          <label className="block">
            <input type="radio" name="living" checked={!keep} onChange={() => setKeep(false)} /> living people
            shielded
          </label>
          {about?.role === 'owner' && (
            <label className="block">
              <input type="radio" name="living" checked={keep} onChange={() => setKeep(true)} /> living people
              in full; the journal says so
            </label>
          )}
        </fieldset>
        <ul className="mt-3 space-y-2">
          {['7', '5.5.1'].map((version) => (
            <li key={version} className="flex gap-4">
              <a className="act" href={out(version, false)} download>
                Version {version}
              </a>
              <a className="act" href={out(version, true)} download>
                zipped with its pictures
              </a>
            </li>
          ))}
        </ul>
        <p className="mt-3 text-[14px] text-graphite">
          Version 7 holds more; 5.5.1 is for programs that know no other. Of somebody shielded the file says
          that they are there and whose they are, nothing else.
        </p>
      </aside>
    </div>
  )
}
