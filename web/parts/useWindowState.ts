import { useCallback, useState } from 'react'
import { useParams } from 'react-router'

function stored<T>(key: string, initial: T): T {
  try {
    const text = sessionStorage.getItem(key)
    return text === null ? initial : (JSON.parse(text) as T)
  } catch {
    return initial
  }
}

/** State of a page that stays as it was left, tree by tree, after a reload and a visit elsewhere, as long as the window is open. */
export function useWindowState<T>(name: string, initial: T): [T, (value: T) => void] {
  const key = `kept:${useParams().tree ?? ''}:${name}`
  const [value, setValue] = useState(() => stored(key, initial))
  const keep = useCallback(
    (next: T) => {
      sessionStorage.setItem(key, JSON.stringify(next))
      setValue(next)
    },
    [key],
  )
  return [value, keep]
}
