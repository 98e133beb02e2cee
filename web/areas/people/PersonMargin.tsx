import { useNavigate } from 'react-router'
import { api, told } from '../../api/client'
import { useTreeId, useTreePath, useWrite, type Person } from '../../api/useTree'
import { Belonging } from './Belonging'
import { HistoryOf } from './HistoryOf'
import { LivingWord } from './LivingWord'
import { Names } from './Names'
import { Notes } from './Notes'
import { OnRecords } from './OnRecords'
import { PicturesOf } from './PicturesOf'
import { Restricted } from '../../parts/Restricted'
import { Tasks } from './Tasks'
import { WhenTheyLived } from './WhenTheyLived'
import { Confirm } from '../../parts/Confirm'
import { KeptLines } from '../../parts/KeptLines'
import { saved } from '../../parts/saved'
import { count } from '../../parts/count'
import { gone } from '../../shell/trail'

/** What belongs to the person as a whole, while no fact is in hand. */
export function PersonMargin({ person }: { person: Person }) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const at = { path: { tree, person: person.id } }
  const setSex = useWrite((sex: string) =>
    told(
      api.PATCH('/api/trees/{tree}/people/{person}', { params: at, body: { sex, version: person.version } }),
    ),
  )
  const restrict = useWrite((restriction: string) =>
    told(
      api.PATCH('/api/trees/{tree}/people/{person}', {
        params: at,
        body: { restriction, version: person.version },
      }),
    ),
  )
  const unlink = useWrite(
    () => told(api.POST('/api/trees/{tree}/people/{person}/unlink', { params: at, body: {} })),
    (done) => saved(`${done.said}`),
  )
  const remove = useWrite(
    () => told(api.DELETE('/api/trees/{tree}/people/{person}', { params: at })),
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
      <OnRecords key={person.id} person={person} />
      <WhenTheyLived key={`window ${person.id}`} person={person.id} />
      <PicturesOf key={`pictures ${person.id}`} person={person.id} />
      <label className="flex items-baseline gap-3">
        <span className="heads font-semibold">Sex</span>
        <select className="gap" value={person.sex} onChange={(event) => setSex.mutate(event.target.value)}>
          <option value="F">female</option>
          <option value="M">male</option>
          <option value="X">other</option>
          <option value="U">not known</option>
        </select>
      </label>
      <LivingWord person={person} />
      <Restricted value={person.restriction} of={person.name} onSay={(words) => restrict.mutate(words)} />
      <Notes
        subject={person.id}
        notes={person.notes}
        add={(text) =>
          told(
            api.POST('/api/trees/{tree}/people/{person}/notes', {
              params: at,
              body: { text, isResearch: false },
            }),
          )
        }
      />
      <Tasks person={person} />
      <Belonging person={person} />
      <KeptLines kept={person.kept} />
      <HistoryOf key={`history ${person.id}`} person={person.id} />
      <Confirm
        trigger="Delete this person"
        title={`Delete ${person.name}?`}
        says={`With ${person.sex === 'F' ? 'her' : person.sex === 'M' ? 'him' : 'them'} go ${person.deleting}. It can be restored from the journal. If the person did live and only the ties are wrong, unlink them instead; if somebody is in the tree twice, keep both until they are joined.`}
        {...(person.parentSets.length + person.unions.length > 0
          ? { instead: { says: 'Unlink from all kin', onChosen: () => unlink.mutate(undefined) } }
          : {})}
        onDelete={() => remove.mutate(undefined)}
      />
    </div>
  )
}
