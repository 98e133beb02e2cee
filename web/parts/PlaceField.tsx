import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useId, type InputHTMLAttributes } from 'react'
import { useTreeId } from '../api/useTree'
import { useDebounced } from './useDebounced'
import { queries } from '../api/queries'

type Props = Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange'> & {
  value: string
  onValue: (text: string) => void
  /** When it happened: a name or a parish can be of one time only. */
  date?: string
}

/** A place as it is typed, with what it stands for under it; places are offered, never forced. */
export function PlaceField({ value, onValue, date = '', ...rest }: Props) {
  const list = useId()
  const said = useId()
  const tree = useTreeId()
  const rested = useDebounced(value.trim())
  const when = useDebounced(date.trim())
  const { data: offers } = useQuery({ ...queries.placeOffers(tree, rested), enabled: rested.length > 1 })
  const { data: reading } = useQuery({
    ...queries.placeReading(tree, rested, when),
    enabled: rested.length > 1,
    placeholderData: keepPreviousData,
  })
  const open = (reading?.offers.length ?? 0) > 0
  return (
    <span className="flex min-w-0 flex-col">
      <input
        {...rest}
        list={list}
        autoComplete="off"
        className="gap w-full"
        value={value}
        onChange={(event) => onValue(event.target.value)}
        aria-describedby={said}
        placeholder={rest.placeholder ?? 'where'}
      />
      <span
        id={said}
        aria-live="polite"
        className={`min-h-[18px] text-[13px] ${open ? 'text-ochre' : 'text-graphite'}`}
      >
        {rested.length > 1 && value.trim() !== '' && reading?.understood}
      </span>
      <datalist id={list}>
        {offers?.suggestions.map((place) => (
          <option key={place} value={place} />
        ))}
      </datalist>
    </span>
  )
}
