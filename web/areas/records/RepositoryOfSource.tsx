import { useState } from 'react'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { DoublesOfThing } from '../../parts/DoublesOfThing'
import { EditConflict } from '../../parts/EditConflict'
import { Notes } from '../../parts/Notes'
import { count } from '../../parts/count'
import { SaveOrCancel } from '../../parts/SaveOrCancel'

/** Where a source is kept: its name, changed for every source kept there, and notes on it. */
export function RepositoryOfSource({ repository }: { repository: Schemas['RepositoryResource'] }) {
  const tree = useTreeId()
  const [name, setName] = useState(repository.name)
  const [changing, setChanging] = useState(false)
  const at = { params: { path: { tree, repository: repository.id } } }
  const change = useWrite(
    () =>
      unwrap(
        api.PATCH('/api/trees/{tree}/repositories/{repository}', {
          ...at,
          body: { name, version: repository.version },
        }),
      ),
    () => setChanging(false),
  )
  return (
    <section className="mb-5">
      <h2 className="heads font-semibold">Kept at</h2>
      {changing ? (
        <>
          <input
            className="gap w-full font-serif text-[16px]"
            aria-label="Name of the repository"
            autoFocus
            value={name}
            onChange={(event) => setName(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === 'Enter' && name.trim() !== '') change.mutate(undefined)
              if (event.key === 'Escape') setChanging(false)
            }}
          />
          <SaveOrCancel onSave={() => change.mutate(undefined)} onLeave={() => setChanging(false)} />
        </>
      ) : (
        <p className="font-serif text-[16px]">
          {repository.name}{' '}
          <button type="button" className="act font-sans text-[13px]" onClick={() => setChanging(true)}>
            Rename
          </button>
        </p>
      )}
      <EditConflict problem={change.error} />
      <p className="text-[13px] text-graphite">
        {count(repository.sources, 'source is', 'sources are')} kept there; a new name is theirs too.
      </p>
      <DoublesOfThing kind="repository" id={repository.id} name={repository.name} />
      <Notes
        subject={repository.id}
        notes={repository.notes}
        of=" on the repository"
        add={(text) =>
          unwrap(
            api.POST('/api/trees/{tree}/repositories/{repository}/notes', {
              ...at,
              body: { text, isResearch: false },
            }),
          )
        }
      />
    </section>
  )
}
