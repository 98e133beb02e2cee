import { useState } from 'react'
import { api, asRead, unwrap, type Schemas } from '../api/client'
import { useTreeId, useWrite } from '../api/useTree'
import { NewField } from './NewField'
import { useDraft } from './useDraft'

type Note = Schemas['NoteResource']
type Props = {
  /** Id of what they are about. */
  subject: string
  notes: Note[]
  add: (text: string) => Promise<unknown>
  of?: string
}

/** Notes where they stand; each is changed in its place, an empty gap takes the next. */
export function Notes({ subject, notes, add, of = '' }: Props) {
  const tree = useTreeId()
  const [inHand, setInHand] = useState('')
  const keep = useWrite(add)
  const change = useWrite(
    ({ note, text, isResearch }: { note: Note; text: string; isResearch: boolean }) =>
      unwrap(
        api.PATCH('/api/trees/{tree}/notes/{note}', {
          params: { path: { tree, note: note.id } },
          body: { text, isResearch, version: note.version },
        }),
      ),
    () => setInHand(''),
  )
  const remove = useWrite((note: { id: string; version: number }) =>
    unwrap(
      api.DELETE('/api/trees/{tree}/notes/{note}', {
        params: { path: { tree, note: note.id } },
        ...asRead(note.version),
      }),
    ),
  )
  return (
    <section aria-label={`Notes${of}`}>
      <h3 className="heads font-semibold">Notes{of}</h3>
      {notes.map((note) =>
        inHand === note.id ? (
          <NoteText
            key={note.id}
            id={note.id}
            start={note.text}
            onKeep={(text) => change.mutate({ note, text, isResearch: note.isResearch })}
            onLeave={() => setInHand('')}
          />
        ) : (
          <div key={note.id} className="group mb-2">
            <p className="font-serif text-[16px] whitespace-pre-wrap">{note.text}</p>
            <p className="flex gap-4 text-[13px]">
              <button type="button" className="act" onClick={() => setInHand(note.id)}>
                Change
              </button>
              <button
                type="button"
                className="act"
                title="Research notes stand apart and are not printed unless asked for"
                onClick={() => change.mutate({ note, text: note.text, isResearch: !note.isResearch })}
              >
                {note.isResearch ? 'Print it too' : 'For research only'}
              </button>
              <button type="button" className="act" onClick={() => remove.mutate(note)}>
                Delete
              </button>
            </p>
            {note.isResearch && <p className="text-[13px] text-graphite">for research, not printed</p>}
          </div>
        ),
      )}
      <NewField
        label={`Another note${of}`}
        placeholder="a note"
        draftKey={`note ${subject}`}
        onSave={(text) => keep.mutateAsync(text)}
        isLong
      />
    </section>
  )
}

function NoteText(props: { id: string; start: string; onKeep: (text: string) => void; onLeave: () => void }) {
  const [text, setText, forget] = useDraft(`changed note ${props.id}`, props.start)
  const leave = () => {
    forget()
    props.onLeave()
  }
  return (
    <div className="mb-2 border-l-2 border-tide pl-3">
      <textarea
        className="gap w-full"
        rows={5}
        aria-label="The note"
        autoFocus
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => event.key === 'Escape' && leave()}
      />
      <p className="flex gap-4">
        <button
          type="button"
          className="act-main"
          disabled={text.trim() === ''}
          onClick={() => {
            props.onKeep(text)
            forget()
          }}
        >
          Save
        </button>
        <button type="button" className="act" onClick={leave}>
          Cancel
        </button>
      </p>
    </div>
  )
}
