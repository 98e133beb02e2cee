import { Popover } from 'radix-ui'
import { useTreeId } from '../api/useTree'
import { forget, hold, release, movePage, useShelf } from '../api/heldCitation'

/** What is held, always on view; its page can be moved on, and another of those set by can be taken up. */
export function HeldCitation() {
  const tree = useTreeId()
  const { held, citations } = useShelf(tree)
  if (citations.length === 0) return null
  return (
    <span className="flex min-w-0 items-center gap-2 text-[13px]">
      {held && (
        <>
          <span className="min-w-0 truncate" title={`Every fact that you enter is cited by ${held.title}`}>
            Held: <span className="font-serif text-[15px] italic">{held.title}</span>,
          </span>
          <input
            className="gap w-[120px] shrink-0"
            aria-label="Page of what is held"
            placeholder="page"
            value={held.locator}
            onChange={(event) => movePage(tree, event.target.value)}
          />
          <button type="button" className="act shrink-0" onClick={() => release(tree)}>
            Release
          </button>
        </>
      )}
      <Popover.Root>
        <Popover.Trigger className="act shrink-0">{held ? 'Others' : 'Hold a citation'}</Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="start"
            sideOffset={6}
            className="z-30 w-[360px] max-w-[92vw] rounded-[4px] border border-rule bg-raised px-4 py-3 shadow-lg"
          >
            <p className="heads">Citations set by</p>
            <ul>
              {citations.map((citation) => (
                <li key={citation.name} className="flex items-baseline gap-3 py-[2px]">
                  <button
                    type="button"
                    className="act min-w-0 grow truncate text-left"
                    aria-pressed={citation === held}
                    onClick={() => hold(tree, citation)}
                  >
                    {citation.name}
                    {citation.locator !== '' && <span className="text-graphite">, {citation.locator}</span>}
                  </button>
                  <button
                    type="button"
                    className="act text-[13px]"
                    onClick={() => forget(tree, citation.name)}
                  >
                    Remove
                  </button>
                </li>
              ))}
            </ul>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </span>
  )
}
