import { useSyncExternalStore } from 'react'

export type Step = { id: string; name: string }

const MOST = 12
const listeners = new Set<() => void>()
let held: { tree: string; steps: Step[] } = { tree: '', steps: [] }

function load(tree: string): Step[] {
  if (held.tree !== tree) {
    try {
      held = { tree, steps: JSON.parse(localStorage.getItem(`trail:${tree}`) ?? '[]') as Step[] }
    } catch {
      held = { tree, steps: [] }
    }
  }
  return held.steps
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

export function walked(tree: string, step: Step) {
  const steps = load(tree)
  const known = steps.findIndex((one) => one.id === step.id)
  if (known >= 0 && steps[known]?.name === step.name) return
  held = { tree, steps: [...steps.filter((one) => one.id !== step.id), step].slice(-MOST) }
  localStorage.setItem(`trail:${tree}`, JSON.stringify(held.steps))
  listeners.forEach((listener) => listener())
}
