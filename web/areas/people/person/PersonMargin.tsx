import { useNavigate } from 'react-router'
import { api, asRead, unwrap } from '../../../api/client'
import { useTreeId, useTreePath, useWrite, type Person } from '../../../api/useTree'
import { DoublesOfPerson } from './DoublesOfPerson'
import { GroupsAndMarks } from './GroupsAndMarks'
import { PersonHistory } from './PersonHistory'
import { LivingStatus } from './LivingStatus'
import { Names } from './Names'
import { Notes } from '../../../parts/Notes'
import { RelatedTo } from './RelatedTo'
import { RecordLines } from './RecordLines'
import { PersonPictures } from './PersonPictures'
import { RestrictionField } from '../../../parts/RestrictionField'
import { Tasks } from './Tasks'
import { LifeWindows } from './LifeWindows'
import { Confirm } from '../../../parts/Confirm'
import { UnmappedLines } from '../../../parts/UnmappedLines'
import { saved } from '../../../parts/saved'
import { count } from '../../../parts/count'
import { gone } from '../../../parts/trail'

/** What belongs to the person as a whole, while no fact is in hand. */
export function PersonMargin({ person }: { person: Person }) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const at = { path: { tree, person: person.id } }
  const setSex = useWrite((sex: string) =>
    unwrap(
      api.PATCH('/api/trees/{tree}/people/{person}', { params: at, body: { sex, version: person.version } }),
    ),
  )
  const restrict = useWrite((restriction: string) =>
    unwrap(
      api.PATCH('/api/trees/{tree}/people/{person}', {
        params: at,
        body: { restriction, version: person.version },
      }),
    ),
  )
  const unlink = useWrite(
    () => unwrap(api.POST('/api/trees/{tree}/people/{person}/unlink', { params: at, body: {} })),
    (done) => saved(`${done.said}`),
  )
  const remove = useWrite(
    () => unwrap(api.DELETE('/api/trees/{tree}/people/{person}', { params: at, ...asRead(person.version) })),
    () => {
      gone(tree, person.id)
      saved('Deleted.')
      void navigate(path('people'))
    },
  )
  const uncited = person.facts.filter((fact) => fact.citations.length === 0).length
  return (
    <div className="space-y-5">
      <section aria-label="Evidence">
        <h2 className="heads font-semibold">Evidence</h2>
        <p>
          {person.facts.length === 0
            ? 'No facts yet.'
            : uncited === 0
              ? person.facts.length === 1
                ? 'The one fact has a source.'
                : `All ${person.facts.length} facts have a source.`
              : `${person.facts.length - uncited} of ${count(person.facts.length, 'fact')} have a source; `}
          {uncited > 0 && person.facts.length > 0 && (
            <span className="text-ochre">
              {uncited.toLocaleString('en')} {uncited === 1 ? 'has' : 'have'} no source yet.
            </span>
          )}
        </p>
        <p className="text-[13px] text-graphite">Choose a fact to see what its records say.</p>
      </section>
      <Names person={person} />
      <RecordLines key={person.id} person={person} />
      <RelatedTo key={`related ${person.id}`} person={person} />
      <DoublesOfPerson key={`doubles ${person.id}`} person={person} />
      <LifeWindows key={`window ${person.id}`} person={person.id} />
      <PersonPictures key={`pictures ${person.id}`} person={person.id} />
      <label className="flex items-baseline gap-3">
        <span className="heads font-semibold">Sex</span>
        <select className="gap" value={person.sex} onChange={(event) => setSex.mutate(event.target.value)}>
          <option value="F">female</option>
          <option value="M">male</option>
          <option value="X">other</option>
          <option value="U">not known</option>
        </select>
      </label>
      <LivingStatus person={person} />
      <RestrictionField
        value={person.restriction}
        of={person.name}
        onSay={(words) => restrict.mutate(words)}
      />
      <Notes
        subject={person.id}
        notes={person.notes}
        add={(text) =>
          unwrap(
            api.POST('/api/trees/{tree}/people/{person}/notes', {
              params: at,
              body: { text, isResearch: false },
            }),
          )
        }
      />
      <Tasks person={person} />
      <GroupsAndMarks person={person} />
      <UnmappedLines kept={person.kept} />
      <PersonHistory key={`history ${person.id}`} person={person.id} />
      <Confirm
        trigger="Delete this person"
        title={`Delete ${person.name}?`}
        says={`With ${person.sex === 'F' ? 'her' : person.sex === 'M' ? 'him' : 'them'} go ${person.deleting}. It can be restored from the
          journal. If the person did live and only the ties are wrong, unlink them instead; if somebody is in the tree twice, keep both
          until they are joined.`}
        {...(person.parentSets.length + person.unions.length > 0
          ? { instead: { says: 'Unlink from all kin', onChosen: () => unlink.mutate(undefined) } }
          : {})}
        onDelete={() => remove.mutate(undefined)}
      />
    </div>
  )
}
