import { useEffect, useState } from 'react'
import { useNavigate } from 'react-router'
import { toast } from 'sonner'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTree, useTreeId, useWrite } from '../../api/useTree'
import { useTrail } from '../../parts/trail'
import { DatingSettingForm } from '../../parts/DatingSettingForm'
import { CopyTree } from './CopyTree'
import { OwnCentre } from './OwnCentre'
import { NameVariants } from './NameVariants'
import { EventKinds } from './EventKinds'
import { WorldEvents } from './WorldEvents'
import { Confirm } from '../../parts/Confirm'
import { InlineTextField } from '../../parts/InlineTextField'
import { count } from '../../parts/count'

/** The tree itself: its name, the person at its centre, and its end. */
export default function TreePage() {
  const tree = useTreeId()
  const navigate = useNavigate()
  const { data } = useTree()
  const trail = useTrail(tree)
  const [name, setName] = useState('')
  const [typed, setTyped] = useState('')
  useEffect(() => setName(data?.name ?? ''), [data?.name])
  const change = useWrite(
    (body: Schemas['TreeInput']) =>
      unwrap(api.PATCH('/api/trees/{tree}', { params: { path: { tree } }, body })),
    () => toast.success('Saved.'),
  )
  const reckon = useWrite(
    (body: Schemas['DatingSettingInput']) =>
      unwrap(api.PUT('/api/trees/{tree}/reckoning', { params: { path: { tree } }, body })),
    () => toast.success('Saved. Dates were read again.'),
  )
  const remove = useWrite(
    () => unwrap(api.DELETE('/api/trees/{tree}', { params: { path: { tree } }, body: { name: typed } })),
    () => navigate('/trees'),
  )
  if (!data) return <p className="p-6 text-graphite">One moment…</p>
  return (
    <div className="max-w-[1160px] gap-x-14 px-6 py-3 lg:columns-2 [&>*]:mb-6 [&>*]:break-inside-avoid">
      <h1 className="font-serif text-[26px]">Tree</h1>
      <p>
        {count(data.people, 'person', 'people')}. Your role: {data.role}.
      </p>
      <form
        className="flex items-end gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          change.mutate({ name })
        }}
      >
        <label className="grow">
          <span className="heads">It is called</span>
          <input
            className="gap block w-full font-serif text-[20px]"
            value={name}
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        <button className="act-main" disabled={name.trim() === '' || name === data.name}>
          Rename
        </button>
      </form>
      <label className="block">
        <span className="heads">At its centre</span>
        <select
          className="gap block font-serif text-[17px]"
          value={data.centrePersonId ?? ''}
          disabled={data.role !== 'owner'}
          onChange={(event) => change.mutate({ centrePersonId: event.target.value })}
        >
          <option value="" disabled>
            nobody yet
          </option>
          {data.centrePersonId && !trail.some((step) => step.id === data.centrePersonId) && (
            <option value={data.centrePersonId}>{data.centreName}</option>
          )}
          {trail.map((step) => (
            <option key={step.id} value={step.id}>
              {step.name}
            </option>
          ))}
        </select>
        <span className="text-[13px] text-graphite">Chosen among the people that you saw last.</span>
      </label>
      <OwnCentre trail={trail} id={data.ownCentrePersonId ?? ''} name={data.ownCentreName} />
      {data.role === 'owner' && (
        <section>
          <h2 className="heads">Surnames</h2>
          <p className="leading-8">
            A child is offered{' '}
            <select
              className="gap"
              aria-label="What surname a child is offered"
              value={data.surnameCustom}
              onChange={(event) => change.mutate({ surnameCustom: event.target.value })}
            >
              {data.surnameCustoms.map((surnameCustom) => (
                <option key={surnameCustom.code} value={surnameCustom.code}>
                  {surnameCustom.word}
                </option>
              ))}
            </select>
          </p>
          <p className="leading-8">
            At a wedding{' '}
            <select
              className="gap"
              aria-label="Who takes whose name at a wedding"
              value={data.marriedCustom}
              onChange={(event) => change.mutate({ marriedCustom: event.target.value })}
            >
              <option value="wife">the wife takes the husband’s</option>
              <option value="keeps">each keeps their own</option>
            </select>
          </p>
          <p className="text-[13px] text-graphite">
            Offered and shown by rule, never stored. A family can have a custom of its own: open its tie.
          </p>
        </section>
      )}
      {data.role !== 'reader' && <EventKinds />}
      {data.role !== 'reader' && <NameVariants />}
      {data.role !== 'reader' && <WorldEvents />}
      {data.role === 'owner' && (
        <section>
          <h2 className="heads">How dates are written, where neither source nor place says</h2>
          <DatingSettingForm
            said={data.reckoning}
            otherwise="Nothing is said: 3/4/1902 stays two days, and a day before Lady Day of an old book two years."
            saving={reckon.isPending}
            onKeep={(said) => reckon.mutate(said)}
          />
        </section>
      )}
      {data.role === 'owner' && (
        <fieldset className="space-y-1">
          <legend className="heads">The living</legend>
          <p>
            Somebody without a death counts as dead{' '}
            <Years
              label="Years after the latest birth"
              value={data.deadYearsAfterBirth}
              onKeep={(years) => change.mutate({ deadYearsAfterBirth: years })}
            />{' '}
            years after the latest day on which they can have been born, or{' '}
            <Years
              label="Years after an event of an adult"
              value={data.deadYearsAfterAdultEvent}
              onKeep={(years) => change.mutate({ deadYearsAfterAdultEvent: years })}
            />{' '}
            years after something that only an adult has.
          </p>
          <label className="block">
            <input
              type="checkbox"
              checked={data.readersSeeLiving}
              onChange={(event) => change.mutate({ readersSeeLiving: event.target.checked })}
            />{' '}
            Readers of this tree see living people
          </label>
        </fieldset>
      )}
      {data.role === 'owner' && <CopyTree name={data.name} />}
      {data.role === 'owner' && (
        <Confirm
          trigger="Delete this tree"
          title={`Delete ${data.name}?`}
          says={`${count(data.people, 'person', 'people')} with every fact, source and tie go out of sight, and can be restored for thirty
            days from the list of your trees. To do it, type its name.`}
          disabled={typed.trim() !== data.name}
          onDelete={() => remove.mutate(undefined)}
        >
          <input
            className="gap mb-4 w-full"
            aria-label="Name of the tree"
            value={typed}
            onChange={(e) => setTyped(e.target.value)}
          />
        </Confirm>
      )}
    </div>
  )
}

function Years(props: { label: string; value: number; onKeep: (years: number) => void }) {
  return (
    <InlineTextField
      className="gap w-[48px] text-center"
      inputMode="numeric"
      aria-label={props.label}
      value={String(props.value)}
      onKeep={(typed) => {
        if (/^\d+$/.test(typed) && Number(typed) !== props.value) props.onKeep(Number(typed))
      }}
    />
  )
}
