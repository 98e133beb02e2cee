import { useEffect, useState } from 'react'
import { useNavigate, useParams, useSearchParams } from 'react-router'
import { Refused } from '../../../api/client'
import { usePerson, useTreeId, useTreePath } from '../../../api/useTree'
import { LifeStrip } from '../../../parts/LifeStrip'
import { useCommands } from '../../../keys/commandRegistry'
import { gone, walked } from '../../../parts/trail'
import { AddFact } from '../adding/AddFact'
import { AddRelative, type Adding } from '../adding/AddRelative'
import { AddMenu } from '../adding/AddMenu'
import { FactList } from '../facts/FactList'
import { FactMargin } from '../facts/FactMargin'
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
  const [adding, setAdding] = useState<Adding | 'fact' | 'choosing' | null>(null)
  /** The fact whose words are being changed: another in hand leaves it, and no late effect can close what was just opened. */
  const [changed, setChanged] = useState('')
  const changing = changed !== '' && changed === chosen
  const setChanging = (on: boolean) => setChanged(on ? chosen : '')
  useEffect(() => setAdding(null), [id])
  useEffect(() => {
    if (person) {
      walked(tree, { id: person.id, name: person.name })
    }
  }, [tree, person])
  useEffect(() => {
    if (error instanceof Refused && error.status === 404) gone(tree, id)
  }, [tree, id, error])
  const choose = (fact: string) => {
    setChanged('')
    setQuery(fact === '' || fact === chosen ? {} : { fact }, { replace: true })
  }
  const begin = (next: Adding | 'fact') => () => setAdding(next)
  const firstUnion = person?.unions.find((union) => !union.isOut)?.id
  useCommands(
    adding === 'choosing'
      ? [
          { key: 'f', says: 'Add the father', run: begin({ relation: 'father' }) },
          { key: 'm', says: 'Add the mother', run: begin({ relation: 'mother' }) },
          { key: 'p', says: 'Add a partner', run: begin({ relation: 'partner' }) },
          { key: 'c', says: 'Add a child', run: begin({ relation: 'child', unionId: firstUnion }) },
          { key: 's', says: 'Add a sibling', run: begin({ relation: 'sibling' }) },
          { key: 'e', says: 'Add a fact', run: begin('fact') },
          { key: 'Escape', says: 'Add nothing', run: () => setAdding(null) },
        ]
      : [
          { key: 'a', says: 'Add here', run: () => setAdding('choosing') },
          { key: 'c', says: 'Change the fact in hand', run: () => chosen && setChanging(true) },
          { key: 'd', says: 'Draw the ancestors', run: () => navigate(path(`drawings/${id}`)) },
          { key: 'j', says: 'Next fact', run: () => step(1) },
          { key: 'k', says: 'Fact before', run: () => step(-1) },
        ],
  )
  const step = (by: number) => {
    const facts = person?.facts ?? []
    const at = facts.findIndex((fact) => fact.id === chosen)
    const next = facts[at < 0 ? (by > 0 ? 0 : facts.length - 1) : at + by]
    if (next) setQuery({ fact: next.id }, { replace: true })
  }
  if (error) return <p className="p-6 text-madder">{error.message}</p>
  if (!person) return <p className="p-6 text-graphite">One moment…</p>
  const fact = person.facts.find((fact) => fact.id === chosen)
  return (
    <div className="grid h-full grid-cols-[minmax(0,2fr)_minmax(300px,1fr)] max-lg:block max-lg:overflow-auto">
      <div className="flex min-h-0 flex-col px-6 max-lg:px-4">
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
        <KinStrip person={person} onAdd={(next) => setAdding(next)} />
        {adding === 'fact' && (
          <AddFact
            person={person}
            onKept={(made) => {
              setAdding(null)
              setQuery({ fact: made }, { replace: true })
            }}
            onLeave={() => setAdding(null)}
          />
        )}
        {adding !== null && typeof adding === 'object' && (
          <AddRelative
            key={`${adding.relation}${adding.unionId ?? ''}`}
            person={person}
            adding={adding}
            onNext={setAdding}
            onLeave={() => setAdding(null)}
          />
        )}
        <FactList
          facts={person.facts}
          family={person.family}
          world={person.world}
          chosen={chosen}
          onChoose={choose}
          onAdd={begin('fact')}
        />
      </div>
      <aside
        aria-label="Margin"
        className="min-h-0 overflow-auto border-l border-rule px-5 py-3 max-lg:border-l-0 max-lg:border-t"
      >
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
    </div>
  )
}
