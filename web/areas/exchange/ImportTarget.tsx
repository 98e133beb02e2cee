import { useId } from 'react'
import type { Schemas } from '../../api/client'
import { useTree } from '../../api/useTree'

export type Mode = NonNullable<Schemas['ImportInput']['mode']>

type Props = {
  mode: Mode
  treeName: string
  onMode: (mode: Mode) => void
  onTreeName: (name: string) => void
  copyFirst: boolean
  onCopyFirst: (wanted: boolean) => void
}

/** Into which tree a file goes. */
export function ImportTarget({ mode, treeName, onMode, onTreeName, copyFirst, onCopyFirst }: Props) {
  const { data: about } = useTree()
  const group = useId()
  const modes: [Mode, string][] = [
    ['add', `into ${about?.name ?? 'this tree'}, beside who is there`],
    ['new', 'into a new tree'],
    ['replace', 'in place of this tree, which is kept thirty days'],
  ]
  return (
    <fieldset className="mt-3 space-y-1">
      <legend className="heads">Where to</legend>
      {modes
        .filter(([one]) => one !== 'replace' || about?.role === 'owner')
        .map(([one, words]) => (
          <div key={one}>
            <label className="block">
              <input type="radio" name={group} checked={mode === one} onChange={() => onMode(one)} /> {words}
            </label>
            {one === 'add' && mode === 'add' && (
              <label className="block pl-6">
                <input
                  type="checkbox"
                  checked={copyFirst}
                  onChange={(event) => onCopyFirst(event.target.checked)}
                />{' '}
                save a copy of {about?.name ?? 'this tree'} first
              </label>
            )}
          </div>
        ))}
      {mode === 'new' && (
        <input
          className="gap w-[320px] max-w-full"
          aria-label="Name of the new tree"
          placeholder="what the new tree is called"
          value={treeName}
          onChange={(event) => onTreeName(event.target.value)}
        />
      )}
    </fieldset>
  )
}
