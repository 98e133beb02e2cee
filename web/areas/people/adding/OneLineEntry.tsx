import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useId, useRef, type ReactNode } from 'react'
import { type Schemas } from '../../../api/client'
import { useTreeId, useWrite } from '../../../api/useTree'
import { useDebounced } from '../../../parts/useDebounced'
import { useDraft } from '../../../parts/useDraft'
import { useOffers } from '../../../parts/useOffers'
import { queries } from '../../../api/queries'

/** Who was made or tied, and the union by which, where there is one. */
type Made = { id: string; unionId?: string | null }

type Props = {
  label: string
  draftKey: string
  /** The surname that the custom offers; a slash by itself writes it. */
  offered?: string
  /** The same for a son and for a daughter, where the custom tells them apart; a slash with h or w writes it and the sex. */
  offeredBySex?: { h: string; w: string }
  /** What is said of the line beside its words, such as the kind of a tie. */
  aside?: ReactNode
  /** Of whom somebody is typed, and as what: people of the tree are offered for it. */
  as: { of?: string; relation: string }
  keep: (line: string) => Promise<Made>
  /** What is done with somebody of the tree who is chosen. */
  take: (personId: string) => Promise<Made>
  onKept: (made: Made) => void
  onLeave: () => void
}

/** A person in one line, with what was understood beneath it before it is kept. */
export function OneLineEntry({
  label,
  draftKey,
  offered = '',
  offeredBySex = { h: '', w: '' },
  aside,
  as,
  keep,
  take,
  onKept,
  onLeave,
}: Props) {
  const id = useId()
  const tree = useTreeId()
  const field = useRef<HTMLInputElement>(null)
  const [line, setLine, forget] = useDraft(draftKey)
  const latest = useRef(line)
  latest.current = line
  const write = useWrite(keep)
  const tie = useWrite(take)
  // The line is free for the next one at once; what is refused comes back in front of whatever was typed meanwhile.
  const send = () => {
    const sent = line
    forget()
    // Asked of this line and not of the write: once it is left, nothing goes on from it.
    write.mutate(sent, { onSuccess: onKept, onError: () => setLine(`${sent} ${latest.current}`.trim()) })
  }
  useEffect(() => {
    field.current?.focus()
  }, [draftKey])
  const rested = useDebounced(line.trim(), 120)
  const { data } = useQuery({
    ...queries.entryReading(tree, rested),
    enabled: rested !== '',
    placeholderData: keepPreviousData,
  })
  const { data: found } = useQuery({
    ...queries.entryOffers(tree, rested, as.of ?? '', as.relation),
    enabled: rested !== '',
    placeholderData: keepPreviousData,
  })
  const offers = line.trim() === '' ? [] : (found?.offers ?? [])
  const choose = (offer: Schemas['EntryOffer']) => {
    if (!offer.canBe) return
    const sent = line
    forget()
    tie.mutate(offer.id, { onSuccess: onKept, onError: () => setLine(`${sent} ${latest.current}`.trim()) })
  }
  const { getInputProps, getMenuProps, getItemProps, at, onKeyDown } = useOffers({
    offers,
    isFirstInHand: false,
    onChosen: choose,
    onEnter: () => line.trim() !== '' && send(),
    onLeave,
  })
  return (
    <div className="@container min-w-0">
      <div className="flex items-baseline gap-x-3 @max-lg:flex-wrap">
        <label htmlFor={id} className="shrink-0 text-graphite @max-lg:basis-full">
          {label}
        </label>
        <input
          {...getInputProps({
            id,
            ref: field,
            className: 'gap min-w-[160px] grow font-serif text-[17px]',
            onChange: (event) =>
              setLine(
                event.currentTarget.value
                  .replace(/(^| )\/ $/, `$1${offered || '/'} `)
                  .replace(/(^| )\/([hw]) $/, (typed, before: string, sex: 'h' | 'w') =>
                    offeredBySex[sex] ? `${before}${offeredBySex[sex]} ${sex} ` : typed,
                  ),
              ),
            onKeyDown,
            'aria-describedby': `${id}-read`,
            placeholder: 'Ewan Tarrel b 14 June 1851 Hask d 1920',
            spellCheck: false,
          })}
          aria-labelledby={undefined}
          value={line}
        />
        <button type="button" className="act shrink-0" onClick={send}>
          Save <kbd>Enter</kbd>
        </button>
        <button type="button" className="act shrink-0" onClick={onLeave}>
          Cancel <kbd>Esc</kbd>
        </button>
      </div>
      <div className="flex items-baseline justify-between gap-x-4 @max-lg:flex-wrap-reverse @max-lg:justify-start">
        <p id={`${id}-read`} aria-live="polite" className="min-h-[20px] min-w-0 text-[13px] text-graphite">
          {line.trim() !== '' && data && <Understood reading={data} offered={offered} />}
          {line.trim() !== '' && data && <Digits reading={data} line={line} onLine={setLine} />}
          <span className="block">
            A name; then <kbd>b</kbd> born, <kbd>m</kbd> married, <kbd>d</kbd> died, each with a date and a
            place if you have it; after the name <kbd>w</kbd> woman, <kbd>h</kbd> man, <kbd>x</kbd> other.
            {offered !== '' && (
              <>
                {' '}
                <kbd>/</kbd> and a space write{' '}
                <span className="font-serif text-[14px] text-ink">{offered}</span>.
              </>
            )}
            {offeredBySex.h !== offeredBySex.w && (
              <>
                {' '}
                <kbd>/h</kbd> writes <span className="font-serif text-[14px] text-ink">{offeredBySex.h}</span>
                , <kbd>/w</kbd> <span className="font-serif text-[14px] text-ink">{offeredBySex.w}</span>.
              </>
            )}
          </span>
        </p>
        {aside}
      </div>
      {offers.length > 0 && (
        <p className="text-[13px] text-graphite">
          In the tree already? <kbd>↓</kbd> and <kbd>Enter</kbd> take somebody; <kbd>Enter</kbd> alone makes a
          new person.
        </p>
      )}
      <ul {...getMenuProps({ 'aria-label': 'People of the tree' })} aria-labelledby={undefined}>
        {offers.map((offer, index) => (
          <li
            key={offer.id}
            {...getItemProps({ item: offer, index })}
            aria-selected={index === at}
            aria-disabled={!offer.canBe}
            className={`flex items-baseline gap-3 px-1 py-[2px] ${offer.canBe ? 'cursor-pointer' : 'text-graphite'}
              ${index === at ? 'bg-wash' : 'hover:bg-wash/60'}`}
          >
            <OfferLine offer={offer} />
          </li>
        ))}
      </ul>
    </div>
  )
}

