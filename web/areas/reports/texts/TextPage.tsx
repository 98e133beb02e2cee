import type { JSONContent } from '@tiptap/react'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import type { Schemas } from '../../../api/client'
import { api, unwrap } from '../../../api/client'
import { queries } from '../../../api/queries'
import { useTreeId, useTreePath, useWrite } from '../../../api/useTree'
import { Confirm } from '../../../parts/Confirm'
import { count } from '../../../parts/count'
import { EditConflict } from '../../../parts/EditConflict'
import { Finder } from '../../../parts/Finder'
import { findPeople } from '../../../parts/findPeople'
import { saved } from '../../../parts/saved'
import { keyOf } from './keyOf'
import { Editing } from './Editing'
import { offersOf } from './offers'
import { renewed, toldOtherwise } from './renew'

type Text = Schemas['ProseResource']

const OF_NOBODY: Schemas['CallableThings'] = { facts: [], people: [], records: [], notes: [] }
const EMPTY: JSONContent = { type: 'doc', content: [{ type: 'paragraph' }] }

/** A life told in prose: one that is there, or a new one of whoever the address names. */
export default function TextPage() {
  const tree = useTreeId()
  const { text: id = '' } = useParams()
  const [query] = useSearchParams()
  const { data: text, error } = useQuery({ ...queries.text(tree, id), enabled: id !== 'new' })
  if (error) return <p className="p-6 text-madder">{error.message}</p>
  if (id !== 'new' && !text) return null
  // What somebody else saved is another text to begin from: the editor holds its own words.
  return (
    <Written
      key={`${id} ${text?.version ?? 0}`}
      text={text ?? null}
      about={{
        personId: text?.personId ?? query.get('person'),
        unionId: text?.unionId ?? query.get('union'),
        placeId: text?.placeId ?? query.get('place'),
      }}
    />
  )
}

type Draft = { title: string; body: JSONContent }

/** Whom or what a text is about. Of a couple, one of the two is who facts are called in from first. */
type About = { personId: string | null; unionId: string | null; placeId: string | null }

