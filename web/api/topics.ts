import type { paths } from './schema'

/** What an answer can be about. A query says what it reads, a write what it touches; where they meet, the answer is stale. */
export const TOPICS = [
  'account',
  'trees',
  'tree',
  'people',
  'evidence',
  'questions',
  'places',
  'pictures',
  'groups',
  'work',
  'doubles',
  'kinds',
  'exchange',
  'drawings',
  'texts',
  'journal',
] as const

export type Topic = (typeof TOPICS)[number]

type Method<I, M extends string> = M extends keyof I ? Exclude<I[M], undefined> : never

/** Every address that can be written to. */
export type WritePath = {
  [P in keyof paths]: [Method<paths[P], 'post' | 'put' | 'patch' | 'delete'>] extends [never] ? never : P
}[keyof paths]

/** A fact, a tie or a record shows on most pages: what follows from it, who is living, what is asked. */
const RESEARCH: readonly Topic[] = [
  'tree',
  'people',
  'evidence',
  'questions',
  'places',
  'pictures',
  'groups',
  'work',
  'doubles',
  'drawings',
  'journal',
]
const EVERYTHING: readonly Topic[] = TOPICS
const SETTING: readonly Topic[] = [...RESEARCH, 'trees', 'kinds']
const KINDS: readonly Topic[] = ['kinds', 'evidence', 'people', 'journal']
const WORK: readonly Topic[] = ['work', 'questions', 'journal']
const GROUPS: readonly Topic[] = ['groups', 'people', 'journal']
const PICTURES: readonly Topic[] = ['pictures', 'people', 'evidence', 'places', 'journal']
const PLACES: readonly Topic[] = ['places', 'people', 'evidence', 'questions', 'journal', 'tree']
const RUNS: readonly Topic[] = ['exchange', 'journal']
const RULING: readonly Topic[] = ['doubles', 'journal']
const DRAWINGS: readonly Topic[] = ['drawings', 'journal']
const TEXTS: readonly Topic[] = ['texts', 'people', 'journal']
const NOTHING: readonly Topic[] = []

const T = '/api/trees/{tree}'

