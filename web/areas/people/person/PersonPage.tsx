import { useEffect, useRef, useState } from 'react'
import { useNavigate, useParams, useSearchParams } from 'react-router'
import { Refused } from '../../../api/client'
import { usePerson, useTreeId, useTreePath } from '../../../api/useTree'
import { LifeStrip } from '../../../parts/LifeStrip'
import { useCommands } from '../../../keys/commandRegistry'
import { gone, walked } from '../../../parts/trail'
import { AddedHere } from '../adding/AddedHere'
import { AddMenu } from '../adding/AddMenu'
import { useAdding } from '../adding/useAdding'
import { FactList } from '../facts/FactList'
import { FactMargin } from '../facts/FactMargin'
import { PedigreeInPlace } from '../lines/PedigreeInPlace'
import { useUnfolded } from '../lines/useUnfolded'
import { openBeside } from '../../../parts/openBeside'
import { Panes } from '../../../parts/Panes'
import { useHand } from '../walking/useWalk'
import { Heading } from './Heading'
import { KinStrip } from '../kin/KinStrip'
import { PersonMargin } from './PersonMargin'

/** One life: heading, lifeline, kin strip, facts; in the margin what belongs to the fact in hand. */
export default function PersonPage() {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const id = useParams().person ?? ''
  const [query, setQuery] = useSearchParams()
  const chosen = query.get('fact') ?? ''
  const { data: person, error } = usePerson(id)
  const { adding, setAdding, begin, firstUnion } = useAdding(id, person, 'a')
  const [, setHand] = useHand()
  const [isUnfolded, fold] = useUnfolded()
  /** Keys that are pressed faster than the address changes each go one fact on. */
  const steppedTo = useRef(chosen)
  useEffect(() => {
    steppedTo.current = chosen
  }, [chosen])
  /** The fact whose words are being changed: another in hand leaves it, and no late effect can close what was just opened. */
  const [changed, setChanged] = useState('')
  const changing = changed !== '' && changed === chosen
  const setChanging = (on: boolean) => setChanged(on ? chosen : '')
  useEffect(() => {
    if (person) {
      walked(tree, { id: person.id, name: person.name })
      setHand(person.id)
    }
  }, [tree, person, setHand])
  useEffect(() => {
    if (error instanceof Refused && error.status === 404) gone(tree, id)
  }, [tree, id, error])
  const choose = (fact: string) => {
    setChanged('')
    setQuery(fact === '' || fact === chosen ? {} : { fact }, { replace: true })
  }
  useCommands(
    adding === 'choosing'
      ? []
      : [
          { key: 'c', says: 'Change the fact in hand', run: () => chosen && setChanging(true) },
          { key: 'd', says: 'Draw the ancestors', run: () => navigate(path(`drawings/${id}`)) },
          { key: 'j', says: 'Next fact', run: () => step(1) },
          { key: 'k', says: 'Fact before', run: () => step(-1) },
          { key: 'p', says: 'Unfold or fold the pedigree', run: fold },
          { key: '3', says: 'Line up from here', run: () => navigate(path(`people/up/${id}`)) },
          { key: '4', says: 'Line down from here', run: () => navigate(path(`people/down/${id}`)) },
          {
            key: 'Shift+Enter',
            says: 'Open this person in a second window',
            run: () => openBeside(path(`people/${id}`)),
          },
        ],
  )
  const step = (by: number) => {
    const facts = person?.facts ?? []
    const at = facts.findIndex((fact) => fact.id === steppedTo.current)
    const next = facts[at < 0 ? (by > 0 ? 0 : facts.length - 1) : at + by]
    if (!next) return
    steppedTo.current = next.id
    setQuery({ fact: next.id }, { replace: true })
  }
  if (error) return <p className="p-6 text-madder">{error.message}</p>
  if (!person) return <p className="p-6 text-graphite">One moment…</p>
  const fact = person.facts.find((fact) => fact.id === chosen)
  return (
    <Panes name="person" left={66}>
      <div className="@container flex h-full min-h-0 flex-col px-6 max-lg:px-4">
        <Heading
          key={person.id}
          person={person}
          isAdding={adding === 'choosing'}
          onAdd={() => setAdding(adding === 'choosing' ? null : 'choosing')}
        />
        {adding === 'choosing' && (
          <AddMenu begin={begin} firstUnion={firstUnion} onLeave={() => setAdding(null)} />
        )}
        <LifeStrip
          lifeline={person.lifeline}
          chosen={chosen}
          onChoose={choose}
          onGo={(who) => void navigate(path(`people/${who}`))}
        />
        <KinStrip person={person} onAdd={setAdding} onPedigree={fold} isUnfolded={isUnfolded} />
        {isUnfolded && <PedigreeInPlace person={person.id} onAdd={setAdding} onFold={fold} />}
        <AddedHere
          person={person}
          adding={adding}
          onAdding={setAdding}
          onFact={(made) => setQuery({ fact: made }, { replace: true })}
        />
        <FactList
          facts={person.facts}
          family={person.family}
          world={person.world}
          chosen={chosen}
          onChoose={choose}
          onAdd={begin('fact')}
        />
      </div>
      <aside aria-label="Margin" className="h-full overflow-auto px-5 py-3">
        {fact ? (
          <FactMargin
            key={fact.id}
            fact={fact}
            person={person.id}
            changing={changing}
            onChanging={setChanging}
            onGone={() => choose('')}
          />
        ) : (
          <PersonMargin person={person} />
        )}
      </aside>
    </Panes>
  )
}
