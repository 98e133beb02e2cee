import type { KeyboardEvent } from 'react'

const STEPS: Record<string, number> = { ArrowDown: 1, ArrowUp: -1, PageDown: 15, PageUp: -15 }

type Rows = {
  at: number
  count: number
  onAt: (at: number) => void
  onOpen: (at: number, isBeside: boolean) => void
  /** What another key does at the row in hand; true when it did something. */
  also?: (key: string, event: KeyboardEvent) => boolean
}

/** Keys in a long list: arrows and pages move, Enter opens, Shift+Enter in the second window. */
export const rowKeys =
  ({ at, count, onAt, onOpen, also }: Rows) =>
  (event: KeyboardEvent) => {
    const step = STEPS[event.key]
    if (step !== undefined && count > 0) {
      event.preventDefault()
      onAt(Math.max(0, Math.min(count - 1, at + step)))
    } else if ((event.key === 'Home' || event.key === 'End') && !(event.target instanceof HTMLInputElement)) {
      event.preventDefault()
      onAt(event.key === 'Home' ? 0 : Math.max(0, count - 1))
    } else if (event.key === 'Enter' && at < count) {
      event.preventDefault()
      onOpen(at, event.shiftKey)
    } else if (also?.(event.key, event)) {
      event.preventDefault()
    }
  }
