import { useState } from 'react'
import type { PeopleFilters } from '../index/usePeopleFilters'
import { ChooseNumbering } from './ChooseNumbering'
import { useNumbering } from '../../../parts/useNumbering'

/** By what everybody listed is numbered, in sight as long as it counts. */
export function NumberedBy({ filters }: { filters: PeopleFilters }) {
  const { numbering, choose } = useNumbering()
  const [isChoosing, setIsChoosing] = useState(false)
  if (!numbering) return null
  if (isChoosing)
    return (
      <ChooseNumbering
        numbering={numbering}
        onChosen={(body) => choose.mutate(body, { onSuccess: () => setIsChoosing(false) })}
        onLeave={() => setIsChoosing(false)}
      />
    )
  const { only, setOnly, sorted, setSorted } = filters
  if (numbering.system === '')
    return (
      <button type="button" className="act" onClick={() => setIsChoosing(true)}>
        Number everybody
      </button>
    )
  const stop = () => {
    if (only === 'line') setOnly('')
    if (sorted.by === 'line') setSorted({ by: 'name', isDown: false })
    choose.mutate({ system: '', personIds: [], adopted: true, step: false, unproved: true })
  }
  const title = numbering.systems.find((system) => system.code === numbering.system)?.title
  return (
    <>
      <span title={numbering.says}>
        Numbered by {title} from <span className="font-serif text-[16px]">{numbering.names}</span>.
      </span>
      <button
        type="button"
        className="act"
        onClick={() => {
          setOnly(only === 'line' ? '' : 'line')
          setSorted({ by: only === 'line' ? 'name' : 'line', isDown: false })
        }}
      >
        {only === 'line' ? 'Everybody again' : 'Only who is numbered'}
      </button>
      <button type="button" className="act" onClick={() => setIsChoosing(true)}>
        Other numbers
      </button>
      <button type="button" className="act" onClick={stop}>
        No numbers
      </button>
    </>
  )
}
