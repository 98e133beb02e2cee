import { useState } from 'react'
import type { Schemas } from '../../../api/client'
import type { Fact } from '../../../api/useTree'
import { OriginWeights } from '../../../parts/OriginWeights'
import { PersonLink } from '../../../parts/PersonLink'
import { useCommands } from '../../../keys/commandRegistry'
import { count } from '../../../parts/count'

type Folded = Schemas['SurroundingEvent']
type Props = {
  facts: Fact[]
  family: Folded[]
  world: Folded[]
  chosen: string
  onChoose: (id: string) => void
  onAdd: () => void
}

/** A fact in a line: age, kind, date with its marks, place, first words. */
export function FactList({ facts, family, world, chosen, onChoose, onAdd }: Props) {
  const [isFamilyIn, foldFamily] = useFolded('family-folded-in')
  const [isWorldIn, foldWorld] = useFolded('world-folded-in')
  useCommands([
    { key: 'v', says: 'Show or hide family events', run: foldFamily },
    { key: 'w', says: 'Show or hide world events', run: foldWorld },
  ])
  return (
    <section aria-label="Facts" className="min-h-0 grow overflow-auto border-t border-rule">
      <div className="heads sticky top-0 grid grid-cols-[52px_130px_180px_minmax(0,1fr)] gap-3 bg-paper py-1 @max-lg:hidden">
        <span>Age</span>
        <span>Fact</span>
        <span>When</span>
        <span className="flex justify-between">
          Where
          <span className="flex gap-4">
            <Fold what="family events" key_="v" count={family.length} isIn={isFamilyIn} onFold={foldFamily} />
            <Fold what="world events" key_="w" count={world.length} isIn={isWorldIn} onFold={foldWorld} />
          </span>
        </span>
      </div>
      <ul>
        {rows(facts, [...(isFamilyIn ? family : []), ...(isWorldIn ? world : [])]).map((row) =>
          'says' in row ? (
            <FamilyLine key={`family ${row.id}`} event={row} />
          ) : (
            <FactLine key={row.id} fact={row} chosen={chosen} onChoose={onChoose} />
          ),
        )}
      </ul>
      {facts.length === 0 && (
        <p className="py-3 text-graphite">
          Nothing is known of this life yet.{' '}
          <button type="button" className="act" onClick={onAdd}>
            Add a birth
          </button>
        </p>
      )}
    </section>
  )
}

/** Whether some events are folded in, which stays so from person to person. */
function useFolded(stored: string): [boolean, () => void] {
  const [isIn, setIn] = useState(() => localStorage.getItem(stored) === 'yes')
  return [
    isIn,
    () => {
      localStorage.setItem(stored, isIn ? 'no' : 'yes')
      setIn(!isIn)
    },
  ]
}

function Fold(props: { what: string; key_: string; count: number; isIn: boolean; onFold: () => void }) {
  if (props.count === 0) return null
  return (
    <button
      type="button"
      className="act font-normal whitespace-nowrap"
      aria-pressed={props.isIn}
      onClick={props.onFold}
    >
      {props.isIn ? `Hide ${props.what} (${props.count})` : `Show ${props.what} (${props.count})`}{' '}
      <kbd>{props.key_}</kbd>
    </button>
  )
}

/** Facts in their order, and between them what befell the family, by the day on which each can first have been. */
function rows(facts: Fact[], folded: Folded[]): (Fact | Folded)[] {
  const family = folded.toSorted((a, b) => (a.earliest ?? '').localeCompare(b.earliest ?? ''))
  const all: (Fact | Folded)[] = []
  let next = 0
  for (const fact of facts) {
    const day = fact.date.earliest
    while (day && next < family.length && (family[next]?.earliest ?? '') < day) {
      const event = family[next++]
      if (event) all.push(event)
    }
    all.push(fact)
  }
  return [...all, ...family.slice(next)]
}

function FamilyLine({ event }: { event: Folded }) {
  return (
    <li
      className="grid min-h-[28px] grid-cols-[52px_130px_180px_minmax(0,1fr)] items-center gap-x-3 text-[14px] text-graphite
      @max-lg:grid-cols-[52px_1fr_1fr]"
    >
      <span className="whitespace-nowrap">{event.age}</span>
      <span className="col-span-1 truncate" title={event.says}>
        {event.personId === '' ? (
          <em>{event.says}</em>
        ) : (
          <PersonLink id={event.personId}>{event.says}</PersonLink>
        )}
      </span>
      <span className="truncate">{event.shown}</span>
      <span className="truncate @max-lg:col-span-3 @max-lg:pl-[64px]">{event.place}</span>
    </li>
  )
}

/** The line as it is read aloud: “Occupation, at 22 to 62, from 1720 to 1755, fowler, Hask, 1 independent origin”. */
function aloud(fact: Fact): string {
  const rival = fact.standing === 'rival' || (fact.rivals > 0 && fact.standing === 'unweighed')
  return [
    fact.word,
    fact.age && `at ${fact.age.replace('–', ' to ')}`,
    fact.date.shown || 'when not known',
    fact.with && `with ${fact.with}`,
    fact.value,
    fact.place,
    rival && 'a rival exists',
    fact.standing === 'ruled out' && 'ruled out',
    fact.notches.length === 0
      ? fact.citations.length === 0 && 'no source yet'
      : `backed by ${count(fact.notches.length, 'independent origin')}`,
    fact.reasoned && 'reasoned',
  ]
    .filter(Boolean)
    .join(', ')
}

function FactLine(props: { fact: Fact; chosen: string; onChoose: (id: string) => void }) {
  const { fact, chosen, onChoose } = props
  return (
    <li>
      <button
        type="button"
        onClick={() => onChoose(fact.id)}
        aria-pressed={fact.id === chosen}
        aria-label={aloud(fact)}
        className={`grid min-h-[32px] w-full grid-cols-[52px_130px_180px_minmax(0,1fr)] items-center gap-x-3 text-left
          @max-lg:grid-cols-[52px_1fr_1fr] @max-lg:py-1 ${fact.id === chosen ? 'bg-wash' : 'hover:bg-wash/60'}`}
      >
        <span className="whitespace-nowrap text-graphite">{fact.age}</span>
        <span className="truncate" title={fact.word}>
          {fact.word}
        </span>
        <span className="flex min-w-0 items-center gap-2">
          {(fact.standing === 'rival' || (fact.rivals > 0 && fact.standing === 'unweighed')) && (
            <span title="A rival exists" className="font-semibold text-madder">
              ‖
            </span>
          )}
          <span
            className={`truncate ${fact.date.ambiguous || fact.date.problem ? 'text-ochre' : ''}
              ${fact.standing === 'ruled out' ? 'line-through' : ''}`}
            title={fact.standing === 'ruled out' ? 'Ruled out' : fact.date.understood}
          >
            {fact.date.shown || <span className="text-graphite italic">when?</span>}
          </span>
          <OriginWeights weights={fact.notches} />
          {fact.reasoned && <span className="text-[12px] text-graphite">reasoned</span>}
        </span>
        <span className="truncate @max-lg:col-span-3 @max-lg:pl-[64px]">
          {fact.with !== '' && <span className="font-serif text-[16px]">with {fact.with} </span>}
          {fact.value !== '' && <span>{fact.value} </span>}
          <span className="text-graphite">{fact.place}</span>
          {fact.notes.length > 0 && <span className="text-graphite"> · {fact.notes[0]?.text}</span>}
        </span>
      </button>
    </li>
  )
}
