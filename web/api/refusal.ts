const MARK = 'data-refusal'

/** Takes the words of an earlier refusal away from a field. */
function mend(field: HTMLElement) {
  const id = field.getAttribute(MARK)
  if (id === null) return
  document.getElementById(id)?.remove()
  field.removeAttribute(MARK)
  field.removeAttribute('aria-invalid')
  field.removeAttribute('aria-errormessage')
}

let count = 0

/** The field from which something is being saved; null where it was no field. */
export const fieldInHand = (): HTMLElement | null => {
  const active = document.activeElement
  if (active instanceof HTMLInputElement || active instanceof HTMLTextAreaElement) return active
  // From the button of a form it is the field that was typed in.
  return active?.closest('form')?.querySelector<HTMLElement>('input.gap, textarea.gap') ?? null
}

/** Puts the words of a refusal beneath the field that they are about, until it is changed. False where it is gone. */
export function refuseField(field: HTMLElement | null, words: string): boolean {
  if (!field?.isConnected) return false
  mend(field)
  const said = document.createElement('p')
  said.id = `refusal-${++count}`
  said.className = 'refusal'
  said.setAttribute('role', 'alert')
  said.textContent = words
  field.after(said)
  field.setAttribute(MARK, said.id)
  field.setAttribute('aria-invalid', 'true')
  field.setAttribute('aria-errormessage', said.id)
  field.addEventListener('input', () => mend(field), { once: true })
  return true
}
