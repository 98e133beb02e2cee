import { useQuery } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { Link, useNavigate } from 'react-router'
import { api, told } from '../../api/client'
import { useWrite } from '../../api/useTree'

/** The trees that one belongs to, and a line on which to begin another. */
export default function Trees() {
  const { data } = useQuery({ queryKey: ['trees'], queryFn: () => told(api.GET('/api/trees')) })
  const { data: deleted } = useQuery({
    queryKey: ['deleted-trees'],
    queryFn: () => told(api.GET('/api/deleted-trees')),
  })
  const restore = useWrite((id: string) =>
    told(api.POST('/api/deleted-trees/{deleted}/restore', { params: { path: { deleted: id } } })),
  )
  const [name, setName] = useState('')
  const navigate = useNavigate()
  const make = useWrite(
    () => told(api.POST('/api/trees', { body: { name } })),
    (tree) => navigate(`/t/${tree.id}/people`),
  )
  const submit = (event: FormEvent) => {
    event.preventDefault()
    make.mutate(undefined)
  }
  return (
    <main className="mx-auto max-w-[640px] px-6 py-12">
      <div className="flex items-baseline justify-between">
        <h1 className="font-serif text-[28px]">Your trees</h1>
        <Link className="act" to="/account">
          Account
        </Link>
      </div>
      <ul className="mt-6">
        {data?.trees.map((tree) => (
          <li key={tree.id} className="border-b border-rule">
            <Link
              to={`/t/${tree.id}/desk`}
              className="flex items-baseline justify-between gap-4 py-3 hover:bg-wash"
            >
              <span className="min-w-0 truncate font-serif text-[20px] text-tide">{tree.name}</span>
              <span className="shrink-0 text-graphite">
                {tree.people.toLocaleString('en')} people{tree.role !== 'owner' && `, as ${tree.role}`}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {(deleted?.trees.length ?? 0) > 0 && (
        <section aria-label="Deleted trees" className="mt-8">
          <h2 className="heads font-semibold">Deleted or replaced, kept thirty days</h2>
          <ul>
            {deleted?.trees.map((tree) => (
              <li key={tree.id} className="flex items-baseline gap-4 py-1">
                <span className="font-serif text-[17px]">{tree.name}</span>
                <span className="text-[14px] text-graphite">
                  {tree.people.toLocaleString('en')} people,{' '}
                  {new Date(tree.deletedAt).toLocaleDateString('en-GB', { dateStyle: 'medium' })}
                </span>
                <button type="button" className="act" onClick={() => restore.mutate(tree.id)}>
                  Put back
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
      <form onSubmit={submit} className="mt-8 flex items-end gap-4">
        <label className="grow">
          <span className="heads">A new tree, called</span>
          <input
            className="gap block w-full text-[17px]"
            value={name}
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        <button className="act-main" disabled={make.isPending}>
          Begin it
        </button>
      </form>
    </main>
  )
}
