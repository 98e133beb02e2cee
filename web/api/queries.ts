import { ASKED, KIN, LIFE, listOf, numberedListOf, ofNoTree, ofTree, READING, RECORD } from './asking'
import { api, type Schemas } from './client'
import { pictureQueries, untilReady } from './pictureQueries'
import { presentedQueries } from './presentedQueries'

export { asWords, type Handwork, type Options } from './presentedQueries'

export type PeopleAsked = {
  q: string
  sort: string
  sex: string
  only: string
  from: number | undefined
  to: number | undefined
  place: string
  /** The person whom everybody listed is told to be something to. */
  kin: string
  isDown: boolean
}

export type CouplesAsked = { q: string; without: string; sort: string; isDown: boolean }

/** What can be joined, beside people. */
export type JoinableKind = 'place' | 'source' | 'repository' | 'file'

const after = (from: string) => (from === '' ? {} : { after: from })

/** One query for each thing that can be asked. What it reads says when its answer is stale. */
export const queries = {
  session: () => ofNoTree('session', ['account'], () => api.GET('/api/session')),
  trees: () => ofNoTree('trees', ['trees', 'account'], () => api.GET('/api/trees')),
  deletedTrees: () => ofNoTree('deleted-trees', ['trees', 'account'], () => api.GET('/api/deleted-trees')),

  tree: (tree: string) =>
    ofTree('tree', tree, [], KIN, () => api.GET('/api/trees/{tree}', { params: { path: { tree } } })),
  nameVariants: (tree: string) =>
    ofTree('name-variants', tree, [], ['tree'], () =>
      api.GET('/api/trees/{tree}/name-variants', { params: { path: { tree } } }),
    ),
  worldEvents: (tree: string) =>
    ofTree('world-events', tree, [], ['tree'], () =>
      api.GET('/api/trees/{tree}/world-events', { params: { path: { tree } } }),
    ),
  desk: (tree: string) =>
    ofTree('desk', tree, [], [...LIFE, 'exchange', 'journal'], () =>
      api.GET('/api/trees/{tree}/desk', { params: { path: { tree } } }),
    ),
  jump: (tree: string, q: string) =>
    ofTree('jump', tree, [q], LIFE, () =>
      api.GET('/api/trees/{tree}/jump', { params: { path: { tree }, query: { q } } }),
    ),
  nearest: (tree: string, list: string, q: string) =>
    ofTree('nearest', tree, [list, q], LIFE, () =>
      api.GET('/api/trees/{tree}/nearest/{list}', { params: { path: { tree, list }, query: { q } } }),
    ),

  date: (tree: string, text: string, place: string) =>
    ofTree('date', tree, [text, place], READING, () =>
      api.GET('/api/trees/{tree}/reading/date', { params: { path: { tree }, query: { text, place } } }),
    ),
  sum: (tree: string, text: string) =>
    ofTree('sum', tree, [text], ['tree'], () =>
      api.GET('/api/trees/{tree}/reading/sum', { params: { path: { tree }, query: { text } } }),
    ),
  placeOffers: (tree: string, q: string) =>
    ofTree('place-offers', tree, [q], READING, () =>
      api.GET('/api/trees/{tree}/reading/places', { params: { path: { tree }, query: { q } } }),
    ),
  placeReading: (tree: string, text: string, date: string, chosen = '') =>
    ofTree('place-reading', tree, [text, date, chosen], READING, () =>
      api.GET('/api/trees/{tree}/reading/place', {
        params: { path: { tree }, query: { text, date, chosen } },
      }),
    ),
  entryReading: (tree: string, line: string) =>
    ofTree('entry', tree, [line], READING, () =>
      api.GET('/api/trees/{tree}/reading/entry', { params: { path: { tree }, query: { line } } }),
    ),
  entryOffers: (tree: string, line: string, of: string, relation: string) =>
    ofTree('entry-offers', tree, [line, of, relation], LIFE, () =>
      api.GET('/api/trees/{tree}/reading/relative', {
        params: { path: { tree }, query: { line, of, relation } },
      }),
    ),
  sourceForms: (tree: string, body: Schemas['FormsInput']) =>
    ofTree('source-forms', tree, [body], ['kinds', 'evidence'], () =>
      api.POST('/api/trees/{tree}/reading/source', { params: { path: { tree } }, body }),
    ),

  people: (tree: string, asked: PeopleAsked) =>
    listOf('people', tree, [asked], LIFE, (from) =>
      api.GET('/api/trees/{tree}/people', {
        params: {
          path: { tree },
          query: {
            q: asked.q,
            sort: asked.sort,
            ...(asked.sex ? { sex: asked.sex } : {}),
            ...(asked.place ? { place: asked.place } : {}),
            ...(asked.only ? { only: asked.only } : {}),
            ...(asked.kin ? { kin: asked.kin } : {}),
            ...(asked.isDown ? { order: 'down' } : {}),
            ...(asked.from ? { from: String(asked.from) } : {}),
            ...(asked.to ? { to: String(asked.to) } : {}),
            ...after(from),
          },
        },
      }),
    ),
  couples: (tree: string, asked: CouplesAsked) =>
    listOf('couples', tree, [asked], LIFE, (from) =>
      api.GET('/api/trees/{tree}/couples', {
        params: {
          path: { tree },
          query: {
            q: asked.q,
            sort: asked.sort,
            ...(asked.without ? { without: asked.without } : {}),
            ...(asked.isDown ? { order: 'down' } : {}),
            ...after(from),
          },
        },
      }),
    ),
  pedigree: (tree: string, person: string, generations: number) =>
    ofTree('pedigree', tree, [person, generations], LIFE, () =>
      api.GET('/api/trees/{tree}/people/{person}/pedigree', {
        params: { path: { tree, person }, query: { generations: String(generations) } },
      }),
    ),
  descent: (tree: string, person: string, generations: number) =>
    ofTree('descent', tree, [person, generations], LIFE, () =>
      api.GET('/api/trees/{tree}/people/{person}/descent', {
        params: { path: { tree, person }, query: { generations: String(generations) } },
      }),
    ),
  person: (tree: string, person: string) =>
    ofTree('person', tree, [person], LIFE, () =>
      api.GET('/api/trees/{tree}/people/{person}', { params: { path: { tree, person } } }),
    ),
  card: (tree: string, person: string) =>
    ofTree('card', tree, [person], KIN, () =>
      api.GET('/api/trees/{tree}/people/{person}/card', { params: { path: { tree, person } } }),
    ),
  lifeWindow: (tree: string, person: string) =>
    ofTree('window', tree, [person], [...KIN, 'evidence', 'places'], () =>
      api.GET('/api/trees/{tree}/people/{person}/window', { params: { path: { tree, person } } }),
    ),
  history: (tree: string, person: string) =>
    ofTree('history', tree, [person], ['journal'], () =>
      api.GET('/api/trees/{tree}/people/{person}/history', { params: { path: { tree, person } } }),
    ),
  linesOfPerson: (tree: string, person: string) =>
    ofTree('lines-of-person', tree, [person], RECORD, () =>
      api.GET('/api/trees/{tree}/people/{person}/lines', { params: { path: { tree, person } } }),
    ),
  groups: (tree: string) =>
    ofTree('groups', tree, [], ['groups', 'people'], () =>
      api.GET('/api/trees/{tree}/groups', { params: { path: { tree } } }),
    ),
  eventKinds: (tree: string) =>
    ofTree('event-kinds', tree, [], ['kinds'], () =>
      api.GET('/api/trees/{tree}/event-kinds', { params: { path: { tree } } }),
    ),
  besideFact: (tree: string, fact: string, version: number, citations: number) =>
    ofTree('beside-fact', tree, [fact, version, citations], RECORD, () =>
      api.GET('/api/trees/{tree}/facts/{fact}/beside', { params: { path: { tree, fact } } }),
    ),
  union: (tree: string, union: string) =>
    ofTree('union', tree, [union], LIFE, () =>
      api.GET('/api/trees/{tree}/unions/{union}', { params: { path: { tree, union } } }),
    ),
  unions: (tree: string, q: string) =>
    ofTree('unions', tree, [q], KIN, () =>
      api.GET('/api/trees/{tree}/unions', { params: { path: { tree }, query: { q } } }),
    ),
  ...pictureQueries,
  ...presentedQueries,

  sources: (tree: string, q: string) =>
    listOf('sources', tree, [q], RECORD, (from) =>
      api.GET('/api/trees/{tree}/sources', { params: { path: { tree }, query: { q, ...after(from) } } }),
    ),
  sourceOffers: (tree: string, q: string) =>
    ofTree('source-offers', tree, [q], RECORD, () =>
      api.GET('/api/trees/{tree}/sources', { params: { path: { tree }, query: { q } } }),
    ),
  source: (tree: string, source: string) =>
    ofTree('source', tree, [source], RECORD, () =>
      api.GET('/api/trees/{tree}/sources/{source}', { params: { path: { tree, source } } }),
    ),
  sourceKinds: (tree: string) =>
    ofTree('source-kinds', tree, [], ['kinds'], () =>
      api.GET('/api/trees/{tree}/source-kinds', { params: { path: { tree } } }),
    ),
  sourceKindUse: (tree: string, kind: string) =>
    ofTree('source-kind-use', tree, [kind], ['kinds', 'evidence'], () =>
      api.GET('/api/trees/{tree}/source-kinds/{kind}/use', { params: { path: { tree, kind } } }),
    ),
  recordKinds: (tree: string) =>
    ofTree('record-kinds', tree, [], ['kinds'], () =>
      api.GET('/api/trees/{tree}/record-kinds', { params: { path: { tree } } }),
    ),
  record: (tree: string, record: string) => ({
    ...ofTree('record', tree, [record], RECORD, () =>
      api.GET('/api/trees/{tree}/records/{record}', { params: { path: { tree, record } } }),
    ),
    ...untilReady(({ images }: { images: readonly { state: string }[] }) => images),
  }),
  recordMatch: (tree: string, record: string, version: number, body: Schemas['RecordMatchInput']) =>
    ofTree('record-match', tree, [record, version, body], RECORD, () =>
      api.POST('/api/trees/{tree}/records/{record}/line-up', { params: { path: { tree, record } }, body }),
    ),
  claimsOfRecord: (tree: string, record: string) =>
    ofTree('claims-of-record', tree, [record], RECORD, () =>
      api.GET('/api/trees/{tree}/records/{record}/claims', { params: { path: { tree, record } } }),
    ),
  tasksOfRecord: (tree: string, record: string) =>
    ofTree('tasks-of-record', tree, [record], ['work'], () =>
      api.GET('/api/trees/{tree}/tasks', { params: { path: { tree }, query: { record } } }),
    ),
  claim: (tree: string, claim: string) =>
    ofTree('claim', tree, [claim], ASKED, () =>
      api.GET('/api/trees/{tree}/claims/{claim}', { params: { path: { tree, claim } } }),
    ),
  claimOnOthers: (tree: string, claim: string) =>
    ofTree('claim-on-others', tree, [claim], RECORD, () =>
      api.GET('/api/trees/{tree}/claims/{claim}/others', { params: { path: { tree, claim } } }),
    ),
  doubles: (tree: string, show: string, sort: string, q: string) =>
    listOf('doubles', tree, [show, sort, q], [...LIFE, 'doubles', 'exchange'], (from) =>
      api.GET('/api/trees/{tree}/doubles', {
        params: { path: { tree }, query: { show, sort, q, ...after(from) } },
      }),
    ),
  compare: (tree: string, person: string, otherPerson: string, beside: string) =>
    ofTree('compare', tree, [person, otherPerson, beside], [...LIFE, 'doubles'], () =>
      api.GET('/api/trees/{tree}/doubles/{person}/{otherPerson}', {
        params: { path: { tree, person, otherPerson }, query: { beside } },
      }),
    ),
  joinPlan: (tree: string, person: string, otherPerson: string, leading: string) =>
    ofTree('join-plan', tree, [person, otherPerson, leading], [...LIFE, 'doubles'], () =>
      api.GET('/api/trees/{tree}/doubles/{person}/{otherPerson}/plan', {
        params: { path: { tree, person, otherPerson }, query: { leading } },
      }),
    ),
  doublesOfPerson: (tree: string, person: string) =>
    ofTree('doubles-of-person', tree, [person], [...LIFE, 'doubles'], () =>
      api.GET('/api/trees/{tree}/people/{person}/doubles', { params: { path: { tree, person } } }),
    ),
  joinsOfThing: (tree: string, joinable: JoinableKind, first: string) =>
    ofTree('joins-of-thing', tree, [joinable, first], [...LIFE, 'doubles'], () =>
      api.GET('/api/trees/{tree}/joinables/{joinable}/{thing}', {
        params: { path: { tree, joinable, thing: first } },
      }),
    ),
  thingPlan: (tree: string, joinable: JoinableKind, first: string, second: string) =>
    ofTree('thing-plan', tree, [joinable, first, second], [...LIFE, 'doubles'], () =>
      api.GET('/api/trees/{tree}/joinables/{joinable}/{thing}/{otherThing}', {
        params: { path: { tree, joinable, thing: first, otherThing: second } },
      }),
    ),
  searches: (tree: string, q: string) =>
    listOf('searches', tree, [q], ['work', 'people', 'evidence'], (cursor) =>
      api.GET('/api/trees/{tree}/searches', { params: { path: { tree }, query: { q, cursor } } }),
    ),

  places: (tree: string, q: string) =>
    listOf('places', tree, [q], ['places', 'people', 'tree'], (from) =>
      api.GET('/api/trees/{tree}/places', { params: { path: { tree }, query: { q, ...after(from) } } }),
    ),
  place: (tree: string, place: string) =>
    ofTree('place', tree, [place], ['places', 'people', 'tree'], () =>
      api.GET('/api/trees/{tree}/places/{place}', { params: { path: { tree, place } } }),
    ),
  unlinkedPlaceNames: (tree: string, q: string) =>
    ofTree('wordings', tree, [q], ['places', 'people', 'evidence'], () =>
      api.GET('/api/trees/{tree}/wordings', { params: { path: { tree }, query: { q } } }),
    ),

  questions: (tree: string) =>
    ofTree('questions', tree, [], ASKED, () =>
      api.GET('/api/trees/{tree}/questions', { params: { path: { tree } } }),
    ),
  question: (tree: string, question: string) =>
    ofTree('question', tree, [question], ASKED, () =>
      api.GET('/api/trees/{tree}/questions/{question}', { params: { path: { tree, question } } }),
    ),
  case: (tree: string, question: string) =>
    ofTree('case', tree, [question], ASKED, () =>
      api.GET('/api/trees/{tree}/cases/{question}', { params: { path: { tree, question } } }),
    ),
  besideCase: (tree: string, question: string, on: string) =>
    ofTree('beside-case', tree, [question, on], ASKED, () =>
      api.GET('/api/trees/{tree}/cases/{question}/beside', {
        params: { path: { tree, question }, query: { on } },
      }),
    ),
  findings: (tree: string) =>
    numberedListOf('findings', tree, [], ASKED, (from) =>
      api.GET('/api/trees/{tree}/findings', {
        params: { path: { tree }, query: from > 0 ? { after: String(from) } : {} },
      }),
    ),
  impact: (tree: string, target: string, id: string) =>
    ofTree('impact', tree, [target, id], ASKED, () =>
      api.GET('/api/trees/{tree}/impact/{target}/{id}', { params: { path: { tree, target, id } } }),
    ),

  exchange: (tree: string) =>
    ofTree('exchange', tree, [], ['exchange'], () =>
      api.GET('/api/trees/{tree}/exchange', { params: { path: { tree } } }),
    ),
  nextSteps: (tree: string) =>
    ofTree('next-steps', tree, [], ['journal'], () =>
      api.GET('/api/trees/{tree}/journal/next', { params: { path: { tree } } }),
    ),
  journal: (tree: string, asked: Record<string, string>) =>
    numberedListOf('journal', tree, [asked], ['journal'], (from) =>
      api.GET('/api/trees/{tree}/journal', {
        params: { path: { tree }, query: { ...asked, ...(from > 0 ? { before: String(from) } : {}) } },
      }),
    ),
  change: (tree: string, change: string) =>
    ofTree('change', tree, [change], ['journal'], () =>
      api.GET('/api/trees/{tree}/journal/{change}', { params: { path: { tree, change } } }),
    ),
  deleted: (tree: string) =>
    numberedListOf('deleted', tree, [], ['journal'], (from) =>
      api.GET('/api/trees/{tree}/deleted', {
        params: { path: { tree }, query: from > 0 ? { before: String(from) } : {} },
      }),
    ),
}
