import { LivingFirst } from '../../parts/LivingFirst'
import type { Area } from './Painted'

const FORMATS = ['svg', 'pdf', 'png'] as const

const PAPERS = ['A4', 'Letter'] as const

type Props = {
  address: (format: string) => string
  areas: readonly Area[]
}

/** A drawing as a file, in each form that there is, or on sheets to be put together. */
export function FileLinks({ address, areas }: Props) {
  const living = new Map(
    areas
      .filter((area) => area.isLiving)
      .map((area) => [area.personId, { id: area.personId, name: area.title }]),
  )
  return (
    <LivingFirst
      living={[...living.values()]}
      how="drawn"
      links={(withLiving) => <Links address={(format) => withLiving(address(format))} />}
    />
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
