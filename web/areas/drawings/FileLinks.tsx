import { useState } from 'react'
import { useTree } from '../../api/useTree'
import { count } from '../../parts/count'
import { PersonLink } from '../../parts/PersonLink'
import type { Area } from './Painted'

const FORMATS = ['svg', 'pdf', 'png'] as const

const PAPERS = ['A4', 'Letter'] as const

type Props = {
  address: (format: string) => string
  areas: readonly Area[]
}

/**
 * A drawing as a file, in each form that there is, or on sheets to be put together; where somebody living is in it, who
 * they are comes first.
 */
export function FileLinks({ address, areas }: Props) {
  const [isOpen, setIsOpen] = useState(false)
  const living = [
    ...new Map(areas.filter((area) => area.isLiving).map((area) => [area.personId, area])).values(),
  ]
  if (living.length === 0) return <Links address={address} />
  if (!isOpen)
    return (
      <button type="button" className="act" onClick={() => setIsOpen(true)}>
        Save as a file
      </button>
    )
  return <LivingFirst living={living} address={address} onLeave={() => setIsOpen(false)} />
}

type LivingProps = {
  living: readonly Area[]
  address: (format: string) => string
  onLeave: () => void
}

/** Who in it is living, and what the file will say of them. */
function LivingFirst({ living, address, onLeave }: LivingProps) {
  const { data: about } = useTree()
  const [inFull, setInFull] = useState(false)
  const withLiving = (format: string) => {
    const plain = address(format)
    return inFull ? `${plain}${plain.includes('?') ? '&' : '?'}living=keep` : plain
  }
  return (
    <section
      aria-label="Before it is saved"
      className="basis-full border-l-2 border-ochre py-1 pl-4"
      onKeyDown={(event) => event.key === 'Escape' && onLeave()}
    >
      <p>
        <span className="text-ochre">{count(living.length, 'living person', 'living people')}</span>{' '}
        {living.length === 1 ? 'is' : 'are'} drawn here;{' '}
        {inFull
          ? 'the file tells of them in full.'
          : 'the file says “Living” in their place, and nothing else.'}
      </p>
      <ul aria-label="The living" className="flex max-h-[120px] flex-wrap gap-x-4 overflow-auto font-serif">
        {living.map((area) => (
          <li key={area.personId}>
            <PersonLink id={area.personId}>{area.title}</PersonLink>
          </li>
        ))}
      </ul>
      {about?.role === 'owner' && (
        <label className="flex items-baseline gap-2">
          <input type="checkbox" checked={inFull} onChange={(event) => setInFull(event.target.checked)} />
          Tell of them in full; the journal keeps that you did.
        </label>
      )}
      <p className="flex flex-wrap gap-x-5">
        <Links address={withLiving} />
        <button type="button" className="act" onClick={onLeave}>
          Cancel
        </button>
      </p>
    </section>
  )
}

function Links({ address }: { address: (format: string) => string }) {
  const tiled = (paper: string) => {
    const pdf = address('pdf')
    return `${pdf}${pdf.includes('?') ? '&' : '?'}paper=${paper}`
  }
  return (
    <>
      {FORMATS.map((format) => (
        <a key={format} className="act" href={address(format)} download>
          {format.toUpperCase()}
        </a>
      ))}
      {PAPERS.map((paper) => (
        <a key={paper} className="act" href={tiled(paper)} download>
          on {paper} sheets
        </a>
      ))}
    </>
  )
}
