import { UNLIT, type PageSize, type StripPlace } from './geometry'
import { TileView } from './TileView'

type Props = { cut: Omit<StripPlace, 'image'>; media: string; page: PageSize; side: number; label: string }

/** A face cut out of a picture, filling a square. */
export function FaceCut({ cut, media, page, side, label }: Props) {
  const zoom = Math.max(side / (cut.width * page.width), side / (cut.height * page.height))
  const view = {
    ...UNLIT,
    page: cut.page,
    x: cut.left + cut.width / 2,
    y: cut.top + cut.height / 2,
    zoom,
    turn: 0,
  }
  return (
    <span
      {...(label === '' ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
      className="relative inline-block shrink-0 overflow-hidden rounded-[3px]"
      style={{ width: side, height: side }}
    >
      <TileView media={media} page={page} view={view} width={side} height={side} />
    </span>
  )
}
