import { useOutletContext } from 'react-router'
import { useWindowState } from '../../../parts/useWindowState'
import type { Adding } from '../adding/AddRelative'

/** A view of the people, and whoever is in hand in it and in the margin. */
export type Walk = {
  hand: string
  take: (id: string) => void
  /** Begins to add somebody to one of the people of the view, who is taken in hand. */
  addTo: (id: string, adding: Adding) => void
}

export const useWalk = () => useOutletContext<Walk>()

/** Whoever was looked at last: they stay in hand as one goes from view to view. */
export const useHand = () => useWindowState('people.hand', '')
