import { useQuery } from '@tanstack/react-query'
import { Link, useNavigate } from 'react-router'
import { api, asRead, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { DoublesOfThing } from '../../parts/DoublesOfThing'
import { DatingSettingForm } from '../../parts/DatingSettingForm'
import { AttachedPictures } from '../pictures/AttachedPictures'
import { PlaceHeading } from './PlaceHeading'
import { PlaceHistory } from './PlaceHistory'
import { TextsOf } from '../../parts/TextsOf'
import { saved } from '../../parts/saved'
import { queries } from '../../api/queries'

/** A place: what is said of it over time, what lies in it, and what happened there; in the margin, the words that stand for it. */
export function PlacePage({ id }: { id: string }) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const at = { path: { tree, place: id } }
  const { data, error } = useQuery(queries.place(tree, id))
  const { data: pictures } = useQuery(queries.picturesOfPlace(tree, id))
  const reckon = useWrite(
    (body: Schemas['DatingSettingInput']) =>
      unwrap(api.PUT('/api/trees/{tree}/places/{place}/reckoning', { params: at, body })),
    () => saved('Saved. Dates there were read again.'),
  )
  const remove = useWrite(
    () =>
      unwrap(api.DELETE('/api/trees/{tree}/places/{place}', { params: at, ...asRead(data?.version ?? 0) })),
    () => {
      saved('Deleted.')
      void navigate(path('places'))
    },
  )
  if (error) return <p className="p-6 text-madder">{error.message}</p>
  if (!data) return <p className="p-6 text-graphite">One moment…</p>
  return (
    <div className="grid min-h-full grid-cols-[minmax(0,1fr)_300px] max-lg:block">
      <section className="px-6 py-3" aria-label={data.name}>
        <PlaceHeading place={data} />
        <PlaceHistory place={data} />
        <h3 className="heads mt-4 font-semibold">How its registers are dated</h3>
        <DatingSettingForm
          said={data.reckoning}
          otherwise={data.reckonedAs || 'Nothing is said of how dates were written here.'}
          saving={reckon.isPending}
          onKeep={(said) => reckon.mutate(said)}
        />
        {data.inner.length > 0 && (
          <>
            <h3 className="heads mt-4 font-semibold">What lies in it</h3>
            <p className="leading-7">
              {data.inner.map((one, index) => (
                <span key={one.id}>
                  {index > 0 && ' · '}
                  <Link className="act font-serif text-[16px]" to={path(`places/${one.id}`)}>
                    {one.name}
                  </Link>
                </span>
              ))}
            </p>
          </>
        )}
        <h3 className="heads mt-4 flex items-baseline justify-between font-semibold">
          What happened here
          <span className="font-normal">
            {data.factCount > data.facts.length && `first ${data.facts.length} of ${data.factCount} · `}
            <Link className="act" to={path(`people?place=${id}`)}>
              People who were here
            </Link>
          </span>
        </h3>
        <ul className="border-t border-rule">
          {data.facts.map((fact, index) => (
            <li
              key={index}
              className="grid grid-cols-[140px_110px_minmax(0,1fr)] gap-x-3 border-b border-rule py-[3px]"
            >
              <span className="truncate">{fact.date}</span>
              <span className="truncate text-graphite">{fact.word}</span>
              <Link className="act truncate font-serif text-[16px]" to={path(`people/${fact.personId}`)}>
                {fact.person}
              </Link>
            </li>
          ))}
        </ul>
        {data.facts.length === 0 && <p className="text-graphite">Nothing that is known to you yet.</p>}
      </section>
      <aside aria-label="Margin" className="space-y-5 border-l border-rule px-5 py-4 max-lg:border-l-0">
        <section>
          <h3 className="heads font-semibold">Words that stand for it</h3>
          {data.wordings.length === 0 && <p className="text-graphite">None yet.</p>}
          <ul>
            {data.wordings.map((wording) => (
              <li key={wording.typed} className="flex items-baseline justify-between gap-3">
                <span className="font-serif text-[15px]">{wording.typed}</span>
                <span className="text-[13px] whitespace-nowrap text-graphite">{wording.facts}</span>
              </li>
            ))}
          </ul>
        </section>
        <section>
          <h3 className="heads font-semibold">Told of it</h3>
          <p className="flex flex-wrap gap-x-4">
            <TextsOf of={{ place: id }} begin="Write of this place" />
          </p>
        </section>
        <AttachedPictures pictures={pictures?.pictures ?? []} on={{ placeId: id }} />
        <DoublesOfThing kind="place" id={id} name={data.name} to={(other) => path(`places/${other}`)} />
        <p className="text-[14px]">
          <button type="button" className="act" onClick={() => remove.mutate(undefined)}>
            Delete this place
          </button>{' '}
          <span className="text-graphite">
            {data.deleting}
            {data.inner.length > 0 && '; what lies in it stays'}.
          </span>
        </p>
      </aside>
    </div>
  )
}
