import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useState, type RefObject } from 'react'
import { useNavigate } from 'react-router'
import { useTreeId, useTreePath } from '../api/useTree'
import { useDebounced } from '../parts/useDebounced'
import { useOffers } from '../parts/useOffers'
import { useTwo } from './relatedOffers'
import { useAllCommands } from '../keys/commandRegistry'
import { count } from '../parts/count'
import { queries } from '../api/queries'

type Offer = { id: string; line: string; more: string; go: () => void }

type Props = {
  field: RefObject<HTMLInputElement | null>
  /** Letters that were meant as the beginning of a name; the field goes on from them. */
  word: string
}

/** Finds a person by name or number, or a command by its words. */
export function JumpField({ field, word }: Props) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const [typed, setTyped] = useState('')
  const [open, setOpen] = useState(false)
  const rested = useDebounced(typed.trim(), 120)
  useEffect(() => {
    if (word === '') return
    setTyped(word)
    setOpen(true)
    field.current?.focus()
  }, [word, field])
  const commands = useAllCommands()
  const { data } = useQuery({
    ...queries.jump(tree, rested),
    enabled: rested !== '' && !rested.startsWith('='),
    placeholderData: keepPreviousData,
  })
  const { data: guide } = useQuery({
    queryKey: ['guide'],
    queryFn: () => import('../areas/guide/pages'),
    enabled: open,
    staleTime: Infinity,
  })
  const isSum = typed.trimStart().startsWith('=')
  const { data: sum } = useQuery({
    ...queries.sum(tree, rested),
    enabled: rested.length > 1 && isSum,
    placeholderData: keepPreviousData,
  })
  const two = useTwo(rested)
  const words = typed.trim().toLowerCase()
  const offers: Offer[] = []
  if (isSum) {
    for (const answer of sum?.suggestions ?? [])
      offers.push({
        id: answer,
        line: answer,
        more: 'copy',
        go: () => void navigator.clipboard?.writeText(answer),
      })
  } else if (words !== '') {
    for (const { one, other } of two)
      offers.push({
        id: `${one.id} ${other.id}`,
        line: `${one.name} to ${other.name}`,
        more: `no. ${one.number} and ${other.number}, how they are related`,
        go: () => navigate(path(`drawings/${one.id},${other.id}?kind=path`)),
      })
    for (const person of data?.people ?? []) {
      offers.push({
        id: person.id,
        line: person.name,
        more:
          [person.born, person.died].filter(Boolean).join(' – ') +
          `  no. ${person.number}` +
          (person.line === '' ? '' : `, ${person.line}`),
        go: () => navigate(path(`people/${person.id}`)),
      })
    }
    for (const { page, title, heading } of guide?.passages(words, 4) ?? []) {
      offers.push({
        id: `guide ${page} ${heading}`,
        line: heading || title,
        more: `guide${heading ? `: ${title}` : ''}`,
        go: () => navigate(path(`guide/${page}${heading ? `#${guide?.anchor(heading)}` : ''}`)),
      })
    }
    const found = commands().filter((c) => c.run && c.says.toLowerCase().includes(words))
    const saying = new Map(found.map((command) => [command.says, command]))
    for (const command of [...saying.values()].slice(0, 6)) {
      offers.push({
        id: command.key,
        line: command.says,
        more: `key ${command.key}`,
        go: () => command.run?.(),
      })
    }
  }
  const choose = (offer: Offer) => {
    setTyped('')
    setOpen(false)
    ;(document.activeElement as HTMLElement | null)?.blur()
    offer.go()
  }
  const shown = open && words !== ''
  const isNobody = shown && offers.length === 0
  const { getInputProps, getMenuProps, getItemProps, at, onKeyDown } = useOffers({
    offers,
    isOpen: shown && !isNobody,
    isFirstInHand: true,
    onChosen: choose,
    onLeave: () => {
      setOpen(false)
      field.current?.blur()
    },
  })
  return (
    <div className="relative w-full max-w-[420px]">
      <input
        {...getInputProps({
          ref: field,
          'aria-label': 'Jump to a person, a number or a command',
          placeholder: 'Jump to a name or number',
          className:
            'h-[28px] w-full rounded-[3px] border border-graphite/70 bg-raised px-2 placeholder:text-graphite',
          onChange: (event) => {
            setTyped(event.currentTarget.value)
            setOpen(true)
          },
          onFocus: () => setOpen(true),
          onBlur: () => setTimeout(() => setOpen(false), 150),
          onKeyDown,
        })}
        aria-labelledby={undefined}
        value={typed}
      />
      <ul
        {...getMenuProps({
          'aria-label': 'Found',
          hidden: !shown || isNobody,
          className:
            'absolute z-20 mt-1 max-h-[60vh] w-full min-w-[300px] overflow-auto rounded-[3px] border border-rule bg-raised py-1 shadow-lg',
        })}
        aria-labelledby={undefined}
      >
        {shown &&
          offers.map((offer, index) => (
            <li
              key={offer.id}
              {...getItemProps({ item: offer, index })}
              aria-selected={index === at}
              className={`flex items-baseline justify-between gap-3 px-3 py-[5px] ${index === at ? 'bg-wash' : ''}`}
            >
              <span className="truncate font-serif text-[16px]">{offer.line}</span>
              <span className="shrink-0 text-[13px] text-graphite">{offer.more}</span>
            </li>
          ))}
      </ul>
      <p
        role="status"
        className={
          isNobody
            ? 'absolute z-20 mt-1 w-full rounded-[3px] border border-rule bg-raised px-3 py-1 text-graphite shadow-lg'
            : 'sr-only'
        }
      >
        {isNobody
          ? isSum
            ? 'A sum with dates: = 14 Jun 1818 to 3 May 1891, = 3 May 1891 − 72y 10m, or one day alone.'
            : 'Nobody of that name or number.'
          : shown && `${count(offers.length, 'result')}`}
      </p>
    </div>
  )
}
