import { useState, type KeyboardEvent } from 'react'
import { api, asRead, unwrap, type Schemas } from '../../../api/client'
import { useTreeId, useWrite, type Person } from '../../../api/useTree'
import { EditConflict } from '../../../parts/EditConflict'
import { NameStanding } from './NameStanding'
import { NewField } from '../../../parts/NewField'
import { useDraft } from '../../../parts/useDraft'
import { SaveOrCancel } from '../../../parts/SaveOrCancel'

type Name = Schemas['NameResource']

const KINDS: Record<string, string> = {
  birth: 'birth name',
  married: 'married name',
  aka: 'also known as',
  religious: 'religious name',
  immigrant: 'after migration',
  maiden: 'maiden name',
  professional: 'professional name',
  other: 'other name',
  unstated: 'not said',
}

/** Every name, each with its kind, changed where it stands. */
export function Names({ person }: { person: Person }) {
  const tree = useTreeId()
  const [inHand, setInHand] = useState('')
  const [refused, setRefused] = useState('')
  const [kind, setKind] = useState('aka')
  const add = useWrite(
    ({ typed, again }: { typed: string; again: boolean }) =>
      unwrap(
        api.POST('/api/trees/{tree}/people/{person}/names', {
          params: { path: { tree, person: person.id } },
          body: { typed, kind, again },
        }),
      ),
    () => setRefused(''),
  )
  const remove = useWrite((name: { id: string; version: number }) =>
    unwrap(
      api.DELETE('/api/trees/{tree}/names/{name}', {
        params: { path: { tree, name: name.id } },
        ...asRead(name.version),
      }),
    ),
  )
  return (
    <section aria-label="Names">
      <h2 className="heads font-semibold">Names</h2>
      <ul>
        {person.names.map((name, index) =>
          inHand === name.id ? (
            <li key={name.id}>
              <ChangeName name={name} onDone={() => setInHand('')} />
              {person.names.length > 1 && <NameStanding name={name} onDone={() => setInHand('')} />}
            </li>
          ) : (
            <li key={name.id} className="flex items-baseline gap-3">
              <button
                type="button"
                className={`text-left font-serif text-[16px] hover:text-tide
                  ${name.standing === 'ruled out' ? 'text-graphite line-through' : ''}`}
                title="Change the name"
                onClick={() => setInHand(name.id)}
              >
                {name.shown}
              </button>
              <span className="text-[13px] text-graphite">{name.kindWord}</span>
              {name.standing !== 'unweighed' && (
                <span className="text-[13px] text-ochre">{name.standing}</span>
              )}
              {index > 0 && (
                <button type="button" className="act text-[13px]" onClick={() => remove.mutate(name)}>
                  Delete
                </button>
              )}
            </li>
          ),
        )}
      </ul>
      <NewField
        label="Another name"
        placeholder="another name"
        draftKey={`name of ${person.id}`}
        onSave={(typed) => {
          setRefused(typed)
          return add.mutateAsync({ typed, again: false })
        }}
      >
        <KindOf value={kind} onValue={setKind} label="Kind of the new name" />
      </NewField>
      {add.error?.details.again === true && (
        <p role="alert" className="text-[14px] text-ochre">
          {add.error.message}{' '}
          <button type="button" className="act" onClick={() => add.mutate({ typed: refused, again: true })}>
            Add it all the same
          </button>
        </p>
      )}
    </section>
  )
}

function ChangeName({ name, onDone }: { name: Name; onDone: () => void }) {
  const tree = useTreeId()
  const [typed, setTyped, forget] = useDraft(`changed name ${name.id}`, name.typed)
  const leave = () => {
    forget()
    onDone()
  }
  const [kind, setKind] = useState(name.kind)
  const save = useWrite(
    () =>
      unwrap(
        api.PATCH('/api/trees/{tree}/names/{name}', {
          params: { path: { tree, name: name.id } },
          body: { typed, kind, version: name.version },
        }),
      ),
    leave,
  )
  const pressed = (event: KeyboardEvent) => {
    if (event.key === 'Enter' && typed.trim() !== '') save.mutate(undefined)
    if (event.key === 'Escape') leave()
  }
  return (
    <div className="border-l-2 border-tide pl-2">
      <p className="flex gap-2">
        <input
          className="gap min-w-0 grow font-serif"
          aria-label="Name, the surname between slashes if need be"
          autoFocus
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          onKeyDown={pressed}
        />
        <KindOf value={kind} onValue={setKind} label="Kind of name" />
      </p>
      <SaveOrCancel onSave={() => save.mutate(undefined)} onLeave={leave} />
      <EditConflict problem={save.error} />
    </div>
  )
}

function KindOf(props: { value: string; onValue: (kind: string) => void; label: string }) {
  return (
    <select
      className="gap w-[112px] text-[13px]"
      aria-label={props.label}
      value={props.value}
      onChange={(event) => props.onValue(event.target.value)}
    >
      {Object.entries(KINDS).map(([kind, says]) => (
        <option key={kind} value={kind}>
          {says}
        </option>
      ))}
    </select>
  )
}
