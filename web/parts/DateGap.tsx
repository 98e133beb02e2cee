import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useId, type InputHTMLAttributes } from 'react'
import { api, told } from '../api/client'
import { useDebounced } from './useDebounced'

type Props = Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange'> & {
  value: string
  onValue: (text: string) => void
}

/** A date as it is typed, with what was understood under it. */
export function DateGap({ value, onValue, ...rest }: Props) {
  const id = useId()
  const rested = useDebounced(value.trim())
  const { data } = useQuery({
    queryKey: ['date', rested],
    queryFn: () => told(api.GET('/api/reading/date', { params: { query: { text: rested } } })),
    enabled: rested !== '',
    placeholderData: keepPreviousData,
    staleTime: Infinity,
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
