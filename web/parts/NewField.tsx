import type { KeyboardEvent, ReactNode } from 'react'
import { useDraft } from './useDraft'

type Props = {
  label: string
  placeholder: string
  /** Under this the words stay, after a reload and a visit elsewhere, until they are saved or given up. */
  draftKey: string
  onSave: (text: string) => Promise<unknown>
  isLong?: boolean
  /** What else is said of it, beside the field. */
  children?: ReactNode
}

/** A field for something new that stands open: what is typed is never lost, and says how to save it and how to give it up. */
export function NewField(props: Props) {
  return <Field key={props.draftKey} {...props} />
}

function Field({ label, placeholder, draftKey, onSave, isLong = false, children }: Props) {
  const [text, write, forget] = useDraft(draftKey)
  const isEmpty = text.trim() === ''
  const save = () => {
    if (!isEmpty) void onSave(text).then(forget, () => undefined)
  }
  const pressed = (event: KeyboardEvent) => {
    if (event.key === 'Enter' && (!isLong || event.ctrlKey || event.metaKey)) save()
  }
  const shared = { 'aria-label': label, placeholder, value: text, onKeyDown: pressed }
  return (
    <div>
      <p className="mt-1 flex gap-2">
        {isLong ? (
          <textarea
            {...shared}
            className="gap w-full"
            rows={isEmpty ? 1 : 4}
            onChange={(event) => write(event.target.value)}
          />
        ) : (
          <input {...shared} className="gap min-w-0 grow" onChange={(event) => write(event.target.value)} />
        )}
        {children}
      </p>
      {text !== '' && (
        <p className="mt-1 flex gap-4 text-[14px]">
          <button type="button" className="act-main" disabled={isEmpty} onClick={save}>
            Save <kbd>{isLong ? 'Ctrl+Enter' : 'Enter'}</kbd>
          </button>
          <button type="button" className="act" onClick={forget}>
            Cancel
          </button>
        </p>
      )}
    </div>
  )
}
