import { useState, type CSSProperties } from 'react'
import type { Schemas } from '../../api/client'
import { count } from '../../parts/count'
import { PersonLink } from '../../parts/PersonLink'
import { isSettled, LINE_OF, MARKS } from './words'

type Props = { page: Schemas['ComparePage']; kept: string }

/** In a narrow window what a line is about and what it says stand above and below the people. */
const COLUMNS = `grid gap-x-3 grid-cols-[140px_repeat(var(--people),minmax(0,240px))_minmax(0,1fr)]
  max-sm:grid-cols-[repeat(var(--people),minmax(0,1fr))]`

/** The aspects, one a line: what agrees runs across and folds; what differs breaks into columns, each with its word. */
export function ComparedLines({ page, kept }: Props) {
  const [unfolded, setUnfolded] = useState(false)
  const settled = page.lines.filter(isSettled)
  const lines = page.lines.filter((line) => unfolded || !isSettled(line))
  const working = page.pairs[0]?.working ?? []
  const sentences = (aspect: string) => working.filter((one) => LINE_OF[one.aspect] === aspect)
  const rest = working.filter(
    (one) => !(one.aspect in LINE_OF) || !page.lines.some((line) => line.aspect === LINE_OF[one.aspect]),
  )
  const people = { '--people': page.people.length } as CSSProperties
  return (
    <div className="mt-2">
      <div role="table" aria-label="Side by side">
        <div role="row" className={`${COLUMNS} border-b border-rule pb-1`} style={people}>
          <span role="columnheader" className="sr-only">
            Aspect
          </span>
          <span aria-hidden="true" className="max-sm:hidden" />
          {page.people.map((person) => (
            <span key={person.id} role="columnheader" className="min-w-0 leading-tight">
              <span className="block font-serif text-[18px] break-words">
                <PersonLink id={person.id}>{person.name}</PersonLink>
              </span>
              <span className="text-[13px] text-graphite">
                {person.life} no. {person.number}
                {person.id === kept ? ', stays' : ''}
              </span>
            </span>
          ))}
          <span role="columnheader" className="self-end text-[13px] text-graphite max-sm:sr-only">
            what it says
          </span>
        </div>
        {lines.map((line) => {
          const { mark, colour } = MARKS[line.word]
          return (
            <div
              key={line.aspect}
              role="row"
              className={`${COLUMNS} border-b border-rule py-1 leading-snug`}
              style={people}
            >
              <span
                role="rowheader"
                className="text-[14px] text-graphite max-sm:col-span-full max-sm:flex max-sm:gap-2"
              >
                {line.aspect}
                <span className={`block text-[13px] ${colour}`}>
                  {mark} {line.word}
                </span>
              </span>
              {isSettled(line) ? (
                <span
                  role="cell"
                  className="text-graphite"
                  style={{ gridColumn: `span ${page.people.length}` }}
                >
                  {line.cells[0]?.values.join(' · ')}
                </span>
              ) : (
                line.cells.map((cell, at) => (
                  <span key={page.people[at]?.id} role="cell" className="min-w-0 break-words">
                    {cell.values.length === 0 ? (
                      <span className="text-graphite">–</span>
                    ) : (
                      cell.values.map((value, index) => (
                        <span
                          key={value + index}
                          className={`block ${index > 0 ? 'text-[14px] text-graphite' : ''}`}
                        >
                          {value}
                        </span>
                      ))
                    )}
                  </span>
                ))
              )}
              <span role="cell" className="text-[13px] leading-snug text-graphite max-sm:col-span-full">
                {sentences(line.aspect).map((one) => (
                  <Sentence key={one.aspect} line={one} />
                ))}
              </span>
            </div>
          )
        })}
      </div>
      {settled.length > 0 && (
        <button
          type="button"
          className="act mt-1"
          aria-expanded={unfolded}
          onClick={() => setUnfolded(!unfolded)}
        >
          {unfolded
            ? 'Fold what agrees'
            : `${count(settled.length, 'line')} ${settled.length === 1 ? 'agrees' : 'agree'}`}
        </button>
      )}
      {page.people.length > 2 && (
        <ul className="mt-2 text-[14px]">
          {page.pairs.map((pair) => (
            <li key={pair.a + pair.b}>
              No. {page.people.find((one) => one.id === pair.a)?.number} and no.{' '}
              {page.people.find((one) => one.id === pair.b)?.number}:{' '}
              {pair.shown === '' ? 'nothing was found of these two' : `${pair.shown} likely`}
              {pair.ruling && `, ${pair.ruling}`}
            </li>
          ))}
        </ul>
      )}
      {rest.length > 0 && (
        <p className="mt-1 text-[13px] text-graphite">
          {rest.map((one) => (
            <Sentence key={one.aspect} line={one} />
          ))}
        </p>
      )}
    </div>
  )
}

/** A sentence of the working, with how much it weighs. */
function Sentence({ line }: { line: Schemas['WorkingResource'] }) {
  return (
    <span className="block">
      {line.says}{' '}
      <span className="tabular whitespace-nowrap" title="weight, as log odds to the base 2">
        {line.weight > 0 ? '+' : '−'}
        {Math.abs(line.weight).toFixed(1)}
      </span>
    </span>
  )
}
