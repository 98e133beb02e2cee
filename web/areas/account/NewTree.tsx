import { useEffect, useRef, useState, type FormEvent } from 'react'
import { useNavigate } from 'react-router'
import { api, unwrap } from '../../api/client'
import { useWrite } from '../../api/useTree'
import { handOn, TREE_FILES } from '../exchange/handedFile'

type Props = { file: File | null; onFile: (file: File | null) => void }

/** A line on which to begin a tree: an empty one, or one for a file, which is looked at there before anything comes in. */
export function NewTree({ file, onFile }: Props) {
  const [name, setName] = useState('')
  const field = useRef<HTMLInputElement>(null)
  const picker = useRef<HTMLInputElement>(null)
  const navigate = useNavigate()
  useEffect(() => {
    if (!file) return
    setName((now) => now || file.name.replace(/\.(ged|gedcom|gdz|zip)$/i, ''))
    field.current?.focus()
  }, [file])
  const make = useWrite(
    () => unwrap(api.POST('/api/trees', { body: { name } })),
    (tree) => {
      if (file) handOn(tree.id, file)
      void navigate(`/t/${tree.id}/${file ? 'exchange' : 'people'}`)
    },
  )
  const submit = (event: FormEvent) => {
    event.preventDefault()
    make.mutate(undefined)
  }
  return (
    <form onSubmit={submit} className="mt-8">
      <p className="flex items-end gap-4">
        <label className="grow">
          <span className="heads">A new tree, called</span>
          <input
            ref={field}
            className="gap block w-full text-[17px]"
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <button className="act-main" disabled={make.isPending}>
          {file ? 'Add it and look at the file' : 'Add it'}
        </button>
      </p>
      <p className="mt-2 flex flex-wrap items-baseline gap-x-4 text-[14px] text-graphite">
        {file ? (
          <>
            <span>For the file {file.name}. Nothing of it comes in before you have looked at it.</span>
            <button type="button" className="act" onClick={() => onFile(null)}>
              Without the file
            </button>
          </>
        ) : (
          <>
            <button type="button" className="act" onClick={() => picker.current?.click()}>
              For a GEDCOM file
            </button>
            <span>or drop one here.</span>
          </>
        )}
        <input
          ref={picker}
          type="file"
          accept={TREE_FILES}
          className="sr-only"
          aria-label="GEDCOM file for a new tree"
          tabIndex={-1}
          onChange={(event) => onFile(event.target.files?.[0] ?? null)}
        />
      </p>
    </form>
  )
}
