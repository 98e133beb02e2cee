import { useSyncExternalStore } from 'react'

/** A citation set once; while it is held, every fact that is entered is cited by it. */
export type Citation = { name: string; sourceId: string; title: string; locator: string }

type Shelf = { held: string; citations: Citation[] }

const EMPTY: Shelf = { held: '', citations: [] }
const MOST = 12
const listeners = new Set<() => void>()
const read = new Map<string, { text: string; shelf: Shelf }>()

const place = (tree: string) => `held:${tree}`

/** What is on the shelf of a tree, and what of it is held. */
export function shelfOf(tree: string): Shelf {
  const text = localStorage.getItem(place(tree)) ?? ''
  const known = read.get(tree)
  if (known?.text === text) return known.shelf
  const shelf = shelfFrom(text)
  read.set(tree, { text, shelf })
  return shelf
}

/** What cannot be read holds nothing: a shelf that another version wrote must not keep the page from opening. */
function shelfFrom(text: string): Shelf {
  try {
    const shelf = JSON.parse(text) as Partial<Shelf> | null
    return Array.isArray(shelf?.citations) && typeof shelf.held === 'string' ? (shelf as Shelf) : EMPTY
  } catch {
    return EMPTY
  }
}

function put(tree: string, shelf: Shelf) {
  localStorage.setItem(place(tree), JSON.stringify(shelf))
  listeners.forEach((listener) => listener())
}

function listen(listener: () => void) {
  listeners.add(listener)
  window.addEventListener('storage', listener)
  return () => {
    listeners.delete(listener)
    window.removeEventListener('storage', listener)
  }
}

export function useShelf(tree: string) {
  const shelf = useSyncExternalStore(listen, () => shelfOf(tree))
  return {
    held: shelf.citations.find((citation) => citation.name === shelf.held),
    citations: shelf.citations,
  }
}

export function hold(tree: string, citation: Citation) {
  const others = shelfOf(tree).citations.filter((one) => one.name !== citation.name)
  put(tree, { held: citation.name, citations: [citation, ...others].slice(0, MOST) })
}

/** Another page of the same source, without letting go. */
export function movePage(tree: string, locator: string) {
  const shelf = shelfOf(tree)
  put(tree, {
    ...shelf,
    citations: shelf.citations.map((citation) =>
      citation.name === shelf.held ? { ...citation, locator } : citation,
    ),
  })
}

export function release(tree: string) {
  put(tree, { ...shelfOf(tree), held: '' })
}

export function forget(tree: string, name: string) {
  const shelf = shelfOf(tree)
  put(tree, {
    held: shelf.held === name ? '' : shelf.held,
    citations: shelf.citations.filter((citation) => citation.name !== name),
  })
}

/** What a request that enters facts carries while a citation is held. */
export function heldHead(tree: string): Record<string, string> {
  const shelf = shelfOf(tree)
  const held = shelf.citations.find((citation) => citation.name === shelf.held)
  return held ? { 'X-Held-Citation': `${held.sourceId} ${encodeURIComponent(held.locator)}` } : {}
}
