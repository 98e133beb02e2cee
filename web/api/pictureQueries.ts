import { isUnderWay } from './isUnderWay'
import { listOf, ofTree } from './asking'
import { api } from './client'

const AGAIN_MS = 1000

type State = { state: string }

/** Asks again until each picture of an answer can be looked at: they are made ready behind the scenes. */
export const untilReady = <T>(pictures: (answer: T) => readonly State[]) => ({
  refetchInterval: ({ state }: { state: { data?: T | undefined } }) =>
    state.data !== undefined && pictures(state.data).some(isUnderWay) ? AGAIN_MS : (false as const),
})

const OF = ({ pictures }: { pictures: readonly State[] }) => pictures

/** What can be asked of pictures and other files. */
export const pictureQueries = {
  pictures: (tree: string, q: string, untitled: boolean) => ({
    ...listOf('pictures', tree, [q, untitled], ['pictures', 'people', 'evidence', 'places'], (after) =>
      api.GET('/api/trees/{tree}/pictures', {
        params: { path: { tree }, query: { q, untitled: untitled ? '1' : '0', ...(after && { after }) } },
      }),
    ),
    ...untilReady(({ pages }: { pages: readonly { rows: readonly State[] }[] }) =>
      pages.flatMap(({ rows }) => rows),
    ),
  }),
  picture: (tree: string, media: string) => ({
    ...ofTree('picture', tree, [media], ['pictures', 'people', 'evidence', 'places'], () =>
      api.GET('/api/trees/{tree}/pictures/{media}', { params: { path: { tree, media } } }),
    ),
    ...untilReady((picture: State) => [picture]),
  }),
  picturesOfPerson: (tree: string, person: string) => ({
    ...ofTree('pictures-of-person', tree, [person], ['pictures', 'people'], () =>
      api.GET('/api/trees/{tree}/people/{person}/pictures', { params: { path: { tree, person } } }),
    ),
    ...untilReady(OF),
  }),
  picturesOfPlace: (tree: string, place: string) => ({
    ...ofTree('pictures-of-place', tree, [place], ['pictures', 'places'], () =>
      api.GET('/api/trees/{tree}/places/{place}/pictures', { params: { path: { tree, place } } }),
    ),
    ...untilReady(OF),
  }),
}
