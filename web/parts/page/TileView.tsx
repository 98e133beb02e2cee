import { memo } from 'react'
import { useTreeId } from '../../api/useTree'
import { TILE, tiles, type PageSize, type View } from './geometry'

type Props = { media: string; page: PageSize; view: View; width: number; height: number }

/** A page in its tiles: only those that the frame shows, at the size that the zoom needs, over one that shows it all. */
export const TileView = memo(function TileView({ media, page, view, width, height }: Props) {
  const tree = useTreeId()
  const shown = tiles(view, page, width, height)
  const address = (level: number, x: number, y: number) =>
    `/api/trees/${tree}/media/${media}/tiles/${view.page}/${level}/${x}/${y}`
  const all = 2 ** (page.levels - 1)
  return (
    <div
      aria-hidden
      className="pointer-events-none absolute left-0 top-0 origin-top-left select-none"
      style={{
        width: page.width,
        height: page.height,
        filter: `invert(${view.inverted ? 1 : 0}) contrast(${view.contrast}) brightness(${view.brightness})`,
        transform: `translate(${width / 2}px, ${height / 2}px) rotate(${view.turn}deg) scale(${view.zoom})
          translate(${-view.x * page.width}px, ${-view.y * page.height}px)`,
      }}
    >
      <Tile at={address(0, 0, 0)} left={0} top={0} width={page.width} height={page.height} key="all" />
      {all > 1 &&
        shown.level > 0 &&
        shown.tiles.map(({ x, y }) => {
          const side = TILE * shown.factor
          return (
            <Tile
              key={`${shown.level} ${x} ${y}`}
              at={address(shown.level, x, y)}
              left={x * side}
              top={y * side}
              width={Math.min(side, page.width - x * side)}
              height={Math.min(side, page.height - y * side)}
            />
          )
        })}
    </div>
  )
})

function Tile(props: { at: string; left: number; top: number; width: number; height: number }) {
  const { at, left, top, width, height } = props
  return (
    <img
      src={at}
      alt=""
      draggable={false}
      className="absolute max-w-none"
      style={{ left, top, width, height }}
    />
  )
}
