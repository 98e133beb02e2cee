/** Leaves what was opened without loss; Escape does the same. */
export function Cancel({ onLeave }: { onLeave: () => void }) {
  return (
    <button type="button" className="act" onClick={onLeave}>
      Cancel <kbd>Esc</kbd>
    </button>
  )
}
