import { useSyncExternalStore } from 'react'

export type Step = { id: string; name: string }

const MOST = 12
const listeners = new Set<() => void>()
let held: { tree: string; steps: Step[] } = { tree: '', steps: [] }

function load(tree: string): Step[] {
  if (held.tree !== tree) {
    held = { tree, steps: stepsFrom(localStorage.getItem(`trail:${tree}`) ?? '[]') }
  }
  return held.steps
}

function stepsFrom(text: string): Step[] {
  try {
    const steps = JSON.parse(text) as unknown
    return Array.isArray(steps) ? (steps as Step[]) : []
  } catch {
    return []
  }
}

/** The last people seen in a tree, the newest last. */
export function useTrail(tree: string): Step[] {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => load(tree),
  )
}

/** The same, outside a page that is drawn. */
export const trailOf = load

/** Whoever is no longer there leaves the trail. */
export function gone(tree: string, id: string) {
  const steps = load(tree)
  if (!steps.some((step) => step.id === id)) return
  held = { tree, steps: steps.filter((step) => step.id !== id) }
  localStorage.setItem(`trail:${tree}`, JSON.stringify(held.steps))
  listeners.forEach((listener) => listener())
}

export function walked(tree: string, step: Step) {
  const steps = load(tree)
  const known = steps.findIndex((one) => one.id === step.id)
  if (known >= 0 && steps[known]?.name === step.name) return
  held = { tree, steps: [...steps.filter((one) => one.id !== step.id), step].slice(-MOST) }
  localStorage.setItem(`trail:${tree}`, JSON.stringify(held.steps))
  listeners.forEach((listener) => listener())
}
