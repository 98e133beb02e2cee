import { useCombobox } from 'downshift'
import type { KeyboardEvent } from 'react'

type Asked<T> = {
  offers: readonly T[]
  isOpen?: boolean
  /** Whether Enter takes the first at once; where it does not, arrows go to it, and a mouse that rests on one does nothing. */
  isFirstInHand: boolean
  onChosen: (offer: T) => void
  /** Enter with nothing in hand. */
  onEnter?: () => void
  onLeave?: (() => void) | undefined
}

type Pressed = KeyboardEvent['nativeEvent'] & { preventDownshiftDefault?: boolean }

/** The rules of every field that offers something: arrows choose, Enter takes, Escape leaves; leaving it takes nothing. */
export function useOffers<T>({ offers, isOpen, isFirstInHand, onChosen, onEnter, onLeave }: Asked<T>) {
  const none = isFirstInHand ? 0 : -1
  const combobox = useCombobox<T>({
    items: [...offers],
    itemToString: () => '',
    isOpen: isOpen ?? offers.length > 0,
    selectedItem: null,
    defaultHighlightedIndex: none,
    initialHighlightedIndex: none,
    onSelectedItemChange: ({ selectedItem }) => selectedItem !== null && onChosen(selectedItem),
    stateReducer: (state, { type, changes }) => {
      const types = useCombobox.stateChangeTypes
      if (type === types.InputBlur || type === types.MenuMouseLeave) return state
      if (type === types.ItemMouseMove && !isFirstInHand) return state
      if (type === types.InputChange) return { ...changes, highlightedIndex: none }
      // The ends are ends: an arrow held down does not go round.
      const by = type === types.InputKeyDownArrowDown ? 1 : type === types.InputKeyDownArrowUp ? -1 : 0
      if (by === 0) return changes
      return {
        ...changes,
        highlightedIndex: Math.max(none, Math.min(offers.length - 1, state.highlightedIndex + by)),
      }
    },
  })
  const at = combobox.highlightedIndex < offers.length ? combobox.highlightedIndex : none
  const onKeyDown = (event: KeyboardEvent) => {
    // The first and the last letter are meant, not the first and the last offer.
    if (['Escape', 'Home', 'End'].includes(event.key)) {
      ;(event.nativeEvent as Pressed).preventDownshiftDefault = true
    }
    if (event.key === 'Escape' && onLeave) {
      event.stopPropagation()
      onLeave()
    }
    // With nothing to take, Enter is not sent on to a form around.
    if (event.key === 'Enter') {
      event.preventDefault()
      if (at < 0 || offers.length === 0) onEnter?.()
    }
  }
  return { ...combobox, at, onKeyDown }
}
