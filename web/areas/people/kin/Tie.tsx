import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, unwrap, type Schemas } from '../../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../../api/useTree'
import { Finder, type Found } from '../../../parts/Finder'
import { findPeople } from '../../../parts/findPeople'
import { InlineTextField } from '../../../parts/InlineTextField'
import { OpenCase } from '../../questions/OpenCase'
import { StandingActions } from '../facts/StandingActions'
import { CoupleDetails } from './CoupleDetails'
import { saved } from '../../../parts/saved'

const KINDS = ['birth', 'adoptive', 'foster', 'guardian', 'recognised', 'other']
const PROOFS = { unstated: 'not said', unresolved: 'unresolved', probable: 'probable', proved: 'proved' }
const STANDINGS = ['unweighed', 'accepted', 'rival', 'ruled out']

/** A tie to a set of parents, opened beneath its line: what kind it is, how it stands, whether it leads, where it should lead instead. */
export function ParentTie({ set, child }: { set: Schemas['ParentSetResource']; child: string }) {
  const tree = useTreeId()
  const path = useTreePath()
  const [moving, setMoving] = useState(false)
  const at = { params: { path: { tree, parentSet: set.id } } }
  const change = useWrite((body: Schemas['ParentSetInput']) =>
    unwrap(api.PATCH('/api/trees/{tree}/parent-sets/{parentSet}', { ...at, body })),
  )
  const unlink = useWrite(
    () => unwrap(api.DELETE('/api/trees/{tree}/parent-sets/{parentSet}', at)),
    () => saved('Unlinked; everybody is still in the tree.'),
  )
  return (
    <div className="mb-1 ml-[112px] border-l-2 border-tide pl-3 text-[14px] @max-lg:ml-0">
      {set.ties.map((ty) => (
        <p key={ty.personId} className="flex flex-wrap items-baseline gap-x-4">
          <span className="min-w-[120px] font-serif text-[16px]">{ty.name}</span>
          <Choice
            label={`What ${ty.name} is`}
            value={ty.kind}
            options={KINDS.map((kind) => [kind, kind === 'birth' ? 'by birth' : kind])}
            onChoose={(kind) => change.mutate({ kind, personId: ty.personId, leads: false })}
          />
          {ty.kind === 'other' && (
            <InlineTextField
              className="gap w-[130px]"
              aria-label={`What the tie to ${ty.name} is called`}
              placeholder="what it is called"
              value={ty.kindWords}
              onKeep={(kindWords) => change.mutate({ kindWords, personId: ty.personId, leads: false })}
            />
          )}
          <Choice
            label={`How far it is proved of ${ty.name}`}
            value={ty.proof}
            options={Object.entries(PROOFS)}
            onChoose={(proof) => change.mutate({ proof, personId: ty.personId, leads: false })}
          />
          <Choice
            label={`How it stands of ${ty.name}`}
            value={ty.standing}
            options={STANDINGS.map((standing) => [standing, standing])}
            onChoose={(standing) => change.mutate({ standing, personId: ty.personId, leads: false })}
          />
          {ty.kind !== 'birth' && (
            <InlineTextField
              className="gap w-[130px]"
              aria-label={`Years of the tie to ${ty.name}`}
              placeholder="from when to when"
              value={ty.years}
              onKeep={(years) => change.mutate({ years, personId: ty.personId, leads: false })}
            />
          )}
          <Link className="act" to={path(`questions/impact/tie/${ty.id}`)}>
            What if this is wrong?
          </Link>
          <OpenCase
            says="Set up a case"
            asks={{ aspect: 'parent', personId: child, people: [ty.personId] }}
          />
        </p>
      ))}
      <p className="flex flex-wrap items-baseline gap-x-4">
        {set.leads ? (
          <span className="text-graphite">used in charts</span>
        ) : (
          <button type="button" className="act" onClick={() => change.mutate({ leads: true })}>
            Use this one
          </button>
        )}
        <button type="button" className="act" aria-expanded={moving} onClick={() => setMoving(!moving)}>
          Move
        </button>
        <button type="button" className="act" onClick={() => unlink.mutate(undefined)}>
          Unlink
        </button>
      </p>
      {moving && (
        <Move
          label="To the parents"
          find={async (q) =>
            (
              await unwrap(api.GET('/api/trees/{tree}/unions', { params: { path: { tree }, query: { q } } }))
            ).unions.map((union) => ({ id: union.id, line: union.names, more: union.year }))
          }
          foretell={async (to) =>
            (
              await unwrap(
                api.GET('/api/trees/{tree}/parent-sets/{parentSet}/move', {
                  params: { ...at.params, query: { to } },
                }),
              )
            ).says
          }
          move={(to) =>
            unwrap(api.POST('/api/trees/{tree}/parent-sets/{parentSet}/move', { ...at, body: { to } }))
          }
          onDone={() => setMoving(false)}
        />
      )}
    </div>
  )
}

