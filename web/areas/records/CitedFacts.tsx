import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { useTreePath } from '../../api/useTree'
import { ClassificationOf } from '../questions/Classification'
import { weightOf } from '../questions/classification'

type Cited = Schemas['CitedFact']

/** What a record supports, person by person: each claim with its weight, which can be weighed where it stands. */
export function CitedFacts({ facts }: { facts: Cited[] }) {
  const path = useTreePath()
  const [grading, setGrading] = useState('')
  return (
    <ul>
      {byPerson(facts).map(([id, own]) => (
        <li key={id}>
          <Link className="act font-serif text-[16px]" to={path(`people/${id}`)}>
            {own[0]?.person}
          </Link>
          <ul className="pl-3 text-[14px]">
            {own.map((fact) => (
              <li key={fact.claimId}>
                {[fact.fact.toLowerCase(), fact.date].filter(Boolean).join(' ')}
                {fact.words !== '' && <span className="text-graphite"> “{fact.words}”</span>}{' '}
                <button
                  type="button"
                  className="act text-[13px]"
                  aria-expanded={grading === fact.claimId}
                  aria-label={`How the ${fact.fact.toLowerCase()} of ${fact.person} is weighed: ${weightOf(fact.weight, fact.overruled)}`}
                  onClick={() => setGrading(grading === fact.claimId ? '' : fact.claimId)}
                >
                  {weightOf(fact.weight, fact.overruled)}
                </button>
                {grading === fact.claimId && (
                  <ClassificationOf claim={fact.claimId} onDone={() => setGrading('')} />
                )}
              </li>
            ))}
          </ul>
        </li>
      ))}
    </ul>
  )
}

function byPerson(facts: Cited[]): [string, Cited[]][] {
  const people = new Map<string, Cited[]>()
  for (const fact of facts) people.set(fact.personId, [...(people.get(fact.personId) ?? []), fact])
  return [...people]
}
