import { useId, useState, type InputHTMLAttributes, type Ref } from 'react'

const KEPT = 'north-bough reasons'
const MOST = 8

function lastReasons(): string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEPT) ?? '[]')
    return Array.isArray(kept) ? kept.filter((one): one is string => typeof one === 'string') : []
  } catch {
    return []
  }
}

function remember(reason: string) {
  const said = reason.trim()
  if (said.length < 4) return
  localStorage.setItem(
    KEPT,
    JSON.stringify([said, ...lastReasons().filter((lastReason) => lastReason !== said)].slice(0, MOST)),
  )
}

type Props = Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange' | 'list'> & {
  value: string
  onValue: (why: string) => void
  /** Whole sentences that would often be right here. */
  suggests?: string[]
  ref?: Ref<HTMLInputElement>
}

/** A field for the reason: it offers a full sentence, and the last reasons that were used. */
export function ReasonField({
  value,
  onValue,
  suggests = [],
  className = 'gap',
  onFocus,
  onBlur,
  ...rest
}: Props) {
  const id = useId()
  const [offers, setOffers] = useState<string[]>([])
  return (
    <>
      <input
        {...rest}
        className={className}
        list={id}
        autoComplete="off"
        value={value}
        onChange={(event) => onValue(event.target.value)}
        onFocus={(event) => {
          setOffers([...new Set([...suggests, ...lastReasons()])])
          onFocus?.(event)
        }}
        onBlur={(event) => {
          remember(event.target.value)
          onBlur?.(event)
        }}
      />
      <datalist id={id}>
        {offers.map((offer) => (
          <option key={offer} value={offer} />
        ))}
      </datalist>
    </>
  )
}
