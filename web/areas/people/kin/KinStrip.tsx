import { useState, type ReactNode } from 'react'
import { Link } from 'react-router'
import { api, unwrap, type Schemas } from '../../../api/client'
import { TextsOf } from '../../../parts/TextsOf'
import { useTreeId, useTreePath, useWrite, type Person } from '../../../api/useTree'
import { formatMoment } from '../../../parts/formatDay'
import { PersonLink } from '../../../parts/PersonLink'
import type { Adding } from '../adding/AddRelative'
import { ChildOrder } from './ChildOrder'
import { ParentTie, PartnerTie } from './Tie'
import { saved } from '../../../parts/saved'

type Relative = Schemas['RelativeResource']

/** The partners of a couple as its controls name it. */
const partnersOf = (union: Person['unions'][number]) =>
  [...union.partners, ...union.ruledOut].map((partner) => partner.name).join(' and ') || 'a partner not known'

type Props = {
  person: Person
  onAdd: (adding: Adding) => void
  /** Unfolds or folds a pedigree beneath; left out where there is none. */
  onPedigree?: () => void
  isUnfolded?: boolean
}

/** A line for each parent set, a line for each union; more than three fold to a count. */
export function KinStrip({ person, onAdd, onPedigree, isUnfolded = false }: Props) {
  const path = useTreePath()
  const [open, setOpen] = useState(false)
  const [inHand, setInHand] = useState('')
  const take = (what: string) => setInHand(what === inHand ? '' : what)
  const pedigree = onPedigree && (
    <button type="button" className="act mr-3" aria-expanded={isUnfolded} onClick={onPedigree}>
      Pedigree <kbd>p</kbd>
    </button>
  )
  const lines: ReactNode[] = [
    ...person.cases.map((openCase) => (
      <KinLine key={openCase.id} word={openCase.kind === 'conflict' ? 'asked' : 'not proved'}>
        <Link
          className="hover:text-tide hover:underline"
          to={path(`questions/${openCase.kind === 'conflict' ? '' : 'cases/'}${openCase.id}`)}
        >
          {openCase.sentence}
        </Link>{' '}
        <span className="font-sans text-[13px] text-ochre">{openCase.state}</span>
      </KinLine>
    )),
    ...person.parentSets.map((set, index) => (
      <KinLine
        key={set.id}
        word={set.kind === 'birth' ? 'child of' : `${set.kind} child of`}
        tools={
          <>
            {index === 0 && pedigree}
            <button
              type="button"
              className="act"
              aria-expanded={inHand === set.id}
              aria-label={`Relationship with ${set.parents.map((parent) => parent.name).join(' and ') || 'parents not known'}`}
              onClick={() => take(set.id)}
            >
              Relationship
            </button>
          </>
        }
        below={inHand === set.id && <ParentTie set={set} child={person.id} />}
      >
        <Parents set={set} />
        {set.leads && person.parentSets.length > 1 && (
          <span className="font-sans text-[13px] text-graphite"> used in charts</span>
        )}
        {set.parents.length === 1 && set.kind === 'birth' && (
          <button
            type="button"
            className="ml-2 inline-block min-h-[24px] text-graphite italic hover:text-tide"
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
          <KinLine key="no-parents" word="child of" tools={pedigree}>
            <button
              type="button"
              className="inline-block min-h-[24px] text-graphite italic hover:text-tide"
              onClick={() => onAdd({ relation: 'father' })}
            >
              father?
            </button>{' '}
            <button
              type="button"
              className="inline-block min-h-[24px] text-graphite italic hover:text-tide"
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
            {!union.isOut && (
              <>
                <button
                  type="button"
                  className="act mr-3"
                  aria-label={`Add child with ${partnersOf(union)}`}
                  onClick={() => onAdd({ relation: 'child', unionId: union.id })}
                >
                  Add child
                </button>
                <Sheet union={union.id} partners={partnersOf(union)} />
                <span className="mr-3 inline-flex flex-wrap gap-x-3">
                  <TextsOf
                    of={{ union: union.id, person: person.id }}
                    begin="Write of both"
                    name={`of them and ${partnersOf(union)}`}
                  />
                </span>
              </>
            )}
            {union.children.length > 1 && (
              <button
                type="button"
                className="act mr-3"
                aria-expanded={inHand === `order ${union.id}`}
                aria-label={`Order of the children with ${partnersOf(union)}`}
                onClick={() => take(`order ${union.id}`)}
              >
                Order
              </button>
            )}
            <button
              type="button"
              className="act"
              aria-expanded={inHand === union.tieId}
              aria-label={`Relationship with ${partnersOf(union)}`}
              onClick={() => take(union.tieId)}
            >
              Relationship
            </button>
          </>
        }
        below={
          inHand === union.tieId ? (
            <PartnerTie union={union} />
          ) : (
            inHand === `order ${union.id}` && (
              <ChildOrder union={union.id} people={union.children} onDone={() => setInHand('')} />
            )
          )
        }
      >
        {union.standing === 'rival' && <Rival />}
        {!union.isOut ? (
          union.partners.length > 0 ? (
            <Names people={union.partners} />
          ) : (
            <button
              type="button"
              className="inline-block min-h-[24px] text-graphite italic hover:text-tide"
              onClick={() => onAdd({ relation: 'partner', unionId: union.id })}
            >
              a partner not known?
            </button>
          )
        ) : (
          <RuledOut people={union.partners} />
        )}
        {union.children.length > 0 && (
          <span>
            {': '}
            <Names people={union.children} given kinds={union.childKinds} />
          </span>
        )}
        {union.ruledOut.length > 0 && (
          <span className="ml-3">
            <RuledOut people={union.ruledOut} />
          </span>
        )}
      </KinLine>
    )),
  ]
  const gone = person.goneKin.map((one) => <Gone key={one.entryId} gone={one} />)
  const folded = lines.length > 3 && !open
  return (
    <section aria-label="Kin" className="min-h-[84px] shrink-0 border-t border-rule py-1">
      {folded ? lines.slice(0, 2) : lines}
      {lines.length > 3 && (
        <button type="button" className="act text-[13px]" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Fold' : `${lines.length - 2} more lines of kin`}
        </button>
      )}
      {gone}
    </section>
  )
}

/** Somebody who was deleted is found from their kin, and comes back with their ties. */
function Gone({ gone }: { gone: Schemas['DeletedKinResource'] }) {
  const tree = useTreeId()
  const restore = useWrite(
    () =>
      unwrap(
        api.POST('/api/trees/{tree}/journal/deleted/{entry}/put-back', {
          params: { path: { tree, entry: gone.entryId } },
        }),
      ),
    (done) => saved(done.said),
  )
  return (
    <KinLine word="">
      <span className="text-graphite">
        a {gone.word}, {gone.name}, deleted on {formatMoment(gone.madeAt)}
      </span>{' '}
      <button
        type="button"
        className="act font-sans text-[13px]"
        aria-label={`Restore ${gone.name}`}
        onClick={() => restore.mutate(undefined)}
      >
        Restore
      </button>
    </KinLine>
  )
}

function KinLine(props: { word: string; tools?: ReactNode; below?: ReactNode; children: ReactNode }) {
  return (
    <div className="group">
      <div
        className="flex min-h-[26px] items-baseline gap-3 @max-lg:grid @max-lg:grid-cols-[72px_minmax(0,1fr)] @max-lg:gap-y-0
        @max-lg:py-[2px]"
      >
        <span className="w-[112px] shrink-0 @max-lg:w-auto text-[14px] text-graphite">{props.word}</span>
        <span className="min-w-0 grow font-serif text-[16px]">{props.children}</span>
        <span className="shrink-0 text-[13px] @max-lg:col-start-2">{props.tools}</span>
      </div>
      {props.below}
    </div>
  )
}

/** Who stands as a parent, with how far it is proved; who was ruled out stays beside them. */
function Parents({ set }: { set: Person['parentSets'][number] }) {
  const standing = set.ties.filter((tie) => tie.standing !== 'ruled out')
  const out = set.ties.filter((tie) => tie.standing === 'ruled out').map((tie) => tie.personId)
  const proof = standing.find((tie) => tie.proof === 'unresolved' || tie.proof === 'probable')?.proof
  return (
    <>
      {proof && <span className="mr-2 font-sans text-[13px] text-ochre">{proof}</span>}
      {standing.some((tie) => tie.standing === 'rival') && <Rival />}
      {(standing.length > 0 || out.length === 0) && (
        <Names people={set.parents.filter((one) => !out.includes(one.id))} none="parents not known" />
      )}
      {out.length > 0 && (
        <span className={standing.length > 0 ? 'ml-3' : ''}>
          <RuledOut people={set.parents.filter((one) => out.includes(one.id))} />
        </span>
      )}
    </>
  )
}

/** Somebody else has a better claim to it, or only somebody says it. */
function Rival() {
  return (
    <span className="mr-1 font-semibold text-madder" title="a rival: only said to be">
      ‖<span className="sr-only"> only said to be </span>
    </span>
  )
}

/** Who was ruled out stays, so that nobody finds them again. */
function RuledOut({ people }: { people: Relative[] }) {
  return (
    <>
      <span className="line-through decoration-graphite">
        <Names people={people} />
      </span>
      <span className="font-sans text-[13px] text-graphite"> ruled out</span>
    </>
  )
}

function Sheet({ union, partners }: { union: string; partners: string }) {
  const path = useTreePath()
  return (
    <Link
      className="act mr-3"
      aria-label={`Family group sheet with ${partners}`}
      to={path(`reports/family/${union}`)}
    >
      Family group sheet
    </Link>
  )
}

/** Names run on; children by their given names alone, with their years on demand. */
function Names({
  people,
  given = false,
  none = '',
  kinds = {},
}: {
  people: Relative[]
  given?: boolean
  none?: string
  /** What a child is to the couple, by its id, where it is no child by birth. */
  kinds?: Record<string, string>
}) {
  if (people.length === 0) return <span className="text-graphite">{none}</span>
  return (
    <>
      {people.map((person, index) => (
        <span key={person.id}>
          {index > 0 && (given || index < people.length - 1 ? ', ' : ' and ')}
          <PersonLink id={person.id}>{given ? person.given : person.name}</PersonLink>
          {kinds[person.id] && (
            <span className="font-sans text-[13px] text-graphite"> ({kinds[person.id]})</span>
          )}
          {!given && person.years !== '' && (
            <span className="font-sans text-[13px] text-graphite"> {person.years}</span>
          )}
        </span>
      ))}
    </>
  )
}
