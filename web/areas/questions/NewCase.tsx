import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { Finder, type Found } from '../../parts/Finder'
import { findPeople } from '../../parts/findPeople'

const ASKS: [Schemas['CaseInput']['aspect'], string][] = [
  ['same', 'the same person as'],
  ['mother', 'the child, and her mother may be'],
  ['father', 'the child, and his or her father may be'],
]

/** A case is begun as the sentence that it asks. */
export function NewCase({ onDone }: { onDone: () => void }) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const [subject, setSubject] = useState<Found | null>(null)
  const [aspect, setAspect] = useState<Schemas['CaseInput']['aspect']>('same')
  const begin = useWrite(
    (other: Found) =>
      unwrap(
        api.POST('/api/trees/{tree}/cases', {
          params: { path: { tree } },
          body: { aspect, people: [other.id], ...(subject ? { personId: subject.id } : {}) },
        }),
      ),
    (made) => navigate(path(`questions/cases/${made.id}`)),
  )
  return (
    <div
      className="my-3 max-w-[560px] border-l-2 border-tide pl-3"
      onKeyDown={(event) => event.key === 'Escape' && onDone()}
    >
      {subject === null ? (
        <Finder
          label="Of whom it is asked"
          queryKey="people"
          find={(q) => findPeople(tree, q)}
          onChosen={setSubject}
          onLeave={onDone}
        />
      ) : (
        <>
          <p className="flex flex-wrap items-baseline gap-x-2">
            Is <span className="font-serif text-[17px]">{subject.line}</span>
            <span className="text-graphite">{subject.more}</span>
            <select
              className="gap"
              aria-label="What is asked"
              value={aspect}
              onChange={(event) => setAspect(event.target.value as typeof aspect)}
            >
              {ASKS.map(([code, says]) => (
                <option key={code} value={code}>
                  {says}
                </option>
              ))}
            </select>
          </p>
          <Finder
            label="Who it may be"
            queryKey="people"
            find={(q) => findPeople(tree, q)}
            onChosen={(found) => begin.mutate(found)}
            onLeave={onDone}
          />
        </>
      )}
    </div>
  )
}
