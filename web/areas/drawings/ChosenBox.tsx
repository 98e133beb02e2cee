import { useState } from 'react'
import type { Area } from './Painted'
import { towardOf, type HandworkTools } from './useHandwork'

type Props = {
  chosen: Area | undefined
  stops: readonly Area[]
  tools: HandworkTools
  onGo: (personId: string) => void
  onDraw: (personId: string) => void
}

/** What can be done with the box that is chosen, in words and by mouse. */
export function ChosenBox({ chosen, stops, tools, onGo, onDraw }: Props) {
  const [isNoting, setIsNoting] = useState('')
  if (!chosen) return null
  const id = chosen.personId
  const note = tools.handwork.notes.find(({ personId }) => personId === id)
  const hide = (branch: boolean) => () => tools.hide(id, branch)
  return (
    <div
      role="group"
      aria-label={`The box of ${chosen.title}`}
      className="ml-auto flex flex-wrap items-baseline gap-x-4"
    >
      <span className="font-serif text-[15px]">{chosen.title}</span>
      <button type="button" className="act" onClick={() => onGo(id)}>
        Open
      </button>
      <button type="button" className="act" onClick={() => onDraw(id)}>
        Draw from here
      </button>
      {stops.map((stop) => (
        <button
          key={stop.gesture}
          type="button"
          className="act"
          onClick={() => tools.bring(id, towardOf(stop))}
        >
          Bring in {stop.texts[0]?.words.replace(/^… | (not drawn|hidden)$/g, '')}
        </button>
      ))}
      <button type="button" className="act" onClick={hide(false)}>
        Hide
      </button>
      <button type="button" className="act" onClick={hide(true)}>
        Hide with the branch
      </button>
      {chosen.isByHand && (
        <button type="button" className="act" onClick={() => tools.putBack(id)}>
          Restore its place
        </button>
      )}
      {isNoting === id ? (
        <form
          onSubmit={(event) => {
            event.preventDefault()
            const words = new FormData(event.currentTarget).get('note')
            tools.note(id, typeof words === 'string' ? words.trim() : '', chosen.height + 4)
            setIsNoting('')
          }}
        >
          <input
            name="note"
            className="gap w-[220px]"
            aria-label={`Note beside ${chosen.title}`}
            defaultValue={note?.words ?? ''}
            maxLength={2000}
            autoFocus
            onKeyDown={(event) => event.key === 'Escape' && setIsNoting('')}
          />{' '}
          <button className="act">Set the note</button>
        </form>
      ) : (
        <button type="button" className="act" onClick={() => setIsNoting(id)}>
          {note ? 'Change the note' : 'Note'}
        </button>
      )}
    </div>
  )
}
