import { useState, type ReactNode } from 'react'
import { Link } from 'react-router'
import { toast } from 'sonner'
import { api, told, type Schemas } from '../../api/client'
import { useTreeId, useTreePath, useWrite, type Person } from '../../api/useTree'
import type { Adding } from './AddRelative'

type Relative = Schemas['RelativeResource']

/** A line for each parent set, a line for each union; more than three fold to a count. */
export function KinStrip({ person, onAdd }: { person: Person; onAdd: (adding: Adding) => void }) {
  const tree = useTreeId()
  const [open, setOpen] = useState(false)
  const unlinked = () => toast.success('Unlinked; both are still in the tree.')
  const unlinkParents = useWrite(
    (parentSet: string) =>
      told(
        api.DELETE('/api/trees/{tree}/parent-sets/{parentSet}', { params: { path: { tree, parentSet } } }),
      ),
    unlinked,
  )
  const unlinkPartner = useWrite(
    (unionPartner: string) =>
      told(
        api.DELETE('/api/trees/{tree}/union-partners/{unionPartner}', {
          params: { path: { tree, unionPartner } },
        }),
      ),
    unlinked,
  )
  const lines: ReactNode[] = [
    ...person.parentSets.map((set) => (
      <KinLine
        key={set.id}
        word={set.kind === 'birth' ? 'child of' : `${set.kind} child of`}
        tools={
          <button type="button" className="act" onClick={() => unlinkParents.mutate(set.id)}>
            Unlink
          </button>
        }
      >
        <Names people={set.parents} none="parents not known" />
        {set.parents.length === 1 && set.kind === 'birth' && (
          <button
            type="button"
            className="ml-2 text-graphite italic hover:text-tide"
            onClick={() => onAdd({ relation: 'parent' })}
          >
            other parent?
          </button>
        )}
        {set.siblings.length > 0 && (
          <span className="text-graphite">
            {'; with '}
            <Names people={set.siblings} given />
          </span>
        )}
      </KinLine>
    )),
    ...(person.parentSets.length === 0
      ? [
          <KinLine key="no-parents" word="child of">
            <button
              type="button"
              className="text-graphite italic hover:text-tide"
              onClick={() => onAdd({ relation: 'father' })}
            >
              father?
            </button>{' '}
            <button
              type="button"
              className="text-graphite italic hover:text-tide"
              onClick={() => onAdd({ relation: 'mother' })}
            >
              mother?
            </button>
          </KinLine>,
        ]
      : []),
    ...person.unions.map((union) => (
      <KinLine
        key={union.id}
        word={`${union.word} ${union.year}`}
        tools={
          <>
            <button
              type="button"
              className="act mr-3"
              onClick={() => onAdd({ relation: 'child', unionId: union.id })}
            >
              Child
            </button>
            <Sheet union={union.id} />
            <button type="button" className="act" onClick={() => unlinkPartner.mutate(union.tieId)}>
              Unlink
            </button>
          </>
        }
      >
        <Names people={union.partners} none="a partner not known" />
        {union.children.length > 0 && (
          <span>
            {': '}
            <Names people={union.children} given />
          </span>
        )}
      </KinLine>
    )),
  ]
  const folded = lines.length > 3 && !open
  return (
    <section aria-label="Kin" className="min-h-[84px] shrink-0 border-t border-rule py-1">
      {folded ? lines.slice(0, 2) : lines}
      {lines.length > 3 && (
        <button type="button" className="act text-[13px]" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Fold' : `${lines.length - 2} more lines of kin`}
        </button>
      )}
    </section>
  )
}

function KinLine({ word, tools, children }: { word: string; tools?: ReactNode; children: ReactNode }) {
  return (
    <div className="group flex min-h-[26px] items-baseline gap-3">
      <span className="w-[112px] shrink-0 max-sm:w-[72px] text-[14px] text-graphite">{word}</span>
      <span className="min-w-0 grow font-serif text-[16px]">{children}</span>
      <span className="shrink-0 text-[13px] opacity-0 max-sm:hidden group-focus-within:opacity-100 group-hover:opacity-100">
        {tools}
      </span>
    </div>
  )
}

function Sheet({ union }: { union: string }) {
  const path = useTreePath()
  return (
    <Link className="act mr-3" to={path(`reports/${union}`)}>
      Sheet
    </Link>
  )
}

/** Names run on; children by their given names alone, with their years on demand. */
function Names({ people, given = false, none = '' }: { people: Relative[]; given?: boolean; none?: string }) {
  const path = useTreePath()
  if (people.length === 0) return <span className="text-graphite">{none}</span>
  return (
    <>
      {people.map((person, index) => (
        <span key={person.id}>
          {index > 0 && (given || index < people.length - 1 ? ', ' : ' and ')}
          <Link
            to={path(`people/${person.id}`)}
            title={`${person.name} ${person.years}`}
            className="hover:text-tide hover:underline"
          >
            {given ? (person.name.split(' ')[0] ?? person.name) : person.name}
          </Link>
          {!given && person.years !== '' && (
            <span className="font-sans text-[13px] text-graphite"> {person.years}</span>
          )}
        </span>
      ))}
    </>
  )
}
