import { useState } from 'react'
import type { Area } from './Painted'

type Props = {
  areas: readonly Area[]
  onFound: (area: Area) => void
}

const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()

/** The words of a box, and a name in full where it had to be cut. */
const told = (area: Area) => [area.title, ...area.texts.map((text) => text.words)].join(' ')

/** Finds people of a drawing by the words of their box; Enter goes to the next. */
export function FindInDrawing({ areas, onFound }: Props) {
  const [words, setWords] = useState('')
  const [at, setAt] = useState(-1)
  const found =
    words.trim() === ''
      ? []
      : areas.filter((area) => area.gesture === 'open' && plain(told(area)).includes(plain(words.trim())))
  const next = () => {
    const place = found.length === 0 ? -1 : (at + 1) % found.length
    setAt(place)
    const area = found[place]
    if (area) onFound(area)
  }
  return (
    <form
      role="search"
      className="ml-3"
      onSubmit={(event) => {
        event.preventDefault()
        next()
      }}
    >
      <input
        className="gap w-[160px]"
        aria-label="Find in the drawing"
        placeholder="find in the drawing"
        value={words}
        onChange={(event) => {
          setWords(event.target.value)
          setAt(-1)
        }}
      />{' '}
      <span role="status" className="text-graphite">
        {words.trim() === ''
          ? ''
          : found.length === 0
            ? 'nobody'
            : `${at < 0 ? '' : `${at + 1} of `}${found.length}`}
      </span>
    </form>
  )
}