function Written({ text, about }: { text: Text | null; about: About }) {
  const { personId, unionId, placeId } = about
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const draftKey = `draft:${tree}:text:${text?.id ?? `new ${unionId ?? placeId ?? personId ?? ''}`}`
  const [from, setFrom] = useState(personId ?? '')
  const { data: subject } = useQuery({ ...queries.card(tree, from), enabled: from !== '' })
  const { data: things } = useQuery({ ...queries.callable(tree, from), enabled: from !== '' })
  const [draft, setDraft] = useState<Draft>(
    () => drafted(draftKey) ?? { title: text?.title ?? '', body: text?.body ?? EMPTY },
  )
  const [isDirty, setIsDirty] = useState(() => drafted(draftKey) !== null)
  const [begun, setBegun] = useState(0)
  const write = (next: Draft) => {
    setDraft(next)
    setIsDirty(true)
    sessionStorage.setItem(draftKey, JSON.stringify(next))
  }
  const { data: place } = useQuery({ ...queries.place(tree, placeId ?? ''), enabled: placeId !== null })
  const title =
    draft.title !== '' ? draft.title : unionId !== null ? '' : (place?.name ?? subject?.name ?? '')
  const today = useMemo(() => new Map((text?.facts ?? []).map((fact) => [keyOf(fact), fact])), [text])
  const keep = useWrite(
    () =>
      text
        ? unwrap(
            api.PUT('/api/trees/{tree}/texts/{text}', {
              params: { path: { tree, text: text.id } },
              body: { title, body: draft.body, version: text.version },
            }),
          )
        : unwrap(
            api.POST('/api/trees/{tree}/texts', {
              params: { path: { tree } },
              body: { title, body: draft.body, ...aboutOf(about) },
            }),
          ),
    ({ id }) => {
      sessionStorage.removeItem(draftKey)
      setIsDirty(false)
      saved('The text is saved.')
      if (!text) void navigate(path(`reports/texts/${id}`), { replace: true })
    },
  )
  const remove = useWrite(
    () =>
      unwrap(
        api.DELETE('/api/trees/{tree}/texts/{text}', { params: { path: { tree, text: text?.id ?? '' } } }),
      ),
    () => void navigate(path('reports/text')),
  )
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 's') return
      event.preventDefault()
      if (title !== '') keep.mutate(undefined)
    }
    window.addEventListener('keydown', pressed)
    return () => window.removeEventListener('keydown', pressed)
  })
  const changed = (text?.facts ?? []).filter((fact) => toldOtherwise(draft.body, fact))
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)_290px] max-lg:block max-lg:overflow-auto">
      <section className="flex min-h-0 flex-col overflow-auto px-8 py-4">
        <h1 className="sr-only">{title === '' ? 'A new text' : title}</h1>
        <input
          className="gap w-full font-serif text-[26px]"
          aria-label="Title"
          placeholder="Title"
          maxLength={200}
          value={title}
          onChange={(event) => write({ ...draft, title: event.target.value })}
        />
        <Editing
          // The editor holds its own words: it begins again from those that were renewed.
          key={begun}
          body={draft.body}
          offers={things || from === '' ? offersOf(things ?? OF_NOBODY) : null}
          today={today}
          onBody={(body) => write({ ...draft, body })}
        />
      </section>
      <aside
        aria-label="About the text"
        className="overflow-auto border-l border-rule px-5 py-4 max-lg:border-l-0"
      >
        <p className="flex flex-wrap items-baseline gap-x-4">
          <button
            type="button"
            className="act-main"
            disabled={keep.isPending || title === '' || (!isDirty && text !== null)}
            onClick={() => keep.mutate(undefined)}
          >
            Save
          </button>
          <kbd>Ctrl s</kbd>
          {text && (
            <Link className="act" to={path(`reports/text/${text.id}`)}>
              As it will be printed
            </Link>
          )}
        </p>
        <EditConflict problem={keep.error} />
        <p role="status" className="mt-1 text-[14px] text-graphite">
          {isDirty ? 'Not saved yet.' : text ? `${count(text.words, 'word')}, saved.` : ''}
        </p>
        {changed.length > 0 && (
          <section className="mt-4">
            <h2 className="text-[13px] text-madder">
              {count(changed.length, 'fact was', 'facts were')} changed since
            </h2>
            <ul>
              {changed.map((fact) => (
                <li key={keyOf(fact)}>{fact.isThere ? `now ${fact.today || 'nothing'}` : 'deleted'}</li>
              ))}
            </ul>
            <button
              type="button"
              className="act"
              onClick={() => {
                write({ ...draft, body: renewed(draft.body, today) })
                setBegun(begun + 1)
              }}
            >
              Renew all of them
            </button>
          </section>
        )}
        <h2 className="mt-4 text-[13px] text-graphite">Call in from</h2>
        <p className="font-serif text-[17px]">{subject?.name ?? 'nobody yet'}</p>
        <Finder
          label="Somebody else"
          queryKey="called"
          autoFocus={false}
          find={(q) => findPeople(tree, q)}
          onChosen={(found) => setFrom(found.id)}
        />
        {things && things.notes.length > 0 && (
          <>
            <h2 className="mt-4 text-[13px] text-graphite">{count(things.notes.length, 'note', 'notes')}</h2>
            <div
              role="region"
              aria-label="Notes to sum up"
              tabIndex={0}
              className="max-h-[220px] overflow-auto border-l-2 border-rule pl-3 font-serif text-[15px] whitespace-pre-line"
            >
              {things.notes.map((note, index) => (
                <p key={index} className="pb-2">
                  {note}
                </p>
              ))}
            </div>
          </>
        )}
        <p className="mt-3 text-[14px] text-graphite">
          Press <kbd>/</kbd> while you write, then words of what you want: <em>birth when</em>, a name, a
          source. Arrows choose, Enter takes it.
        </p>
        {text && (
          <p className="mt-6">
            <Confirm
              trigger="Delete the text"
              title={`Delete “${text.title}”?`}
              says="It can be undone, and restored from the journal."
              onDelete={() => remove.mutate(undefined)}
            />
          </p>
        )}
      </aside>
    </div>
  )
}

/** A couple has no other subject beside it. */
function aboutOf({ personId, unionId, placeId }: About) {
  if (unionId !== null) return { unionId }
  if (placeId !== null) return { placeId }
  return personId === null ? {} : { personId }
}

function drafted(place: string): Draft | null {
  const stored = sessionStorage.getItem(place)
  return stored === null ? null : (JSON.parse(stored) as Draft)
}
