import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api, unwrap } from '../../api/client'
import type { Handwork, Options } from '../../api/queries'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'

type Props = {
  kind: string
  subjects: readonly string[]
  options: Options
  handwork: Handwork
  /** The name that is offered. */
  title: string
}

/** Keeps a drawing by a name; it is opened again with the tree of the day. */
export function SaveDrawing({ kind, subjects, options, handwork, title }: Props) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const [isNaming, setIsNaming] = useState(false)
  const save = useWrite((name: string) =>
    unwrap(
      api.POST('/api/trees/{tree}/saved-drawings', {
        params: { path: { tree } },
        body: { name, kind, subjects: [...subjects], options, handwork },
      }),
    ),
  )
  if (!isNaming)
    return (
      <button type="button" className="act" onClick={() => setIsNaming(true)}>
        Save the drawing
      </button>
    )
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        const name = new FormData(event.currentTarget).get('name')
        if (typeof name === 'string' && name.trim() !== '')
          save.mutate(name, {
            onSuccess: ({ id }) => void navigate(path(`drawings/saved/${id}`), { replace: true }),
          })
      }}
    >
      <input
        name="name"
        className="gap w-[220px]"
        aria-label="Name of the drawing"
        defaultValue={title}
        maxLength={200}
        autoFocus
        onKeyDown={(event) => event.key === 'Escape' && setIsNaming(false)}
      />{' '}
      <button className="act-main" disabled={save.isPending}>
        Save
      </button>{' '}
      <button type="button" className="act" onClick={() => setIsNaming(false)}>
        Cancel
      </button>
    </form>
  )
}
