import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useId, type InputHTMLAttributes } from 'react'
import { useTreeId } from '../api/useTree'
import { useDebounced } from './useDebounced'
import { queries } from '../api/queries'

type Props = Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange'> & {
  value: string
  onValue: (text: string) => void
  /** Where it happened: a place can say how it wrote its dates. */
  place?: string
}

/** A date as it is typed, with what was understood under it. */
export function DateField({ value, onValue, place = '', ...rest }: Props) {
  const id = useId()
  const tree = useTreeId()
  const where = useDebounced(place.trim())
  const rested = useDebounced(value.trim())
  const { data } = useQuery({
    ...queries.date(tree, rested, where),
    enabled: rested !== '',
    placeholderData: keepPreviousData,
  })
  const understood = value.trim() === '' ? '' : (data?.understood ?? '')
  return (
    <span className="flex min-w-0 flex-col">
      <input
        {...rest}
        className="gap w-full"
        value={value}
        onChange={(event) => onValue(event.target.value)}
        aria-describedby={id}
        placeholder={rest.placeholder ?? 'when'}
      />
      <span
        id={id}
        aria-live="polite"
        className={`min-h-[18px] text-[13px] ${data?.problem || data?.ambiguous ? 'text-ochre' : 'text-graphite'}`}
      >
        {understood}
      </span>
    </span>
  )
}
