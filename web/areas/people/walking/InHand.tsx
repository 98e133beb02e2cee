import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { Refused } from '../../../api/client'
import { usePerson, useTreePath, type Person } from '../../../api/useTree'
import { useCommands } from '../../../keys/commandRegistry'
import { TakesInHand } from '../../../parts/inHand'
import { AddedHere } from '../adding/AddedHere'
import { AddMenu } from '../adding/AddMenu'
import type { AddingTo } from '../adding/useAdding'
import { FactList } from '../facts/FactList'
import { FactMargin } from '../facts/FactMargin'
import { KinStrip } from '../kin/KinStrip'

type Props = {
  id: string
  adding: AddingTo
  /** The key of the view that begins to add to them. */
  addKey: string
  onTake: (id: string) => void
}

/** The margin of a view of people: whoever is in hand, with kin and facts, changed and added to in place. */
export function InHand({ id, adding, addKey, onTake }: Props) {
  const { data: person, error } = usePerson(id)
  useEffect(() => {
    if (error instanceof Refused && error.status === 404) onTake('')
  }, [error, onTake])
  return (
    <aside aria-label="Margin" className="h-full overflow-auto px-4 py-2">
      {id === '' ? (
        <p className="pt-6 text-graphite">
          Nobody is in hand. Click somebody, or move to them with the arrows, and their family and facts stand
          here, to be changed and added to.
        </p>
      ) : !person ? (
        <p className="pt-6 text-graphite">{error ? error.message : 'One moment…'}</p>
      ) : (
        <TakesInHand value={onTake}>
          <OneInHand key={person.id} person={person} adding={adding} addKey={addKey} />
        </TakesInHand>
      )}
    </aside>
  )
}

function OneInHand({
  person,
  adding: { adding, setAdding, begin, firstUnion },
  addKey,
}: {
  person: Person
  adding: AddingTo
  addKey: string
}) {
  const path = useTreePath()
  const [chosen, setChosen] = useState('')
  const [changing, setChanging] = useState(false)
  const fact = person.facts.find((one) => one.id === chosen)
  const leave = () => {
    setChosen('')
    setChanging(false)
  }
  useCommands(
    fact
      ? [
          { key: 'Escape', says: 'Back to all facts', run: leave },
          { key: 'c', says: 'Change the fact in hand', run: () => setChanging(true) },
        ]
      : [],
  )
  return (
    <div className="@container">
      <header className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="min-w-0 font-serif text-[22px] leading-tight">
          <Link className="hover:text-tide hover:underline" to={path(`people/${person.id}`)}>
            {person.name}
          </Link>
        </h2>
        <span className="text-graphite">{person.years}</span>
        <span className="text-[13px] text-graphite">no. {person.number}</span>
        <span className="ml-auto flex gap-4 text-[14px]">
          <Link className="act" to={path(`drawings/${person.id}`)}>
            Draw
          </Link>
          <button
            type="button"
            className="act"
            aria-expanded={adding === 'choosing'}
            onClick={() => setAdding(adding === 'choosing' ? null : 'choosing')}
          >
            Add <kbd>{addKey}</kbd>
          </button>
        </span>
        {person.toCentre !== '' && <p className="basis-full text-[13px] text-graphite">{person.toCentre}</p>}
      </header>
      {adding === 'choosing' && (
        <AddMenu begin={begin} firstUnion={firstUnion} onLeave={() => setAdding(null)} />
      )}
      <KinStrip person={person} onAdd={setAdding} />
      <AddedHere person={person} adding={adding} onAdding={setAdding} onFact={setChosen} />
      {fact ? (
        <section aria-label="Fact in hand" className="border-t border-rule pt-2">
          <button type="button" className="act text-[14px]" onClick={leave}>
            <kbd>Esc</kbd> All facts
          </button>
          <FactMargin
            key={fact.id}
            fact={fact}
            person={person.id}
            changing={changing}
            onChanging={setChanging}
            onGone={leave}
          />
        </section>
      ) : (
        <FactList
          facts={person.facts}
          family={person.family}
          world={person.world}
          chosen={chosen}
          onChoose={setChosen}
          onAdd={begin('fact')}
        />
      )}
    </div>
  )
}
