import { Cancel } from './Cancel'

type Props = { onSave: () => void; onLeave: () => void }

/** Beneath a field that is changed where it stands: Enter and Escape do the same. */
export function SaveOrCancel({ onSave, onLeave }: Props) {
  return (
    <p className="mt-1 flex gap-4 text-[14px]">
      <button type="button" className="act-main" onClick={onSave}>
        Save <kbd>Enter</kbd>
      </button>
      <Cancel onLeave={onLeave} />
    </p>
  )
}
