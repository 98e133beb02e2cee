import { viewOfStrip, type PageSize, type StripPlace, type View } from './geometry'
import { TileView } from './TileView'

type Props = {
  slip: StripPlace
  media: string
  page: PageSize
  width: number
  most: number
  lit: View | null
}

/** The strip of page on which a line stands, as wide as it is asked for; a strip that would be taller than `most` is drawn smaller. */
export function ImageStrip({ slip, media, page, width, most, lit }: Props) {
  const natural = (slip.height * page.height * width) / (slip.width * page.width)
  const height = Math.min(most, natural)
  const view = viewOfStrip(slip, page, width * (height / natural), lit)
  return (
    <div aria-hidden className="relative overflow-hidden" style={{ width, height }}>
      <TileView media={media} page={page} view={view} width={width * (height / natural)} height={height} />
    </div>
  )
}
