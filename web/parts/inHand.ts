import { createContext } from 'react'

/** Where somebody is in hand, a name takes its person in hand instead of leading to their page; null elsewhere. */
export const TakesInHand = createContext<((id: string) => void) | null>(null)
