import { useQuery } from '@tanstack/react-query'
import { HoverCard } from 'radix-ui'
import { useState, type ReactNode } from 'react'
import { Link } from 'react-router'
import { api, unwrap } from '../api/client'
import { useTreeId, useTreePath } from '../api/useTree'

/** A name that leads to its person; over it, or while it is focused, a card says who that is. */
export function PersonLink({ id, children }: { id: string; children: ReactNode }) {
  const path = useTreePath()
  const [open, setOpen] = useState(false)
  return (
    <HoverCard.Root open={open} onOpenChange={setOpen} openDelay={350} closeDelay={120}>
      <HoverCard.Trigger asChild>
        <Link to={path(`people/${id}`)} className="hover:text-tide hover:underline">
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
          {open && <Card id={id} />}
        </HoverCard.Content>
      </HoverCard.Portal>
    </HoverCard.Root>
  )
}

function Card({ id }: { id: string }) {
  const tree = useTreeId()
  const { data } = useQuery({
    queryKey: ['card', tree, id],
    queryFn: () =>
      unwrap(api.GET('/api/trees/{tree}/people/{person}/card', { params: { path: { tree, person: id } } })),
    staleTime: 30_000,
  })
  if (!data) return <p className="text-graphite">One moment…</p>
  return (
    <div>
      <p className="font-serif text-[18px] leading-snug">{data.name}</p>
      <p className="text-[13px] text-graphite">
        no. {data.number}
        {data.years !== '' && `, ${data.years}`}
        {data.toCentre !== '' && `, ${data.toCentre}`}
      </p>
      <ul className="mt-2 text-[14px]">
        {data.lines.map((line) => (
          <li key={line} className="py-[1px]">
            {line}
          </li>
        ))}
      </ul>
    </div>
  )
}
