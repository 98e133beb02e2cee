import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'

const sent: { method: string; again: string | null; held: string | null }[] = []
const shelf = new Map<string, string>()
const TREE = '01a21c60-d245-705c-8b66-beee39cc96ef'
let answer: () => Response

const there = () =>
  new Response(JSON.stringify({ message: 'Birth is there already.', details: { again: true } }), {
    status: 409,
    headers: { 'Content-Type': 'application/json' },
  })
const changed = () =>
  new Response(JSON.stringify({ message: 'It was changed meanwhile.', details: {} }), {
    status: 409,
    headers: { 'Content-Type': 'application/json' },
  })
const made = () =>
  new Response('{"id":"x"}', { status: 200, headers: { 'Content-Type': 'application/json' } })

vi.stubGlobal('document', { cookie: 'XSRF-TOKEN=a%3Db' })
vi.stubGlobal('localStorage', {
  getItem: (key: string) => shelf.get(key) ?? null,
  setItem: (key: string, value: string) => void shelf.set(key, value),
})
vi.stubGlobal('fetch', async (request: Request) => {
  sent.push({
    method: request.method,
    again: request.headers.get('X-Save-Again'),
    held: request.headers.get('X-Held-Citation'),
  })
  return answer()
})
// Relative addresses are the browser's: here they are given a host.
const Plain = Request
vi.stubGlobal(
  'Request',
  class extends Plain {
    constructor(input: string | URL | Request, init?: RequestInit) {
      super(typeof input === 'string' ? new URL(input, 'http://isles.example') : input, init)
    }
  },
)

const { api, Refused, unwrap } = await import('./client')
const { hold, release, movePage } = await import('./heldCitation')

const post = (title: string) =>
  unwrap(api.POST('/api/trees/{tree}/sources', { params: { path: { tree: TREE } }, body: { title } }))

describe('what is refused because the like of it is there', () => {
  beforeEach(() => {
    vi.useFakeTimers()
    sent.length = 0
  })
  afterEach(() => void vi.useRealTimers())

  it('is meant when the very same is sent again after a moment', async () => {
    answer = there
    await expect(post('one')).rejects.toBeInstanceOf(Refused)
    vi.advanceTimersByTime(600)
    answer = made
    await post('one')
    expect(sent.map(({ again }) => again)).toEqual([null, '1'])
    // It is meant once, not for ever.
    await post('one')
    expect(sent.at(-1)?.again).toBeNull()
  })
  it('is not meant by a key held down', async () => {
    answer = there
    await expect(post('two')).rejects.toThrow('Birth is there already.')
    vi.advanceTimersByTime(200)
    await expect(post('two')).rejects.toThrow()
    expect(sent.map(({ again }) => again)).toEqual([null, null])
  })
  it('is not meant when something else is sent', async () => {
    answer = there
    await expect(post('three')).rejects.toThrow()
    vi.advanceTimersByTime(600)
    answer = made
    await post('four')
    expect(sent.at(-1)?.again).toBeNull()
  })
  it('is another matter than what was changed meanwhile', async () => {
    answer = changed
    await expect(post('five')).rejects.toMatchObject({ status: 409 })
    vi.advanceTimersByTime(600)
    await expect(post('five')).rejects.toThrow()
    expect(sent.map(({ again }) => again)).toEqual([null, null])
  })
})

describe('a citation that is held', () => {
  const citation = { name: 'Census', sourceId: 'source', title: 'Census of Marren', locator: 'sheet 4' }
  beforeEach(() => {
    sent.length = 0
    answer = made
  })

  it('goes with what enters something, and with nothing that only reads', async () => {
    hold(TREE, citation)
    await post('held')
    await unwrap(api.GET('/api/trees/{tree}/sources', { params: { path: { tree: TREE } } }))
    expect(sent.map(({ held }) => held)).toEqual(['source sheet%204', null])
  })
  it('is turned to another page, and let go', async () => {
    hold(TREE, citation)
    movePage(TREE, 'sheet 5')
    await post('page')
    release(TREE)
    await post('free')
    expect(sent.map(({ held }) => held)).toEqual(['source sheet%205', null])
  })
})
