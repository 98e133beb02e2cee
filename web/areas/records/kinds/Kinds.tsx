import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { toast } from 'sonner'
import { api, asRead, unwrap, type Schemas } from '../../../api/client'
import { useTreeId, useWrite } from '../../../api/useTree'
import { EditConflict } from '../../../parts/EditConflict'
import { Confirm } from '../../../parts/Confirm'
import { isFoundBy, useSourceKinds, type SourceKind } from './kinds'
import { RecordKindEditor, type RecordTemplate } from './RecordKindEditor'
import { SourceKindEditor, templateOf, type SourceTemplate } from './SourceKindEditor'
import { useWindowState } from '../../../parts/useWindowState'
import { queries } from '../../../api/queries'

type Of = 'source' | 'record'
type Listed = {
  of: Of
  code: string
  name: string
  words: string
  isOwn: boolean
  version: number
  template: string
}

const recordKind = ({
  code,
  name,
  words,
  isOwn,
  version,
  template,
}: Schemas['RecordKindResource']): Listed => ({
  of: 'record',
  code,
  name,
  words,
  isOwn,
  version,
  template,
})

const sourceKind = (kind: SourceKind): Listed => ({
  of: 'source',
  code: kind.code,
  name: kind.name,
  words: `${kind.words} ${kind.what}`,
  isOwn: kind.isOwn,
  version: kind.version,
  template: JSON.stringify(templateOf(kind)),
})

/** Kinds of source and of record: what ships, and one's own; copied, changed, handed on as JSON and brought in. */
export default function Kinds() {
  const tree = useTreeId()
  const [query, setQuery] = useSearchParams()
  const { data: sources = [] } = useSourceKinds()
  const { data: records = [] } = useQuery({ ...queries.recordKinds(tree), select: (data) => data.kinds })
  const [typed, setTyped] = useWindowState('kinds.words', '')
  const lists: [string, Listed[]][] = [
    ['Of source', sources.map(sourceKind)],
    ['Of record', records.map(recordKind)],
  ]
  const found = (kinds: Listed[]) => kinds.filter((kind) => isFoundBy(typed, `${kind.name} ${kind.words}`))
  const chosen =
    lists.flatMap(([, kinds]) => kinds).find((kind) => `${kind.of}:${kind.code}` === query.get('kind')) ??
    found(lists[0]?.[1] ?? [])[0]
  const make = useWrite(
    ({ of, template }: { of: Of; template: string }) =>
      unwrap(
        api.POST(of === 'source' ? '/api/trees/{tree}/source-kinds' : '/api/trees/{tree}/record-kinds', {
          params: { path: { tree } },
          body: { template },
        }),
      ),
    (made, { of }) => setQuery({ kind: `${of}:${made.id}` }),
  )
  const bring = async (file: File | undefined) => {
    if (!file) return
    const text = await file.text()
    const said = (() => {
      try {
        return JSON.parse(text) as Record<string, unknown>
      } catch {
        return null
      }
    })()
    if (!said) toast.error(`${file.name} holds no JSON.`)
    else make.mutate({ of: 'columns' in said ? 'record' : 'source', template: text })
  }
  return (
    <div className="grid h-full grid-cols-[280px_minmax(0,1fr)] max-lg:block max-lg:overflow-auto">
      <nav aria-label="Kinds" className="overflow-auto border-r border-rule px-4 py-3">
        <h1 className="font-serif text-[26px]">Kinds</h1>
        <input
          className="gap mb-2 w-full"
          aria-label="Filter kinds by words"
          placeholder="words of a kind"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        {lists.map(([name, kinds]) => (
          <section key={name} className="mb-3">
            <h2 className="heads font-semibold">
              {name}, {found(kinds).length} of {kinds.length}
            </h2>
            <ul>
              {found(kinds).map((kind) => (
                <li key={kind.code}>
                  <button
                    type="button"
                    aria-pressed={kind === chosen}
                    className={`min-h-[24px] w-full truncate px-1 text-left
                      ${kind === chosen ? 'bg-wash font-semibold' : 'hover:bg-wash/60'}`}
                    onClick={() => setQuery({ kind: `${kind.of}:${kind.code}` }, { replace: true })}
                  >
                    {kind.name}
                    {kind.isOwn && <span className="text-[13px] text-graphite">, your own</span>}
                  </button>
                </li>
              ))}
            </ul>
          </section>
        ))}
        <label className="act cursor-pointer text-[14px]">
          Bring a kind in from a file
          <input
            type="file"
            accept="application/json,.json"
            className="sr-only"
            onChange={(event) => void bring(event.target.files?.[0])}
          />
        </label>
      </nav>
      {chosen && (
        <Kind
          key={`${chosen.of}:${chosen.code}:${chosen.version}`}
          listed={chosen}
          source={chosen.of === 'source' ? sources.find((kind) => kind.code === chosen.code) : undefined}
          onCopy={(template) => make.mutate({ of: chosen.of, template })}
        />
      )}
    </div>
  )
}