/** A partner's tie, opened beneath its line. */
export function PartnerTie({ union }: { union: Schemas['UnionResource'] }) {
  const tree = useTreeId()
  const tie = union.tieId
  const [moving, setMoving] = useState(false)
  const stand = useWrite(
    (body: Schemas['StandingInput']) =>
      unwrap(
        api.POST('/api/trees/{tree}/union-partners/{unionPartner}/standing', {
          params: { path: { tree, unionPartner: union.standingTieId } },
          body,
        }),
      ),
    () => saved('Saved.'),
  )
  const at = { params: { path: { tree, unionPartner: tie } } }
  const unlink = useWrite(
    () => unwrap(api.DELETE('/api/trees/{tree}/union-partners/{unionPartner}', at)),
    () => saved('Unlinked; both are still in the tree.'),
  )
  return (
    <div className="mb-1 ml-[112px] border-l-2 border-tide pl-3 text-[14px] @max-lg:ml-0">
      <CoupleDetails id={union.id} />
      {union.partners.length + union.ruledOut.length > 0 && (
        <StandingActions
          what="the couple"
          standing={union.standing}
          says={{ accepted: 'Accept that they were a couple' }}
          suggests={[
            'The record is of another couple of the same names.',
            'It follows from a reading that was wrong.',
          ]}
          onStand={(standing, why) => stand.mutate({ standing, why })}
        />
      )}
      <p className="flex flex-wrap items-baseline gap-x-4">
        <button type="button" className="act" aria-expanded={moving} onClick={() => setMoving(!moving)}>
          Replace this partner
        </button>
        <button type="button" className="act" onClick={() => unlink.mutate(undefined)}>
          Unlink
        </button>
      </p>
      {moving && (
        <Move
          label="Who belongs here instead"
          find={(q) => findPeople(tree, q)}
          foretell={async (to) =>
            (
              await unwrap(
                api.GET('/api/trees/{tree}/union-partners/{unionPartner}/move', {
                  params: { ...at.params, query: { to } },
                }),
              )
            ).says
          }
          move={(to) =>
            unwrap(api.POST('/api/trees/{tree}/union-partners/{unionPartner}/move', { ...at, body: { to } }))
          }
          onDone={() => setMoving(false)}
        />
      )}
    </div>
  )
}

type MoveProps = {
  label: string
  find: (q: string) => Promise<Found[]>
  foretell: (to: string) => Promise<string[]>
  move: (to: string) => Promise<unknown>
  onDone: () => void
}

/** Where to, then what it changes, then it is done whole. */
function Move({ label, find, foretell, move, onDone }: MoveProps) {
  const tree = useTreeId()
  const [to, setTo] = useState<Found | null>(null)
  const said = useQuery({
    queryKey: ['foretold', tree, label, to?.id],
    queryFn: () => foretell(to?.id ?? ''),
    enabled: to !== null,
    retry: false,
    gcTime: 0,
  })
  const doMove = useWrite(
    () => move(to?.id ?? ''),
    () => {
      saved('Moved.')
      onDone()
    },
  )
  if (!to)
    return (
      <div className="max-w-[460px]">
        <Finder label={label} queryKey={`move ${label}`} find={find} onChosen={setTo} onLeave={onDone} />
      </div>
    )
  return (
    <div className="max-w-[560px]" role="status">
      <p className="heads mt-1 font-semibold">What it changes</p>
      {said.error && <p className="text-madder">{said.error.message}</p>}
      <ul className="font-serif text-[16px]">
        {said.data?.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <p className="mt-1 flex gap-4">
        <button
          type="button"
          className="act-main"
          autoFocus
          disabled={!said.data || doMove.isPending}
          onClick={() => doMove.mutate(undefined)}
        >
          Move
        </button>
        <button type="button" className="act" onClick={() => setTo(null)}>
          Somebody else
        </button>
        <button type="button" className="act" onClick={onDone}>
          Cancel
        </button>
      </p>
    </div>
  )
}

function Choice(props: {
  label: string
  value: string
  options: (readonly [string, string] | string[])[]
  onChoose: (value: string) => void
}) {
  return (
    <select
      className="gap"
      aria-label={props.label}
      value={props.value}
      onChange={(event) => props.onChoose(event.target.value)}
    >
      {props.options.map(([value, says]) => (
        <option key={value} value={value}>
          {says}
        </option>
      ))}
    </select>
  )
}