/** What each write touches. An address that is new and not here does not compile. */
export const TOUCHES: Readonly<Record<WritePath, readonly Topic[]>> = {
  '/api/account/reading': EVERYTHING,
  '/api/accounts': EVERYTHING,
  '/api/session': EVERYTHING,
  '/api/deleted-trees/{deleted}/restore': ['trees'],
  '/api/demo': ['trees'],
  '/api/trees': ['trees'],
  '/api/uploads': NOTHING,
  [T]: SETTING,
  [`${T}/centre`]: ['account', 'tree', 'people'],
  [`${T}/numbering`]: ['account', 'tree', 'people'],
  [`${T}/copies`]: ['trees', 'journal'],
  [`${T}/reckoning`]: SETTING,
  [`${T}/name-variants`]: SETTING,
  [`${T}/name-variants/{nameVariant}`]: SETTING,
  [`${T}/world-events`]: ['tree', 'people', 'journal'],
  [`${T}/world-events/{worldEvent}`]: ['tree', 'people', 'journal'],

  [`${T}/people`]: RESEARCH,
  [`${T}/people/{person}`]: RESEARCH,
  [`${T}/people/{person}/facts`]: RESEARCH,
  [`${T}/people/{person}/names`]: RESEARCH,
  [`${T}/people/{person}/notes`]: ['people', 'work', 'journal'],
  [`${T}/people/{person}/relatives`]: RESEARCH,
  [`${T}/texts`]: TEXTS,
  [`${T}/texts/{text}`]: TEXTS,
  [`${T}/saved-reports`]: TEXTS,
  [`${T}/saved-reports/{savedReport}`]: TEXTS,
  [`${T}/books`]: TEXTS,
  [`${T}/books/{book}`]: TEXTS,
  [`${T}/saved-drawings`]: DRAWINGS,
  [`${T}/saved-drawings/{savedDrawing}`]: DRAWINGS,
  [`${T}/reading/drawing/{kind}/{subjects}`]: NOTHING,
  [`${T}/people/{person}/tasks`]: ['people', ...WORK],
  [`${T}/people/{person}/unions`]: RESEARCH,
  [`${T}/people/{person}/unlink`]: RESEARCH,
  [`${T}/doubles/joins`]: ['doubles', 'exchange'],
  [`${T}/doubles/scans`]: ['doubles', 'exchange'],
  [`${T}/doubles/{person}/{otherPerson}/ruling`]: RULING,
  [`${T}/doubles/{person}/{otherPerson}/join`]: RESEARCH,
  [`${T}/joins/{join}/apart`]: RESEARCH,
  [`${T}/joinables/{joinable}/{thing}/{otherThing}`]: RESEARCH,
  [`${T}/names/{name}`]: RESEARCH,
  [`${T}/names/{name}/standing`]: RESEARCH,
  [`${T}/facts/{fact}`]: RESEARCH,
  [`${T}/facts/{fact}/citations`]: RESEARCH,
  [`${T}/facts/{fact}/lead`]: RESEARCH,
  [`${T}/facts/{fact}/notes`]: ['people', 'work', 'journal'],
  [`${T}/facts/{fact}/roles`]: RESEARCH,
  [`${T}/facts/{fact}/rule-out`]: RESEARCH,
  [`${T}/roles/{role}`]: RESEARCH,
  [`${T}/notes/{note}`]: ['people', 'evidence', 'work', 'journal'],
  [`${T}/parent-sets/{parentSet}`]: RESEARCH,
  [`${T}/parent-sets/{parentSet}/move`]: RESEARCH,
  [`${T}/union-partners/{unionPartner}`]: RESEARCH,
  [`${T}/union-partners/{unionPartner}/move`]: RESEARCH,
  [`${T}/union-partners/{unionPartner}/standing`]: RESEARCH,
  [`${T}/unions/{union}`]: RESEARCH,
  [`${T}/unions/{union}/children`]: RESEARCH,
  [`${T}/unions/{union}/facts`]: RESEARCH,
  [`${T}/groups`]: GROUPS,
  [`${T}/groups/{group}`]: GROUPS,
  [`${T}/marks`]: GROUPS,
  [`${T}/marks/{mark}`]: GROUPS,
  [`${T}/people/{person}/groups/{group}`]: GROUPS,
  [`${T}/people/{person}/marks/{mark}`]: GROUPS,
  [`${T}/event-kinds`]: KINDS,
  [`${T}/event-kinds/{eventKind}`]: KINDS,

  [`${T}/claims/{claim}`]: RESEARCH,
  [`${T}/claims/{claim}/others`]: RESEARCH,
  [`${T}/sources`]: RESEARCH,
  [`${T}/sources/{source}`]: RESEARCH,
  [`${T}/sources/{source}/notes`]: ['evidence', 'work', 'journal'],
  [`${T}/sources/{source}/reckoning`]: RESEARCH,
  [`${T}/sources/{source}/records`]: RESEARCH,
  [`${T}/repositories/{repository}`]: RESEARCH,
  [`${T}/repositories/{repository}/notes`]: ['evidence', 'work', 'journal'],
  [`${T}/records/{record}`]: RESEARCH,
  [`${T}/records/{record}/called`]: RESEARCH,
  [`${T}/records/{record}/draft`]: NOTHING,
  [`${T}/records/{record}/images`]: PICTURES,
  [`${T}/records/{record}/line-up`]: NOTHING,
  [`${T}/records/{record}/take-in`]: RESEARCH,
  [`${T}/records/{record}/tasks`]: ['evidence', ...WORK],
  [`${T}/images/{image}`]: PICTURES,
  [`${T}/images/{image}/view`]: NOTHING,
  [`${T}/source-kinds`]: KINDS,
  [`${T}/source-kinds/{sourceKind}`]: KINDS,
  [`${T}/record-kinds`]: KINDS,
  [`${T}/record-kinds/{recordKind}`]: KINDS,
  [`${T}/reading/lines`]: NOTHING,
  [`${T}/reading/source`]: NOTHING,
  [`${T}/pictures`]: PICTURES,
  [`${T}/pictures/{media}`]: PICTURES,
  [`${T}/pictures/{media}/regions`]: PICTURES,
  [`${T}/regions/{region}`]: PICTURES,
  [`${T}/regions/{region}/portrait`]: PICTURES,

  [`${T}/questions`]: RESEARCH,
  [`${T}/questions/{question}/decide`]: RESEARCH,
  [`${T}/questions/{question}/reopen`]: RESEARCH,
  [`${T}/questions/{question}/summary`]: ['questions', 'journal'],
  [`${T}/cases`]: RESEARCH,
  [`${T}/cases/{question}/alternatives`]: RESEARCH,
  [`${T}/cases/{question}/conclude`]: RESEARCH,
  [`${T}/cases/{question}/points`]: ['questions', 'journal'],
  [`${T}/cases/{question}/tasks`]: ['people', ...WORK],
  [`${T}/alternatives/{alternative}`]: RESEARCH,
  [`${T}/points/{point}`]: ['questions', 'journal'],
  [`${T}/impact/{target}/{id}`]: RESEARCH,
  [`${T}/tasks/{task}`]: ['people', 'evidence', ...WORK],
  [`${T}/searches`]: WORK,
  [`${T}/searches/{search}`]: WORK,

  [`${T}/places`]: PLACES,
  [`${T}/places/{place}`]: PLACES,
  [`${T}/places/{place}/churches`]: PLACES,
  [`${T}/places/{place}/insides`]: PLACES,
  [`${T}/places/{place}/names`]: PLACES,
  [`${T}/places/{place}/reckoning`]: PLACES,
  [`${T}/place-churches/{placeChurch}`]: PLACES,
  [`${T}/place-insides/{placeInside}`]: PLACES,
  [`${T}/place-names/{placeName}`]: PLACES,
  [`${T}/wordings`]: PLACES,
  [`${T}/wordings/all`]: PLACES,

  [`${T}/exchange/exports`]: RUNS,
  [`${T}/exchange/imports`]: RUNS,
  [`${T}/exchange/previews`]: RUNS,
  [`${T}/exchange/previews/{run}`]: RUNS,
  [`${T}/exchange/runs/{run}`]: [...RUNS, 'doubles'],
  [`${T}/exchange/runs/{run}/again`]: RUNS,

  [`${T}/reports/{kind}/{reported}/files`]: RUNS,

  [`${T}/changed-values/{entry}/put-back`]: EVERYTHING,
  [`${T}/journal/deleted/{entry}/put-back`]: EVERYTHING,
  [`${T}/journal/redo`]: EVERYTHING,
  [`${T}/journal/undo`]: EVERYTHING,
  [`${T}/journal/{change}/undo`]: EVERYTHING,
}
