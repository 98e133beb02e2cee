import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { toast } from 'sonner'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { EditConflict } from '../../parts/EditConflict'
import { DoublesOfThing } from '../../parts/DoublesOfThing'
import { DatingSettingForm } from '../../parts/DatingSettingForm'
import { StyledText } from '../../parts/StyledText'
import { useCommands } from '../../keys/commandRegistry'
import { hold } from '../../api/heldCitation'
import { Notes } from '../../parts/Notes'
import { NewRecord } from './NewRecord'
import { CitedFacts } from './CitedFacts'
import { RepositoryOfSource } from './RepositoryOfSource'
import { UnmappedLines } from '../../parts/UnmappedLines'
import { forgetSource, SourceSentence, wordsOf, type SourceWords } from './SourceSentence'
import { saved } from '../../parts/saved'
import { count } from '../../parts/count'
import { queries } from '../../api/queries'

/** A source in its three forms, its records, and everything that rests on them. */
export default function SourcePage() {
  const tree = useTreeId()
  const path = useTreePath()
  const id = useParams().source ?? ''
  const [changing, setChanging] = useState(false)
  const [beginning, setBeginning] = useState(false)
  const { data, error } = useQuery(queries.source(tree, id))
  const change = useWrite(
    (words: SourceWords) =>
      unwrap(
        api.PATCH('/api/trees/{tree}/sources/{source}', {
          params: { path: { tree, source: id } },
          body: { ...words, version: data?.source.version ?? 0 },
        }),
      ),
    () => {
      forgetSource(`${tree}:${id}`)
      setChanging(false)
    },
  )
  const reckon = useWrite(
    (body: Schemas['DatingSettingInput']) =>
      unwrap(
        api.PUT('/api/trees/{tree}/sources/{source}/reckoning', {
          params: { path: { tree, source: id } },
          body,
        }),
      ),
    () => saved('Saved. Dates cited to it were read again.'),
  )
  const holdSource = () => {
    const title = data?.source.listName || data?.source.title || ''
    hold(tree, { name: title, sourceId: id, title, locator: '' })
    toast.success('Held: every fact that you enter is cited by it until you release it.')
  }
  useCommands([
    { key: 'h', says: 'Hold a citation of this source', run: holdSource },
    { key: 'c', says: 'Change this source', run: () => setChanging(true) },
    { key: 'a', says: 'Add a record of this source', run: () => setBeginning(true) },
  ])
  if (error) return <p className="p-6 text-madder">{error.message}</p>
  if (!data) return <p className="p-6 text-graphite">One moment…</p>
  const { source, records, notes, repository } = data
  return (
    <div className="grid h-full grid-cols-[minmax(0,2fr)_minmax(300px,1fr)] max-lg:block max-lg:overflow-auto">
      <section className="overflow-auto px-6 py-3">
        <h1 className="font-serif text-[26px] leading-tight">{source.listName || source.title}</h1>
        {changing ? (
          <div className="mt-3">
            <SourceSentence
              initial={wordsOf(source)}
              id={id}
              draftKey={`${tree}:${id}`}
              saving={change.isPending}
              onKeep={(words) => change.mutate(words)}
              onLeave={() => setChanging(false)}
            />
            <EditConflict problem={change.error} />
          </div>
        ) : (
          <p className="flex gap-4">
            <button type="button" className="act" onClick={() => setChanging(true)}>
              Change <kbd>c</kbd>
            </button>
            <button type="button" className="act" onClick={holdSource}>
              Hold a citation of it <kbd>h</kbd>
            </button>
          </p>
        )}
        <h2 className="heads mt-5 font-semibold">Its records, and what they support</h2>
        {beginning ? (
          <NewRecord source={id} onLeave={() => setBeginning(false)} />
        ) : (
          <button type="button" className="act" onClick={() => setBeginning(true)}>
            Add a record <kbd>a</kbd>
          </button>
        )}
        {records.length === 0 && (
          <p className="mt-1">Nothing yet. Add a record, or choose a fact and cite it from there.</p>
        )}
        {records.map((record) => (
          <div key={record.id} className="border-b border-rule py-2">
            <h3 className="flex flex-wrap items-baseline gap-x-3">
              <Link className="act font-serif text-[17px]" to={path(`records/table/${record.id}`)}>
                {record.locator || 'without a page'}
              </Link>
              <span className="text-[14px] text-graphite">
                {[record.kind, record.date, record.place].filter(Boolean).join(', ')}
              </span>
              <button
                type="button"
                className="act text-[13px]"
                onClick={() =>
                  hold(tree, {
                    name: [source.listName || source.title, record.locator].filter(Boolean).join(', '),
                    sourceId: id,
                    title: source.listName || source.title,
                    locator: record.locator,
                  })
                }
              >
                Hold
              </button>
              {record.lines > 0 && (
                <span className="text-[14px] text-graphite">
                  {count(record.lines, 'line')}
                  {record.unplaced > 0 && <span className="text-ochre">, {record.unplaced} unplaced</span>}
                </span>
              )}
            </h3>
            <CitedFacts facts={record.facts} />
          </div>
        ))}
      </section>
      <aside aria-label="Margin" className="overflow-auto border-l border-rule px-5 py-4 max-lg:border-l-0">
        {[
          ['Full note', source.fullNote] as const,
          ['Short note', source.shortNote] as const,
          ['Bibliography', source.bibliography] as const,
        ].map(([name, words]) => (
          <section key={name} className="mb-5">
            <h2 className="heads font-semibold">{name}</h2>
            <p className="font-serif text-[16px]">
              <StyledText words={words} />
            </p>
          </section>
        ))}
        <section className="mb-5">
          <h2 className="heads font-semibold">How it writes dates</h2>
          <DatingSettingForm
            said={source.reckoning}
            otherwise="As the place does that a fact happened at."
            saving={reckon.isPending}
            onKeep={(said) => reckon.mutate(said)}
          />
        </section>
        <div className="mb-5">
          <Notes
            subject={id}
            notes={notes}
            of=" on the source"
            add={(text) =>
              unwrap(
                api.POST('/api/trees/{tree}/sources/{source}/notes', {
                  params: { path: { tree, source: id } },
                  body: { text, isResearch: false },
                }),
              )
            }
          />
        </div>
        <div className="mb-5">
          <DoublesOfThing
            kind="source"
            id={id}
            name={source.listName || source.title}
            to={(other) => path(`records/${other}`)}
          />
        </div>
        {repository && <RepositoryOfSource key={repository.id} repository={repository} />}
        <UnmappedLines kept={data.kept} />
        {source.callNumber !== '' && (
          <section>
            <h2 className="heads font-semibold">Call number</h2>
            <p>{source.callNumber}</p>
          </section>
        )}
      </aside>
    </div>
  )
}
