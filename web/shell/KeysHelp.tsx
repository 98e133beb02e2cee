import { Dialog } from 'radix-ui'
import { useState } from 'react'
import { useAllCommands, type Command } from '../keys/commandRegistry'
import { lettersAreOff, switchLetters } from '../keys/letterCommands'

/** The keys of each command by what it says, in the order in which they stand. */
function byWords(commands: Command[]): Map<string, string[]> {
  const keys = new Map<string, string[]>()
  for (const { says, key } of commands) keys.set(says, [...new Set([...(keys.get(says) ?? []), key])])
  return keys
}

/** Every key that acts now, and the switch that turns letters off. */
export function KeysHelp({ open, onOpen }: { open: boolean; onOpen: (open: boolean) => void }) {
  const commands = useAllCommands()
  const [off, setOff] = useState(lettersAreOff)
  return (
    <Dialog.Root open={open} onOpenChange={onOpen}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/30" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed left-1/2 top-[10vh] z-40 max-h-[80vh] w-[520px] max-w-[94vw] -translate-x-1/2 overflow-auto rounded-[4px]
            bg-raised p-6 shadow-xl"
        >
          <Dialog.Title className="mb-3 font-serif text-[22px]">Keys</Dialog.Title>
          <dl className="grid grid-cols-[150px_1fr] gap-y-[6px]">
            {[...byWords(commands())].map(([says, keys]) => (
              <div key={says} className="contents">
                <dt>
                  {keys.map((key, at) => (
                    <span key={key}>
                      {at > 0 && ' or '}
                      {(/^[A-Z]\w+\+/.test(key) ? key.split('+') : key.split(' ')).map((part) => (
                        <kbd key={part} className="mr-1">
                          {part}
                        </kbd>
                      ))}
                    </span>
                  ))}
                </dt>
                <dd>{says}</dd>
              </div>
            ))}
          </dl>
          <label className="mt-5 flex gap-2">
            <input
              type="checkbox"
              checked={off}
              onChange={(event) => {
                setOff(event.target.checked)
                switchLetters(event.target.checked)
              }}
            />
            Letters do nothing outside of fields
          </label>
          <Dialog.Close className="act mt-5">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
