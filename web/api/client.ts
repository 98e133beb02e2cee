import createClient, { type Middleware } from 'openapi-fetch'
import { heldHead } from './heldCitation'
import type { components, paths } from './schema'
import type { WritePath } from './topics'

export type Schemas = components['schemas']

/** A refusal: what is wrong, in a sentence, and what the page may need to show both sides. */
export class Refused extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly errors: Record<string, string[]>,
    readonly details: Record<string, unknown>,
  ) {
    super(message)
  }
}

function cookie(name: string): string {
  const found = document.cookie.split('; ').find((part) => part.startsWith(`${name}=`))
  return found ? decodeURIComponent(found.slice(name.length + 1)) : ''
}

/** What every request that changes something must carry. */
export function guard(): Record<string, string> {
  return { 'X-XSRF-TOKEN': cookie('XSRF-TOKEN'), Accept: 'application/json' }
}

/**
 * What was refused because the like of it is there already. The very same, sent once more after a moment, is meant: it
 * goes out as such. A key held down is no second thought.
 */
const refused = new Map<string, number>()
const A_MOMENT = 500

const keyOf = async (request: Request) => `${request.method} ${request.url} ${await request.clone().text()}`

/** What was written to since it was last taken note of. */
const written = new Set<WritePath>()

export function takeWritten(): WritePath[] {
  const taken = [...written]
  written.clear()
  return taken
}

const guarded: Middleware = {
  async onRequest({ request }) {
    const tree = /^\/api\/trees\/([0-9a-f-]{36})\//.exec(new URL(request.url).pathname)?.[1]
    const held = request.method === 'POST' && tree ? heldHead(tree) : {}
    for (const [name, value] of Object.entries({ ...guard(), ...held })) request.headers.set(name, value)
    if (request.method === 'POST') {
      const at = refused.get(await keyOf(request))
      if (at !== undefined && Date.now() - at > A_MOMENT) request.headers.set('X-Save-Again', '1')
    }
    return request
  },
  async onResponse({ request, response, schemaPath }) {
    if (request.method !== 'GET' && response.ok) written.add(schemaPath as WritePath)
    if (request.method !== 'POST') return
    const key = await keyOf(request).catch(() => '')
    if (key === '') return
    refused.delete(key)
    if (response.status !== 409) return
    const body = (await response
      .clone()
      .json()
      .catch(() => ({}))) as Partial<Schemas['Problem']>
    if ((body.details as Record<string, unknown> | undefined)?.again === true) refused.set(key, Date.now())
  },
}

export const api = createClient<paths>({ baseUrl: '/' })
api.use(guarded)

/** Says in which version a thing was read, so that one that somebody changed meanwhile is not deleted unseen. */
export const asRead = (version: number) => ({ headers: { 'If-Match': `"${version}"` } })

export async function refusal(response: Response): Promise<Refused> {
  const body = (await response.json().catch(() => ({}))) as Partial<Schemas['Problem']>
  return new Refused(
    body.message ?? 'The server did not answer in words. Try again.',
    response.status,
    body.errors ?? {},
    (body.details ?? {}) as Record<string, unknown>,
  )
}

/** The answer, or the refusal thrown. */
export async function unwrap<T>(
  asked: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  const { data, error, response } = await asked.catch(() => {
    throw new Refused('The server cannot be reached. What you typed is kept; try again.', 0, {}, {})
  })
  if (!response.ok) {
    const problem = (error ?? {}) as Partial<Schemas['Problem']>
    throw new Refused(
      problem.message ?? 'The server did not answer in words. Try again.',
      response.status,
      problem.errors ?? {},
      (problem.details ?? {}) as Record<string, unknown>,
    )
  }
  return data as T
}
