import type { Adding } from './AddRelative'

type Props = {
  begin: (next: Adding | 'fact') => () => void
  firstUnion: string | undefined
  onLeave: () => void
}

/** Who or what is added, beside the button that asks. */
export function AddMenu({ begin, firstUnion, onLeave }: Props) {
  return (
    <p
      id="add-what"
      role="group"
      aria-label="Add"
      className="flex flex-wrap justify-end gap-x-4 gap-y-1 pb-1 text-[14px]"
    >
      <Choice letter="f" word="father" onChoose={begin({ relation: 'father' })} />
      <Choice letter="m" word="mother" onChoose={begin({ relation: 'mother' })} />
      <Choice letter="p" word="partner" onChoose={begin({ relation: 'partner' })} />
      <Choice letter="c" word="child" onChoose={begin({ relation: 'child', unionId: firstUnion })} />
      <Choice letter="s" word="sibling" onChoose={begin({ relation: 'sibling' })} />
      <Choice letter="e" word="event or fact" onChoose={begin('fact')} />
      <button type="button" className="act" onClick={onLeave}>
        <kbd>Esc</kbd> Cancel
      </button>
    </p>
  )
}

function Choice({ letter, word, onChoose }: { letter: string; word: string; onChoose: () => void }) {
  return (
    <button type="button" className="act" onClick={onChoose}>
      <kbd>{letter}</kbd> {word}
    </button>
  )
}
