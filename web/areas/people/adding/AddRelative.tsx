import { useState } from 'react'
import { api, unwrap } from '../../../api/client'
import { useTreeId, type Person } from '../../../api/useTree'
import { OneLineEntry } from './OneLineEntry'

export type Relation = 'father' | 'mother' | 'parent' | 'partner' | 'child' | 'sibling'
export type Adding = { relation: Relation; unionId?: string | undefined }

/** After one relative the line goes on to the likely next; Escape ends it. */
const NEXT: Record<Relation, Relation | null> = {
  father: 'mother',
  mother: null,
  parent: null,
  partner: 'child',
  child: 'child',
  sibling: 'sibling',
}

export function AddRelative(props: {
  person: Person
  adding: Adding
  onNext: (adding: Adding | null) => void
  onLeave: () => void
}) {
  const { person, adding } = props
  const isParent = ['father', 'mother', 'parent'].includes(adding.relation)
  // Whoever has two parents by birth can have parents of another kind beside them.
  const full = person.parentSets.some((set) => set.kind === 'birth' && set.parents.length > 1)
  const [kind, setKind] = useState(full && isParent ? 'adoptive' : 'birth')
  const tree = useTreeId()
  const couples = person.unions.filter((union) => !union.isOut)
  const union = person.unions.find((union) => union.id === adding.unionId)
  const partners = union?.partners.map((partner) => partner.name).join(' and ')
  const offer = (relation: string) =>
    (
      person.offers.find(
        (offer) => offer.relation === relation && offer.unionId === (adding.unionId ?? null),
      ) ?? person.offers.find((offer) => offer.relation === relation && offer.unionId === null)
    )?.surname ?? ''
  const label =
    adding.relation === 'child' && partners
      ? `Child with ${partners}`
      : adding.relation === 'partner' && adding.unionId
        ? `The partner of ${person.name} who was not known`
        : `${adding.relation.slice(0, 1).toUpperCase()}${adding.relation.slice(1)} of ${person.name}`
  const add = (who: { line: string } | { personId: string }) =>
    unwrap(
      api.POST('/api/trees/{tree}/people/{person}/relatives', {
        params: { path: { tree, person: person.id } },
        body: {
          relation: adding.relation,
          kind,
          ...who,
          ...(adding.unionId ? { unionId: adding.unionId } : {}),
        },
      }),
    )
  return (
    <div className="border-l-2 border-tide py-1 pl-4">
      <OneLineEntry
        label={label}
        draftKey={`${tree}:${person.id}:${adding.relation}:${adding.unionId ?? ''}:${person.unions.length}:${union?.children.length ?? 0}`}
        offered={offer(adding.relation)}
        offeredBySex={
          adding.relation === 'child'
            ? { h: offer('son'), w: offer('daughter') }
            : adding.relation === 'sibling'
              ? { h: offer('brother'), w: offer('sister') }
              : { h: '', w: '' }
        }
        aside={
          <span className="flex shrink-0 gap-4">
            {adding.relation === 'child' && couples.length > 1 && (
              <label className="text-[14px] text-graphite">
                with{' '}
                <select
                  className="gap max-w-[200px]"
                  aria-label="The couple whose child it is"
                  value={adding.unionId ?? ''}
                  onChange={(event) =>
                    props.onNext({ relation: 'child', unionId: event.target.value || undefined })
                  }
                >
                  {couples.map((couple) => (
                    <option key={couple.id} value={couple.id}>
                      {couple.partners.map((partner) => partner.name).join(' and ') || 'a partner not known'}
                      {couple.year && `, ${couple.year}`}
                    </option>
                  ))}
                </select>
              </label>
            )}
            {(isParent || adding.relation === 'child') && (
              <label className="shrink-0 text-[14px] text-graphite">
                tied{' '}
                <select className="gap" value={kind} onChange={(event) => setKind(event.target.value)}>
                  {['birth', 'adoptive', 'foster', 'guardian', 'recognised', 'other'].map((one) => (
                    <option key={one} value={one}>
                      {one === 'birth' ? 'by birth' : one}
                    </option>
                  ))}
                </select>
              </label>
            )}
          </span>
        }
        as={{ of: person.id, relation: adding.relation }}
        keep={(line) => add({ line })}
        take={(personId) => add({ personId })}
        onKept={(made) => {
          // Whoever comes next is tied by birth again, until that is said otherwise.
          setKind('birth')
          const next = NEXT[adding.relation]
          // After a partner the line goes on to the children of this very couple.
          const union = adding.relation === 'partner' ? (made.unionId ?? undefined) : adding.unionId
          props.onNext(
            next === null ? null : { relation: next, unionId: next === 'child' ? union : undefined },
          )
        }}
        onLeave={props.onLeave}
      />
    </div>
  )
}
