import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { api, unwrap } from '../../api/client'
import { useTree, useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { DoublesOfThing } from '../../parts/DoublesOfThing'
import { EditConflict } from '../../parts/EditConflict'
import { Finder } from '../../parts/Finder'
import { findPeople } from '../../parts/findPeople'
import { FaceCut } from '../../parts/page/FaceCut'
import type { StripPlace, View } from '../../parts/page/geometry'
import { PageFrame } from '../../parts/page/PageFrame'
import { PersonLink } from '../../parts/PersonLink'
import { RestrictionField } from '../../parts/RestrictionField'
import { SaveOrCancel } from '../../parts/SaveOrCancel'
import { queries } from '../../api/queries'

/** A picture, who is on it, and what it is on; a face can be cut out of it for a portrait. */
export default function PicturePage() {
  const tree = useTreeId()
  const path = useTreePath()
  const { data: about } = useTree()
  const id = useParams().picture ?? ''
  const [view, setView] = useState<View | null>(null)
  const [cut, setCut] = useState<StripPlace | null>(null)
  const [title, setTitle] = useState<string | null>(null)
  const at = { params: { path: { tree, media: id } } }
  const { data, error } = useQuery(queries.picture(tree, id))
  const call = useWrite(
    (words: string) =>
      unwrap(
        api.PATCH('/api/trees/{tree}/pictures/{media}', {
          ...at,
          body: { title: words, version: data?.version ?? 0 },
        }),
      ),
    () => setTitle(null),
  )
  const restrict = useWrite((restriction: string) =>
    unwrap(
      api.PATCH('/api/trees/{tree}/pictures/{media}', {
        ...at,
        body: { restriction, version: data?.version ?? 0 },
      }),
    ),
  )
  const tag = useWrite(
    (said: { personId?: string; words?: string }) =>
      unwrap(
        api.POST('/api/trees/{tree}/pictures/{media}/regions', {
          ...at,
          body: {
            page: cut?.page ?? 0,
            left: cut?.left ?? 0,
            top: cut?.top ?? 0,
            width: cut?.width ?? 1,
            height: cut?.height ?? 1,
            ...said,
          },
        }),
      ),
    () => setCut(null),
  )
  const portrait = useWrite((region: string) =>
    unwrap(api.POST('/api/trees/{tree}/regions/{region}/portrait', { params: { path: { tree, region } } })),
  )
  const untag = useWrite((region: string) =>
    unwrap(api.DELETE('/api/trees/{tree}/regions/{region}', { params: { path: { tree, region } } })),
  )
  const [words, setWords] = useState('')
  if (error) return <p className="p-6 text-madder">{error.message}</p>
  if (!data) return <p className="p-6 text-graphite">One moment…</p>
  const name = data.title || (data.path.split('/').at(-1) ?? '')
  return (
    <div className="grid h-full grid-cols-[minmax(0,2fr)_minmax(300px,1fr)] max-lg:block max-lg:overflow-auto">
      <section aria-label="The picture" className="min-h-0 max-lg:h-[360px]">
        {data.state === 'ready' ? (
          <PageFrame
            image={id}
            media={id}
            title={name}
            pages={data.pages}
            view={view}
            onView={setView}
            ruler={cut}
            isProposed={false}
            onRuler={setCut}
            onLeave={() => setCut(null)}
            isWide={false}
            isRegion
            marks={data.regions.map((region) => ({ ...region, label: region.person || region.words }))}
          />
        ) : (
          <p className="p-6 text-graphite" role="status">
            {data.state === 'failed' ? data.problem : 'It is being made ready for looking at …'}
          </p>
        )}
      </section>
      <aside
        aria-label="Margin"
        className="space-y-5 overflow-auto border-l border-rule px-5 py-4 max-lg:border-l-0"
      >
        {title === null ? (
          <h1 className="font-serif text-[22px] leading-tight">
            <button type="button" className="text-left hover:text-tide" onClick={() => setTitle(data.title)}>
              {name}
            </button>
          </h1>
        ) : (
          <>
            <input
              className="gap w-full font-serif text-[20px]"
              aria-label="Title of the picture"
              autoFocus
              value={title}
              onChange={(event) => setTitle(event.target.value)}
              onKeyDown={(event) => {
                if (event.key === 'Enter') call.mutate(title)
                if (event.key === 'Escape') setTitle(null)
              }}
            />
            <SaveOrCancel onSave={() => call.mutate(title)} onLeave={() => setTitle(null)} />
          </>
        )}
        <EditConflict problem={call.error ?? restrict.error} />
        {about?.role !== 'reader' && (
          <RestrictionField value={data.restriction} of={name} onSay={restrict.mutate} />
        )}
        {cut ? (
          <section aria-label="Who is it" className="border-l-2 border-tide pl-3">
            <h2 className="heads font-semibold">Who is it?</h2>
            <Finder
              label="Somebody of the tree"
              queryKey="tag"
              find={(q) => findPeople(tree, q)}
              onChosen={(found) => tag.mutate({ personId: found.id })}
              onLeave={() => setCut(null)}
            />
            <form
              className="mt-2 flex items-baseline gap-3"
              onSubmit={(event) => {
                event.preventDefault()
                tag.mutate({ words })
                setWords('')
              }}
            >
              <input
                className="gap grow"
                aria-label="Or in words"
                placeholder="or in words"
                value={words}
                onChange={(event) => setWords(event.target.value)}
              />
              <button className="act" disabled={words.trim() === ''}>
                Save
              </button>
            </form>
          </section>
        ) : (
          <p className="text-[13px] text-graphite">
            Click on a face, or choose <em>draw a frame</em> and draw round it; from the keyboard{' '}
            <kbd>Enter</kbd> lays a frame, Shift with arrows moves it, <kbd>&lt;</kbd> <kbd>&gt;</kbd> size
            it.
          </p>
        )}
        <section>
          <h2 className="heads font-semibold">On it</h2>
          {data.regions.length === 0 && <p>Nobody is named yet.</p>}
          <ul className="space-y-2">
            {data.regions.map((region) => {
              const page = data.pages[region.page]
              return (
                <li key={region.id} className="flex items-center gap-3">
                  {page && (
                    <FaceCut
                      cut={region}
                      media={id}
                      page={page}
                      side={44}
                      label={region.person || region.words}
                    />
                  )}
                  <span className="min-w-0 grow">
                    {region.personId !== '' ? (
                      <span className="font-serif text-[16px]">
                        <PersonLink id={region.personId}>{region.person}</PersonLink>
                      </span>
                    ) : (
                      region.words
                    )}
                    <span className="flex gap-3 text-[13px]">
                      {region.personId !== '' && !region.isPortrait && (
                        <button type="button" className="act" onClick={() => portrait.mutate(region.id)}>
                          Cut for the portrait
                        </button>
                      )}
                      {region.isPortrait && <span className="text-graphite">the portrait</span>}
                      <button type="button" className="act" onClick={() => untag.mutate(region.id)}>
                        Remove
                      </button>
                    </span>
                  </span>
                </li>
              )
            })}
          </ul>
        </section>
        <DoublesOfThing kind="file" id={id} name={name} to={(other) => path(`pictures/${other}`)} />
        <section>
          <h2 className="heads font-semibold">It is on</h2>
          {data.on.length === 0 && <p className="text-graphite">Nothing yet.</p>}
          <ul>
            {data.on.map((one) => (
              <li key={one.imageId}>
                <Link className="act" to={path(one.link)}>
                  {one.says}
                </Link>
              </li>
            ))}
          </ul>
        </section>
        <p className="text-[13px] text-graphite">
          {data.type}, {Math.max(1, Math.round(data.bytes / 1024)).toLocaleString('en-GB')} kB.{' '}
          <a className="act" href={`/api/trees/${tree}/media/${id}/original`} download>
            The original
          </a>
        </p>
      </aside>
    </div>
  )
}
