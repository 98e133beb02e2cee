import { useId, useState } from 'react'
import { api, unwrap } from '../../api/client'
import { useTreeId } from '../../api/useTree'
import { Finder, type Found } from '../../parts/Finder'
import { count } from '../../parts/count'

/** A start that is null is one that is still to be chosen. */
export type Part = { start: string | null; generations: number }

type Props = {
  run: string
  people: number
  part: Part
  onChange: (part: Part) => void
}

/** Whether everybody in a file comes in, or one person with so many generations of their kin. */
export function FileSubset({ run, people, part, onChange }: Props) {
  const tree = useTreeId()
  const group = useId()
  const [chosen, setChosen] = useState<Found | null>(null)
  const find = async (q: string) => {
    const found = await unwrap(
      api.GET('/api/trees/{tree}/exchange/previews/{run}/people', {
        params: { path: { tree, run }, query: { q } },
      }),
    )
    return found.people.map((person) => ({ id: person.pointer, line: person.name, more: person.years }))
  }
  return (
    <fieldset className="mt-3 space-y-1">
      <legend className="heads">Who comes in</legend>
      <label className="block">
        <input
          type="radio"
          name={group}
          checked={part.start === ''}
          onChange={() => {
            setChosen(null)
            onChange({ ...part, start: '' })
          }}
        />{' '}
        all {count(people, 'person', 'people')} in it
      </label>
      <label className="block">
        <input
          type="radio"
          name={group}
          checked={part.start !== ''}
          onChange={() => onChange({ ...part, start: chosen?.id ?? null })}
        />{' '}
        one person and their kin
      </label>
      {part.start !== '' && (
        <div className="max-w-[420px] space-y-1 pl-6">
          {chosen === null ? (
            <Finder
              label="Name of the person in the file"
              queryKey={`file ${run}`}
              find={find}
              onChosen={(found) => {
                setChosen(found)
                onChange({ ...part, start: found.id })
              }}
            />
          ) : (
            <p>
              <span className="font-serif text-[16px]">{chosen.line}</span>{' '}
              <span className="text-[13px] text-graphite">{chosen.more}</span>{' '}
              <button
                type="button"
                className="act"
                autoFocus
                onClick={() => {
                  setChosen(null)
                  onChange({ ...part, start: null })
                }}
              >
                Change
              </button>
            </p>
          )}
          <label className="block">
            with{' '}
            <input
              type="number"
              min={0}
              max={99}
              className="gap w-[56px]"
              aria-label="Generations up and down"
              value={part.generations}
              onChange={(event) =>
                onChange({
                  ...part,
                  generations: Math.max(0, Math.min(99, Math.trunc(Number(event.target.value)))),
                })
              }
            />{' '}
            generations up and down, their partners, and the ancestors’ other children
          </label>
        </div>
      )}
    </fieldset>
  )
}
