import { useState, type KeyboardEvent } from 'react'
import { Link } from 'react-router'
import { toast } from 'sonner'
import { api, unwrap } from '../../../api/client'
import { useTreeId, useTreePath, useWrite, type Person } from '../../../api/useTree'
import { FaceCut } from '../../../parts/page/FaceCut'
import { useDraft } from '../../../parts/useDraft'
import { SaveOrCancel } from '../../../parts/SaveOrCancel'

type Props = { person: Person; isAdding: boolean; onAdd: () => void }

/** The name that leads, its years and number; the name is changed where it stands. */
export function Heading({ person, isAdding, onAdd }: Props) {
  const tree = useTreeId()
  const path = useTreePath()
  const lead = person.names[0]
  const [typed, write, forget] = useDraft(`heading ${lead?.id ?? ''}`)
  const [isOpen, setOpen] = useState(typed !== '')
  const close = () => {
    forget()
    setOpen(false)
  }
  const change = useWrite(
    (text: string) =>
      unwrap(
        api.PATCH('/api/trees/{tree}/names/{name}', {
          params: { path: { tree, name: lead?.id ?? '' } },
          body: { typed: text, version: lead?.version ?? 0 },
        }),
      ),
    close,
  )
  const pressed = (event: KeyboardEvent) => {
    if (event.key === 'Enter') change.mutate(typed)
    if (event.key === 'Escape') close()
  }
  const copy = () => {
    void navigator.clipboard
      ?.writeText(String(person.number))
      .then(() => toast.success(`${person.number} copied`))
  }
  return (
    <header className="flex min-h-[56px] shrink-0 items-baseline gap-4 max-sm:flex-wrap max-sm:gap-y-0 pt-2">
      {person.portrait && (
        <FaceCut
          cut={person.portrait}
          media={person.portrait.mediaId}
          page={person.portrait.size}
          side={56}
          label={`Portrait of ${person.name}`}
        />
      )}
      {!isOpen ? (
        <h1
          className={`min-w-0 font-serif leading-[1.15] ${person.name.length > 44 ? 'text-[20px]' : 'text-[28px]'}`}
        >
          <button
            type="button"
            className="line-clamp-2 text-left hover:text-tide"
            title="Change the name"
            onClick={() => {
              write(lead?.typed ?? '')
              setOpen(true)
            }}
          >
            {person.name}
          </button>
        </h1>
      ) : (
        <div className="flex min-w-0 grow flex-wrap items-baseline gap-x-4">
          <input
            className="gap min-w-[200px] grow font-serif text-[24px]"
            aria-label="Name, the surname between slashes if need be"
            value={typed}
            autoFocus
            onChange={(event) => write(event.target.value)}
            onKeyDown={pressed}
          />
          <SaveOrCancel onSave={() => change.mutate(typed)} onLeave={close} />
        </div>
      )}
      <span className="shrink-0 text-[17px] text-graphite">{person.years}</span>
      {person.toCentre !== '' && (
        <span className="min-w-0 truncate text-[14px] text-graphite" title={person.toCentre}>
          {person.toCentre}
        </span>
      )}
      <button
        type="button"
        className="shrink-0 text-[13px] text-graphite hover:text-tide"
        title="Copy the number"
        onClick={copy}
      >
        no. {person.number}
      </button>
      {person.line !== '' && (
        <span
          className="max-w-[140px] truncate text-[13px] text-graphite"
          title={`${person.line} in the line`}
        >
          {person.line}
        </span>
      )}
      <span className="ml-auto flex shrink-0 gap-4 text-[14px]">
        <Link className="act" to={path(`drawings/${person.id}`)}>
          Draw
        </Link>
        <button
          type="button"
          className="act"
          aria-expanded={isAdding}
          aria-controls="add-what"
          onClick={onAdd}
        >
          Add <kbd>a</kbd>
        </button>
      </span>
    </header>
  )
}
