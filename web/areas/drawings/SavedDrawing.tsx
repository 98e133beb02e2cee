import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import { api, asRead, unwrap, type Schemas } from '../../api/client'
import { queries, type Options } from '../../api/queries'
import { useTree, useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { useCommands } from '../../keys/commandRegistry'
import { DrawingView } from './DrawingView'
import { FileLinks } from './FileLinks'
import { useHandwork } from './useHandwork'

type Saved = Schemas['SavedDrawingResource']

/** A drawing that was kept, with the tree of today. */
export default function SavedDrawing() {
  const tree = useTreeId()
  const { saved = '' } = useParams()
  const { data, error } = useQuery(queries.savedDrawing(tree, saved))
  if (error) return <p className="px-6 py-3 text-madder">{error.message}</p>
  return data ? <Opened key={`${data.id} ${data.version}`} saved={data} /> : null
}

function Opened({ saved }: { saved: Saved }) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const { data: about } = useTree()
  const { data: offered } = useQuery(queries.drawingKinds(tree))
  const kinds = (offered?.kinds ?? []).filter(
    (each) => each.subject === 'people' || saved.subjects.length === 1,
  )
  const [chosen, setChosen] = useState({ kind: saved.kind, options: saved.options as Options })
  const kind = kinds.find(({ code }) => code === chosen.kind)
  const tools = useHandwork(saved.handwork)
  const isChanged =
    tools.isChanged || chosen.kind !== saved.kind || chosen.options !== (saved.options as Options)
  const drawn = useQuery({
    ...queries.drawing(tree, chosen.kind, saved.subjects.join(','), chosen.options, tools.handwork),
    enabled: isChanged,
    placeholderData: keepPreviousData,
  })
  const place = { tree, savedDrawing: saved.id }
  const save = useWrite(() =>
    unwrap(
      api.PUT('/api/trees/{tree}/saved-drawings/{savedDrawing}', {
        params: { path: place },
        body: {
          name: saved.name,
          kind: chosen.kind,
          subjects: saved.subjects,
          options: chosen.options,
          handwork: tools.handwork,
          version: saved.version,
        },
      }),
    ),
  )
  const remove = useWrite(() =>
    unwrap(
      api.DELETE('/api/trees/{tree}/saved-drawings/{savedDrawing}', {
        params: { path: place },
        ...asRead(saved.version),
      }),
    ),
  )
  const isEditor = about !== undefined && about.role !== 'reader'
  useCommands(
    isEditor && isChanged ? [{ key: 's', says: 'Save the drawing', run: () => save.mutate(undefined) }] : [],
  )
  const acts = (
    <span className="ml-auto flex flex-wrap gap-x-5 text-[14px]">
      {isEditor && isChanged && (
        <button
          type="button"
          className="act-main"
          disabled={save.isPending}
          onClick={() => save.mutate(undefined)}
        >
          Save <kbd>s</kbd>
        </button>
      )}
      {isEditor && (
        <button
          type="button"
          className="act"
          onClick={() => remove.mutate(undefined, { onSuccess: () => void navigate(path('drawings')) })}
        >
          Delete
        </button>
      )}
      {!isChanged && (
        <FileLinks
          areas={saved.scene.areas}
          address={(format) => `/api/trees/${tree}/saved-drawings/${saved.id}.${format}`}
        />
      )}
    </span>
  )
  return (
    <DrawingView
      kinds={kinds}
      kind={kind}
      scene={isChanged ? (drawn.data ?? saved.scene) : saved.scene}
      problem={(isChanged ? drawn.error?.message : undefined) ?? save.error?.message ?? ''}
      options={chosen.options}
      onOption={(name, word) =>
        setChosen((before) => ({ ...before, options: { ...before.options, [name]: word } }))
      }
      onKind={(code) => setChosen({ kind: code, options: {} })}
      tools={tools}
      acts={acts}
    >
      <Since saved={saved} />
    </DrawingView>
  )
}

/** What of a saved drawing is otherwise since. */
function Since({ saved }: { saved: Saved }) {
  const names = (list: readonly string[], count: number) =>
    list.join(', ') + (count > list.length ? ` and ${count - list.length} more` : '')
  if (saved.cameCount + saved.goneCount + saved.idle.length === 0)
    return (
      <p className="px-6 text-[14px] text-graphite">{saved.name}. Nobody came or went since it was saved.</p>
    )
  return (
    <p className="px-6 text-[14px] text-ochre">
      {saved.name}. Since it was saved:
      {saved.cameCount > 0 && ` ${names(saved.came, saved.cameCount)} came.`}
      {saved.goneCount > 0 && ` ${names(saved.gone, saved.goneCount)} went.`}
      {saved.idle.length > 0 && ` The place of ${saved.idle.join(', ')} is kept, who are not drawn now.`}
    </p>
  )
}
