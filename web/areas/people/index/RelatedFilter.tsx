import { useState } from 'react'
import { useTree, useTreeId } from '../../../api/useTree'
import { Finder } from '../../../parts/Finder'
import { findPeople } from '../../../parts/findPeople'
import type { PeopleFilters } from './usePeopleFilters'

/** Whom everybody is told to be something to: the person at the centre with one click, or anybody. */
export function RelatedFilter({ filters }: { filters: PeopleFilters }) {
  const { relatedTo, setRelatedTo, only, setOnly } = filters
  const tree = useTreeId()
  const { data } = useTree()
  const [isAsking, setIsAsking] = useState(false)
  if (isAsking)
    return (
      <div className="basis-full pt-1">
        <Finder
          label="Tell what everybody is to"
          queryKey="people"
          find={(q) => findPeople(tree, q)}
          onChosen={(found) => {
            setRelatedTo({ id: found.id, name: found.line })
            setIsAsking(false)
          }}
          onLeave={() => setIsAsking(false)}
        />
      </div>
    )
  return (
    <>
      {relatedTo.id === '' ? (
        <>
          <span className="text-graphite">Tell what everybody is to</span>
          {data?.centrePersonId && (
            <button
              type="button"
              className="act"
              onClick={() => setRelatedTo({ id: data.centrePersonId ?? '', name: data.centreName })}
            >
              {data.centreName}
            </button>
          )}
          <button type="button" className="act" onClick={() => setIsAsking(true)}>
            somebody
          </button>
        </>
      ) : (
        <>
          <span>
            Each is told what they are to <span className="font-serif text-[16px]">{relatedTo.name}</span>.
          </span>
          <button type="button" className="act" onClick={() => setOnly(only === 'kin' ? '' : 'kin')}>
            {only === 'kin' ? 'Everybody again' : 'Only their kin'}
          </button>
          <button type="button" className="act" onClick={() => setIsAsking(true)}>
            To somebody else
          </button>
          <button
            type="button"
            className="act"
            onClick={() => {
              setRelatedTo({ id: '', name: '' })
              if (only === 'kin') setOnly('')
            }}
          >
            Hide this column
          </button>
        </>
      )}
    </>
  )
}
