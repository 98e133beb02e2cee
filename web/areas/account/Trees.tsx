import { useQuery } from '@tanstack/react-query'
import { useState, type DragEvent } from 'react'
import { Link } from 'react-router'
import { api, unwrap } from '../../api/client'
import { useWrite } from '../../api/useTree'
import { count } from '../../parts/count'
import { NewTree } from './NewTree'
import { OpenDemo } from './OpenDemo'
import { formatDay } from '../../parts/formatDay'
import { queries } from '../../api/queries'

/** The trees that one belongs to, and a new one: empty, or from a file dropped anywhere on the page. */
export default function Trees() {
  const { data } = useQuery(queries.trees())
  const { data: deleted } = useQuery(queries.deletedTrees())
  const restore = useWrite((id: string) =>
    unwrap(api.POST('/api/deleted-trees/{deleted}/restore', { params: { path: { deleted: id } } })),
  )
  const [file, setFile] = useState<File | null>(null)
  const dropped = (event: DragEvent) => {
    event.preventDefault()
    setFile(event.dataTransfer.files[0] ?? null)
  }
  return (
    <main
      className="mx-auto min-h-full max-w-[720px] px-6 py-12"
      onDragOver={(event) => event.preventDefault()}
      onDrop={dropped}
    >
      <div className="flex items-baseline justify-between">
        <h1 className="font-serif text-[28px]">Your trees</h1>
        <span className="flex gap-5">
          <Link className="act" to="/guide">
            Guide
          </Link>
          <Link className="act" to="/account">
            Account
          </Link>
        </span>
      </div>
      {data?.trees.length === 0 && (
        <p className="mt-4 font-serif text-[18px]">
          You have no tree yet. Name a new one below, drop a GEDCOM file here, or look at the demo first.
        </p>
      )}
      <ul className="mt-6">
        {data?.trees.map((tree) => (
          <li key={tree.id} className="border-b border-rule">
            <Link
              to={`/t/${tree.id}/desk`}
              className="flex flex-wrap items-baseline justify-between gap-x-4 py-3 hover:bg-wash"
            >
              <span className="min-w-0 truncate font-serif text-[20px] text-tide">{tree.name}</span>
              <span className="text-[14px] text-graphite">
                {count(tree.people, 'person', 'people')}
                {tree.changedAt === ''
                  ? ', nothing changed yet'
                  : `, last changed on ${formatDay(tree.changedAt)}`}
                ; you are its {tree.role}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      <NewTree file={file} onFile={setFile} />
      <OpenDemo className="act mt-6" />
      {(deleted?.trees.length ?? 0) > 0 && (
        <section aria-label="Deleted trees" className="mt-8">
          <h2 className="heads font-semibold">Deleted or replaced, kept thirty days</h2>
          <ul>
            {deleted?.trees.map((tree) => (
              <li key={tree.id} className="flex items-baseline gap-4 py-1">
                <span className="font-serif text-[17px]">{tree.name}</span>
                <span className="text-[14px] text-graphite">
                  {count(tree.people, 'person', 'people')}, {formatDay(tree.deletedAt)}
                </span>
                <button type="button" className="act" onClick={() => restore.mutate(tree.id)}>
                  Restore
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </main>
  )
}
