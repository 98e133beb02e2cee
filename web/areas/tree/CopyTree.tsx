import { useState } from 'react'
import { toast } from 'sonner'
import { api, unwrap } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'

/** The whole tree once more under another name; the two know nothing of each other. */
export function CopyTree({ name }: { name: string }) {
  const tree = useTreeId()
  const [called, setCalled] = useState('')
  const copy = useWrite(
    () =>
      unwrap(api.POST('/api/trees/{tree}/copies', { params: { path: { tree } }, body: { name: called } })),
    () => {
      toast.success('It is being copied. Exchange says how far it is; then it stands among your trees.')
      setCalled('')
    },
  )
  return (
    <form
      className="flex items-end gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        if (called.trim() !== '') copy.mutate(undefined)
      }}
    >
      <label className="grow">
        <span className="heads">A copy of it, called</span>
        <input
          className="gap block w-full font-serif text-[17px]"
          placeholder={`${name}, as it was`}
          value={called}
          onChange={(event) => setCalled(event.target.value)}
        />
      </label>
      <button className="act-main" disabled={copy.isPending || called.trim() === ''}>
        Copy it
      </button>
    </form>
  )
}
