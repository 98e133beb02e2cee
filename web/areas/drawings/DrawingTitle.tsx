import { useState } from 'react'
import type { HandworkTools } from './useHandwork'

/** What stands over a drawing: its own words, or those of the hand, changed where they stand. */
export function DrawingTitle({ title, tools }: { title: string; tools: HandworkTools }) {
  const [isOpen, setIsOpen] = useState(false)
  if (!isOpen)
    return (
      <h1 className="font-serif text-[22px]">
        <button
          type="button"
          className="text-left hover:text-tide"
          title="Change the title"
          onClick={() => setIsOpen(true)}
        >
          {title}
        </button>
      </h1>
    )
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        const words = new FormData(event.currentTarget).get('title')
        tools.retitle(typeof words === 'string' ? words.trim() : '')
        setIsOpen(false)
      }}
      onKeyDown={(event) => event.key === 'Escape' && setIsOpen(false)}
    >
      <input
        name="title"
        className="gap w-[320px] font-serif text-[20px]"
        aria-label="Title of the drawing; empty for its own"
        defaultValue={tools.handwork.title === '' ? title : tools.handwork.title}
        maxLength={300}
        autoFocus
      />{' '}
      <button className="act">Set the title</button>{' '}
      <button type="button" className="act" onClick={() => setIsOpen(false)}>
        Cancel
      </button>
    </form>
  )
}
