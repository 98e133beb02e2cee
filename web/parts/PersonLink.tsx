import { HoverCard } from 'radix-ui'
import { useContext, useState, type MouseEvent, type ReactNode } from 'react'
import { Link } from 'react-router'
import { useTreePath } from '../api/useTree'
import { TakesInHand } from './inHand'
import { PersonCard } from './PersonCard'

/** A name that leads to its person; over it, or while it is focused, a card says who that is. */
export function PersonLink({ id, children }: { id: string; children: ReactNode }) {
  const path = useTreePath()
  const [open, setOpen] = useState(false)
  const take = useContext(TakesInHand)
  const clicked = (event: MouseEvent) => {
    if (take === null || event.ctrlKey || event.metaKey || event.shiftKey) return
    event.preventDefault()
    take(id)
  }
  return (
    <HoverCard.Root open={open} onOpenChange={setOpen} openDelay={350} closeDelay={120}>
      <HoverCard.Trigger asChild>
        <Link to={path(`people/${id}`)} className="hover:text-tide hover:underline" onClick={clicked}>
          {children}
        </Link>
      </HoverCard.Trigger>
      <HoverCard.Portal>
        <HoverCard.Content
          side="bottom"
          align="start"
          sideOffset={4}
          collisionPadding={12}
          className="z-30 w-[300px] max-w-[92vw] rounded-[4px] border border-rule bg-raised px-4 py-3 shadow-lg"
        >
          {open && <PersonCard id={id} />}
        </HoverCard.Content>
      </HoverCard.Portal>
    </HoverCard.Root>
  )
}
