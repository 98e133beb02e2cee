import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { useTreePath } from '../../api/useTree'
import { inNav } from './inNav'
import { SavedReports } from './SavedReports'
import { carriesOver } from './subjects'

export type Kind = Schemas['PresentedResource']

const GROUPS: readonly (readonly [string, readonly string[]])[] = [
  ['Of people', ['person', 'couple']],
  ['Descendants', ['line']],
  ['To write and to bind', ['text', 'book']],
  ['Of records', ['record', 'question']],
  ['Of the tree', ['tree', 'set', 'people']],
]

type Props = { kinds: readonly Kind[]; chosen: Kind; subject: string; onChosen: (code: string) => void }

/** Every kind of report, by what it is about; whoever a report was about stays so where the next can be about them. */
export function KindNav({ kinds, chosen, subject, onChosen }: Props) {
  const path = useTreePath()
  return (
    <nav
      aria-label="Kinds of report"
      className="overflow-auto border-r border-rule px-4 py-3 max-lg:border-r-0"
    >
      <SavedReports />
      {GROUPS.map(([title, subjects]) => {
        const own = kinds.filter((kind) => subjects.includes(kind.subject))
        return (
          <div key={title} className="mb-3" hidden={own.length === 0}>
            <h2 className="text-[13px] text-graphite">{title}</h2>
            <ul className="max-lg:flex max-lg:flex-wrap max-lg:gap-x-4">
              {own.map((kind) => (
                <li key={kind.code}>
                  <Link
                    to={path(
                      carriesOver(subject, chosen.subject, kind.subject)
                        ? `reports/${kind.code}/${subject}`
                        : `reports/${kind.code}`,
                    )}
                    aria-current={kind.code === chosen.code ? 'page' : undefined}
                    onClick={() => onChosen(kind.code)}
                    className={inNav(kind.code === chosen.code)}
                  >
                    {kind.title}
                  </Link>
                </li>
              ))}
            </ul>
          </div>
        )
      })}
    </nav>
  )
}
