import type { JSONContent } from '@tiptap/react'
import type { Schemas } from '../../../api/client'
import { keyOf } from './keyOf'

type CalledFact = Schemas['CalledFact']

/** Whether a text tells a fact in other words than it would be told in today. */
export function toldOtherwise(body: JSONContent, fact: CalledFact): boolean {
  const attrs = body.attrs ?? {}
  const isIt = body.type === 'fact' && keyOf(attrs) === keyOf(fact)
  if (isIt && (!fact.isThere || attrs['told'] !== fact.today)) return true
  return (body.content ?? []).some((node) => toldOtherwise(node, fact))
}

/** The same text with its facts told as of today; those that are deleted stay as they were told. */
export function renewed(body: JSONContent, today: ReadonlyMap<string, CalledFact>): JSONContent {
  const attrs = body.attrs ?? {}
  const now = body.type === 'fact' ? today.get(keyOf(attrs)) : undefined
  return {
    ...body,
    ...(now?.isThere ? { attrs: { ...attrs, told: now.today } } : {}),
    ...(body.content ? { content: body.content.map((node) => renewed(node, today)) } : {}),
  }
}