/** Who of the tree may be meant; whoever is typed on becomes somebody new. */
function OfferLine({ offer }: { offer: Schemas['EntryOffer'] }) {
  return (
    <>
      <span className="font-serif text-[16px]">{offer.name}</span>
      <span className="text-[13px] text-graphite">
        {offer.years} no. {offer.number}
      </span>
      <span className="text-[13px]">{offer.canBe ? offer.odds : ''}</span>
      <span className="truncate text-[13px] text-graphite">{offer.says}</span>
    </>
  )
}

function Understood({ reading, offered }: { reading: Schemas['EntryReading']; offered: string }) {
  const words = { birth: 'born', marriage: 'married', death: 'died' } as Record<string, string>
  return (
    <>
      <span className="text-ink">{reading.given || '?'}</span> given,{' '}
      <span className="text-ink">{reading.surname || '?'}</span> surname
      {reading.surname === '' && offered !== '' && (
        <>
          {' '}
          (<kbd>/</kbd> writes {offered})
        </>
      )}
      {reading.sexWord !== 'unknown' && `, ${reading.sexWord}`}
      {reading.events.map((event) => (
        <span key={event.kind}>
          {' · '}
          {words[event.kind]}{' '}
          <span className={event.date.problem || event.date.ambiguous ? 'text-ochre' : 'text-ink'}>
            {event.date.understood}
          </span>
          {event.place && ` at ${event.place}`}
        </span>
      ))}
    </>
  )
}

/** Digits in a name are mostly a date whose letter was forgotten. */
function Digits(props: { reading: Schemas['EntryReading']; line: string; onLine: (line: string) => void }) {
  const digits = /\S*\d\S*/.exec(`${props.reading.given} ${props.reading.surname}`)?.[0]
  if (!digits) return null
  return (
    <span className="ml-3 text-ochre">
      “{digits}” stands in the name.{' '}
      {['b', 'd'].map((letter) => (
        <button
          key={letter}
          type="button"
          className="act mr-3"
          onClick={() => props.onLine(props.line.replace(digits, `${letter} ${digits}`))}
        >
          {letter === 'b' ? 'Born' : 'Died'} {digits}?
        </button>
      ))}
    </span>
  )
}
