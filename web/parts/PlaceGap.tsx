import { useQuery } from '@tanstack/react-query'
import { useId, type InputHTMLAttributes } from 'react'
import { api, told } from '../api/client'
import { useTreeId } from '../api/useTree'
import { useDebounced } from './useDebounced'

type Props = Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange'> & {
  value: string
  onValue: (text: string) => void
}

/** A place as it is typed; places used before are offered, never forced. */
export function PlaceGap({ value, onValue, ...rest }: Props) {
  const list = useId()
  const tree = useTreeId()
  const rested = useDebounced(value.trim())
  const { data } = useQuery({
    queryKey: ['places', tree, rested],
    queryFn: () =>
      told(api.GET('/api/trees/{tree}/reading/places', { params: { path: { tree }, query: { q: rested } } })),
    enabled: rested.length > 1,
  })
  return (
    <>
      <input
        {...rest}
        list={list}
        autoComplete="off"
        className="gap w-full"
        value={value}
        onChange={(event) => onValue(event.target.value)}
        placeholder={rest.placeholder ?? 'where'}
      />
      <datalist id={list}>
        {data?.suggestions.map((place) => (
          <option key={place} value={place} />
        ))}
      </datalist>
    </>
  )
}
