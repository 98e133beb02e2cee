import { useCallback, useState } from 'react'

/** Words that are being typed and survive a reload, until they are kept or let go. */
export function useDraft(key: string, initial = ''): [string, (text: string) => void, () => void] {
  const place = `draft:${key}`
  const [text, setText] = useState(() => sessionStorage.getItem(place) ?? initial)
  const write = useCallback(
    (next: string) => {
      setText(next)
      sessionStorage.setItem(place, next)
    },
    [place],
  )
  const forget = useCallback(() => {
    setText('')
    sessionStorage.removeItem(place)
  }, [place])
  return [text, write, forget]
}
