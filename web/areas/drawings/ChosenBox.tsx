import { useState } from 'react'
import type { Area } from './Painted'
import { freePlace } from './freePlace'
import { PictureForBox } from './PictureForBox'
import type { Scene } from './styles'
import { towardOf, type HandworkTools } from './useHandwork'

/** About how much room a note takes: so many letters to a line. */
const NOTE = { width: 220, line: 16, letters: 34 }

type Props = {
  chosen: Area | undefined
  scene: Scene
  stops: readonly Area[]
  tools: HandworkTools
  onGo: (personId: string) => void
  onDraw: (personId: string) => void
}

/** What can be done with the box that is chosen, in words and by mouse. */
export function ChosenBox({ chosen, scene, stops, tools, onGo, onDraw }: Props) {
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
      <PictureForBox key={`picture ${id}`} chosen={chosen} scene={scene} tools={tools} />
      {isNoting === id ? (
        <form
          onSubmit={(event) => {
            event.preventDefault()
            const words = new FormData(event.currentTarget).get('note')
            const text = typeof words === 'string' ? words.trim() : ''
            const lines = Math.ceil(text.length / NOTE.letters)
            const place = freePlace(chosen, NOTE.width, (lines + 1) * NOTE.line, [
              ...scene.areas,
              ...scene.pictures,
            ])
            tools.note(id, text, note ?? place)
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