function Kind(props: { listed: Listed; source: SourceKind | undefined; onCopy: (template: string) => void }) {
  const { listed, source, onCopy } = props
  const tree = useTreeId()
  const [template, setTemplate] = useState<Record<string, unknown>>(
    () => JSON.parse(listed.template) as Record<string, unknown>,
  )
  const [changing, setChanging] = useState(false)
  const at = { params: { path: { tree, sourceKind: listed.code, recordKind: listed.code } } }
  const body = { template: JSON.stringify(template), version: listed.version }
  const keep = useWrite(
    () =>
      unwrap(
        listed.of === 'source'
          ? api.PATCH('/api/trees/{tree}/source-kinds/{sourceKind}', { ...at, body })
          : api.PATCH('/api/trees/{tree}/record-kinds/{recordKind}', { ...at, body }),
      ),
    () => setChanging(false),
  )
  const remove = useWrite(() =>
    unwrap(
      listed.of === 'source'
        ? api.DELETE('/api/trees/{tree}/source-kinds/{sourceKind}', { ...at, ...asRead(listed.version) })
        : api.DELETE('/api/trees/{tree}/record-kinds/{recordKind}', { ...at, ...asRead(listed.version) }),
    ),
  )
  const change = changing
    ? (said: Record<string, unknown>) => setTemplate((now) => ({ ...now, ...said }))
    : null
  const name = String(template.name ?? '')
  const address = `data:application/json;charset=utf-8,${encodeURIComponent(JSON.stringify(template, null, 2))}`
  return (
    <section className="overflow-auto px-6 py-3" aria-label={listed.name}>
      {change ? (
        <input
          className="gap font-serif text-[26px]"
          aria-label="Name of the kind"
          value={name}
          onChange={(event) => change({ name: event.target.value })}
        />
      ) : (
        <h2 className="font-serif text-[26px] leading-tight">{listed.name}</h2>
      )}
      <p className="mt-1 flex flex-wrap gap-4 text-[14px]">
        {listed.isOwn && !changing && (
          <button type="button" className="act" onClick={() => setChanging(true)}>
            Change
          </button>
        )}
        {changing && (
          <>
            <button
              type="button"
              className="act-main"
              disabled={keep.isPending}
              onClick={() => keep.mutate(undefined)}
            >
              Save
            </button>
            <button
              type="button"
              className="act"
              onClick={() => {
                setTemplate(JSON.parse(listed.template) as Record<string, unknown>)
                setChanging(false)
              }}
            >
              Cancel
            </button>
          </>
        )}
        <button
          type="button"
          className="act"
          onClick={() => onCopy(JSON.stringify({ ...template, name: `${name}, our own` }))}
        >
          New one like it
        </button>
        <a className="act" href={address} download={`${name}.json`}>
          Save it as a file
        </a>
        {listed.isOwn && (
          <Confirm
            trigger="Delete"
            title={`Delete the kind “${listed.name}”?`}
            says="Nothing that is of this kind may be left. It can be restored from the journal."
            onDelete={() => remove.mutate(undefined)}
          />
        )}
      </p>
      <EditConflict problem={keep.error} />
      {listed.of === 'source' && source ? (
        <SourceKindEditor
          kind={{ ...source, ...(template as unknown as SourceTemplate) }}
          onChange={change}
        />
      ) : (
        <RecordKindEditor kind={template as unknown as RecordTemplate} onChange={change} />
      )}
    </section>
  )
}
