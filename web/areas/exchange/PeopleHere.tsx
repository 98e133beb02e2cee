import type { Schemas } from '../../api/client'
import { PersonLink } from '../../parts/PersonLink'
import { count } from '../../parts/count'

type Here = Schemas['PersonHere']

type Props = {
  total: number
  people: Here[]
  taken: string[]
  onChange: (pointers: string[]) => void
}

/** From here on hardly anything speaks against the two being one. */
const SURE = 0.99

/** Who of a file is likely in the tree already: whoever is ticked becomes one with who is there when the file comes in. */
export function PeopleHere({ total, people, taken, onChange }: Props) {
  const sure = people.filter((person) => person.probability >= SURE).map((person) => person.pointer)
  return (
    <fieldset className="mt-3">
      <legend className="heads">Who is likely in the tree already</legend>
      <p className="text-[14px]">
        {count(total, 'person', 'people')} of the file
        {total > people.length && `; the likeliest ${people.length} of them`}. Tick whoever is the same: they
        are joined to who is there as soon as the file is in, and can be taken apart again. Nobody has to be
        ticked.
      </p>
      <p className="flex flex-wrap gap-x-5 text-[14px]">
        {sure.length > 0 && (
          <button type="button" className="act" onClick={() => onChange(sure)}>
            Tick the {sure.length} that are over 99 %
          </button>
        )}
        {taken.length > 0 && (
          <button type="button" className="act" onClick={() => onChange([])}>
            Tick nobody
          </button>
        )}
        <span className="text-graphite">{taken.length} ticked</span>
      </p>
      <ul className="mt-1 max-h-[260px] overflow-auto border-t border-rule" aria-label="Who is likely here">
        {people.map((person) => (
          <li key={person.pointer} className="border-b border-rule py-[2px]">
            <label className="grid grid-cols-[20px_minmax(0,1fr)_minmax(0,1fr)_90px] items-baseline gap-x-2">
              <input
                type="checkbox"
                checked={taken.includes(person.pointer)}
                onChange={(event) =>
                  onChange(
                    event.target.checked
                      ? [...taken, person.pointer]
                      : taken.filter((pointer) => pointer !== person.pointer),
                  )
                }
              />
              <span className="font-serif">{person.says}</span>
              <span>
                is <PersonLink id={person.personId}>{person.personSays}</PersonLink>, no. {person.number}
              </span>
              <span className="text-right text-graphite">{person.shown}</span>
            </label>
          </li>
        ))}
      </ul>
    </fieldset>
  )
}
