import type { Schemas } from '../../../api/client'

export type Descendant = Schemas['Descendant']
export type Family = Schemas['DescentFamilyLine']

export type OutlineRow = {
  /** The way down to it, which tells apart the places of somebody who descends twice. */
  path: string
  depth: number
  /** Whoever an Enter opens: the descendant, or the partner; empty for a partner not known. */
  id: string
} & (
  | { person: Descendant; family?: never; isOpen: boolean; canOpen: boolean; isAbove: boolean }
  | { family: Family; person?: never }
)

/** Folded until they are opened, from this generation on. */
export const OPEN_AT_FIRST = 2

type Outline = {
  root: Descendant
  families: ReadonlyMap<string, readonly Family[]>
  /** What was folded or unfolded by hand, by path. */
  turned: Readonly<Record<string, boolean>>
  isAllOpen: boolean
}

/**
 * The rows of an outline that are unfolded, in order: somebody, their partners each with the children, and so on down.
 * `waiting` are those unfolded whose families have not been asked for.
 */
export function outlineRows({ root, families, turned, isAllOpen }: Outline): {
  rows: OutlineRow[]
  waiting: string[]
} {
  const rows: OutlineRow[] = []
  const waiting: string[] = []
  const tell = (person: Descendant, path: string, depth: number, above: readonly string[]) => {
    // Bad data can make somebody descend from themselves.
    const isAbove = above.includes(person.id)
    const canOpen = person.families > 0 && !isAbove
    const isOpen = canOpen && (turned[path] ?? (isAllOpen || depth < OPEN_AT_FIRST))
    rows.push({ path, depth, id: person.id, person, isOpen, canOpen, isAbove })
    if (!isOpen) return
    const own = families.get(person.id)
    if (!own) {
      waiting.push(person.id)
      return
    }
    for (const family of own) {
      const at = `${path}/${family.unionId}`
      rows.push({ path: at, depth, id: family.partners[0]?.id ?? '', family })
      for (const child of family.children) tell(child, `${at}/${child.id}`, depth + 1, [...above, person.id])
    }
  }
  tell(root, root.id, 0, [])
  return { rows, waiting }
}
