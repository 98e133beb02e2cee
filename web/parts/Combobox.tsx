import { useCombobox } from 'downshift'
import type { KeyboardEvent, ReactNode } from 'react'

type Props<T> = {
  label: string
  /** What is offered for what is typed; the first is in hand, so that Enter takes it. */
  offers: readonly T[]
  keyOf: (offer: T) => string
  show: (offer: T) => ReactNode
  onTyped: (typed: string) => void
  onChosen: (offer: T) => void
  onLeave?: (() => void) | undefined
  placeholder?: string
  className?: string
  listLabel?: string
  listClassName?: string
  autoFocus?: boolean
  /** What stands between the field and what is offered. */
  children?: ReactNode
}

/** A field with what it offers beneath it: arrows choose, Enter takes, Escape leaves; leaving it takes nothing. */
export function Combobox<T>(props: Props<T>) {
  const { label, offers, keyOf, show, onTyped, onChosen, onLeave } = props
  const { getInputProps, getMenuProps, getItemProps, highlightedIndex } = useCombobox<T>({
    items: [...offers],
    itemToString: () => '',
    isOpen: offers.length > 0,
    selectedItem: null,
    defaultHighlightedIndex: 0,
    initialHighlightedIndex: 0,
    onSelectedItemChange: ({ selectedItem }) => selectedItem !== null && onChosen(selectedItem),
    stateReducer: (state, { type, changes }) => {
      const types = useCombobox.stateChangeTypes
      if (type === types.InputBlur || type === types.MenuMouseLeave) return state
      if (type === types.InputChange) return { ...changes, highlightedIndex: 0 }
      // The ends are ends: an arrow held down does not go round.
      const by = type === types.InputKeyDownArrowDown ? 1 : type === types.InputKeyDownArrowUp ? -1 : 0
      if (by === 0) return changes
      return {
        ...changes,
        highlightedIndex: Math.max(0, Math.min(offers.length - 1, state.highlightedIndex + by)),
      }
    },
  })
  const pressed = (event: KeyboardEvent) => {
    if (event.key === 'Escape' && onLeave) {
      event.stopPropagation()
      ;(
        event.nativeEvent as KeyboardEvent['nativeEvent'] & { preventDownshiftDefault?: boolean }
      ).preventDownshiftDefault = true
      onLeave()
    }
    // With nothing to take, Enter is not sent on to a form around.
    if (event.key === 'Enter') event.preventDefault()
  }
  return (
    <>
      <input
        {...getInputProps({
          'aria-label': label,
          placeholder: props.placeholder ?? label,
          autoFocus: props.autoFocus,
          className: props.className ?? 'gap w-full',
          onChange: (event) => onTyped(event.currentTarget.value),
          onKeyDown: pressed,
        })}
        aria-labelledby={undefined}
      />
      {props.children}
      <ul
        {...getMenuProps({ 'aria-label': props.listLabel ?? label, className: props.listClassName })}
        aria-labelledby={undefined}
      >
        {offers.map((offer, index) => (
          <li
            key={keyOf(offer)}
            {...getItemProps({ item: offer, index })}
            aria-selected={index === highlightedIndex}
            className={`cursor-pointer px-1 py-[2px] ${index === highlightedIndex ? 'bg-wash' : 'hover:bg-wash/60'}`}
          >
            {show(offer)}
          </li>
        ))}
      </ul>
    </>
  )
}
