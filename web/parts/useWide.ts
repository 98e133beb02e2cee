import { useSyncExternalStore } from 'react'

const WIDE = '(min-width: 1024px)'

const follow = (changed: () => void) => {
  const query = matchMedia(WIDE)
  query.addEventListener('change', changed)
  return () => query.removeEventListener('change', changed)
}

/** Whether the window is wide enough for two panes side by side. */
export const useWide = () => useSyncExternalStore(follow, () => matchMedia(WIDE).matches)
