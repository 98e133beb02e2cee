import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useId, useState, type KeyboardEvent, type RefObject } from 'react'
import { useNavigate } from 'react-router'
import { useTreeId, useTreePath } from '../api/useTree'
import { useDebounced } from '../parts/useDebounced'
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
  const list = useId()
  const [typed, setTyped] = useState('')
  const [open, setOpen] = useState(false)
  const [at, setAt] = useState(0)
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
    for (const person of data?.people ?? []) {
      offers.push({
        id: person.id,
        line: person.name,
        more: [person.born, person.died].filter(Boolean).join(' – ') + `  no. ${person.number}`,
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
  const choose = (offer: Offer | undefined) => {
    if (!offer) return
    setTyped('')
    setOpen(false)
    ;(document.activeElement as HTMLElement | null)?.blur()
    offer.go()
  }
  const pressed = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault()
      const step = event.key === 'ArrowDown' ? 1 : -1
      setAt((now) => Math.max(0, Math.min(offers.length - 1, now + step)))
    } else if (event.key === 'Enter') {
      choose(offers[at])
    } else if (event.key === 'Escape') {
      setOpen(false)
      ;(event.target as HTMLElement).blur()
    }
  }
  const shown = open && words !== ''
  const isNobody = shown && offers.length === 0
  return (
    <div className="relative w-full max-w-[420px]">
      <input
        ref={field}
        role="combobox"
        aria-expanded={shown && !isNobody}
        aria-controls={list}
        aria-activedescendant={shown && offers[at] ? `${list}-${at}` : undefined}
        aria-label="Jump to a person, a number or a command"
        placeholder="Jump to a name or number"
        className="h-[28px] w-full rounded-[3px] border border-graphite/70 bg-raised px-2 placeholder:text-graphite"
        value={typed}
        onChange={(event) => {
          setTyped(event.target.value)
          setAt(0)
          setOpen(true)
        }}
        onFocus={() => setOpen(true)}
        onBlur={() => setTimeout(() => setOpen(false), 150)}
        onKeyDown={pressed}
      />
      {shown && !isNobody && (
        <ul
          id={list}
          role="listbox"
          aria-label="Found"
          className="absolute z-20 mt-1 max-h-[60vh] w-full min-w-[300px] overflow-auto rounded-[3px] border border-rule bg-raised py-1
            shadow-lg"
        >
          {offers.map((offer, index) => (
            <li
              key={offer.id}
              id={`${list}-${index}`}
              role="option"
              aria-selected={index === at}
              onMouseDown={() => choose(offer)}
              onMouseEnter={() => setAt(index)}
              className={`flex items-baseline justify-between gap-3 px-3 py-[5px] ${index === at ? 'bg-wash' : ''}`}
            >
              <span className="truncate font-serif text-[16px]">{offer.line}</span>
              <span className="shrink-0 text-[13px] text-graphite">{offer.more}</span>
            </li>
          ))}
        </ul>
      )}
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
