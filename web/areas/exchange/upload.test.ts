import { beforeEach, describe, expect, it, vi } from 'vitest'

/** A server that keeps what it takes in, and fails as it is told to. */
const server = {
  bytes: [] as number[],
  failures: [] as ('broken' | number)[],
  puts: [] as number[],
  hashes: [] as string[],
}
const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })
const resource = () => ({ id: 'u', received: server.bytes.length, pieceBytes: 4 })

vi.stubGlobal('document', { cookie: '' })
vi.stubGlobal('localStorage', { getItem: () => null })
vi.stubGlobal('fetch', async (input: Request | string, init?: RequestInit) => {
  if (typeof input !== 'string') return json(resource())
  const failure = server.failures.shift()
  if (failure === 'broken') throw new TypeError('The line broke.')
  if (failure !== undefined) return json({ message: 'The disk is full.' }, failure)
  const offset = Number(new URL(input, 'http://isles.example').searchParams.get('offset'))
  const piece = [...new Uint8Array(init?.body as ArrayBuffer)]
  server.puts.push(offset)
  server.hashes.push(new Headers(init?.headers).get('X-Piece-Sha256') ?? '')
  if (offset === server.bytes.length) server.bytes.push(...piece)
  return json(resource())
})
const Plain = Request
vi.stubGlobal(
  'Request',
  class extends Plain {
    constructor(input: string | URL | Request, init?: RequestInit) {
      super(typeof input === 'string' ? new URL(input, 'http://isles.example') : input, init)
    }
  },
)
vi.stubGlobal('setTimeout', (run: () => void) => (queueMicrotask(run), 0))

const { upload } = await import('./upload')

const sent = async (
  content: string,
  stop = new AbortController(),
  onShare: (share: number) => void = () => undefined,
) => upload(new File([content], 'isles.ged'), onShare, stop.signal)
const kept = () => String.fromCharCode(...server.bytes)

describe('a file that is sent in pieces', () => {
  beforeEach(() => Object.assign(server, { bytes: [], failures: [], puts: [], hashes: [] }))

  it('arrives whole, each piece with its hash, and tells how much is there', async () => {
    const shares: number[] = []
    expect(await sent('0 HEAD 0 TRLR', undefined, (share) => shares.push(share))).toBe('u')
    expect([kept(), server.puts]).toEqual(['0 HEAD 0 TRLR', [0, 4, 8, 12]])
    expect(shares.at(-1)).toBe(1)
    expect([...shares].sort()).toEqual(shares)
    for (const hash of server.hashes) expect(hash).toMatch(/^[0-9a-f]{64}$/)
  })
  it('goes on from where the server stands, whatever broke', async () => {
    server.failures = ['broken', 503, 'broken']
    await sent('0 HEAD 0 TRLR')
    expect(kept()).toBe('0 HEAD 0 TRLR')
  })
  it('goes on with what a server took in before', async () => {
    server.bytes = [...'0 HEAD'].map((letter) => letter.charCodeAt(0))
    await sent('0 HEAD 0 TRLR')
    expect([kept(), server.puts[0]]).toEqual(['0 HEAD 0 TRLR', 6])
  })
  it('gives up in words when it fails again and again', async () => {
    server.failures = Array<'broken'>(9).fill('broken')
    await expect(sent('0 HEAD 0 TRLR')).rejects.toThrow('The line broke. Nothing is lost; try again.')
    Object.assign(server, { failures: Array<number>(9).fill(507) })
    await expect(sent('0 HEAD 0 TRLR')).rejects.toThrow('The disk is full.')
  })
  it('stops when it is told to', async () => {
    const stop = new AbortController()
    await expect(sent('0 HEAD 0 TRLR', stop, () => stop.abort())).rejects.toThrow('Stopped.')
    expect(server.puts).toEqual([0])
  })
  it('sends nothing of an empty file', async () => {
    await sent('')
    expect(server.puts).toEqual([])
  })
})
