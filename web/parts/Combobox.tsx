import type { ReactNode } from 'react'
import { useOffers } from './useOffers'

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
  const { getInputProps, getMenuProps, getItemProps, at, onKeyDown } = useOffers({
    offers,
    isFirstInHand: true,
    onChosen,
    onLeave,
  })
  return (
    <>
      <input
        {...getInputProps({
          'aria-label': label,
          placeholder: props.placeholder ?? label,
          autoFocus: props.autoFocus,
          className: props.className ?? 'gap w-full',
          onChange: (event) => onTyped(event.currentTarget.value),
          onKeyDown,
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
            aria-selected={index === at}
            className={`cursor-pointer px-1 py-[2px] ${index === at ? 'bg-wash' : 'hover:bg-wash/60'}`}
          >
            {show(offer)}
          </li>
        ))}
      </ul>
    </>
  )
}
