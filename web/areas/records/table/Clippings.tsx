import { useCallback, useEffect, useState } from 'react'
import type { Schemas } from '../../../api/client'
import { UNLIT, type StripPlace, type View } from '../../../parts/page/geometry'
import { TileView } from '../../../parts/page/TileView'

const TALL = 72
const MOST = 12

/** Pieces cut out of the pages of a record, kept in this browser until they are put away. */
export function useClippings(record: string) {
  const key = `cuts:${record}`
  const [cuts, setCuts] = useState<StripPlace[]>(
    () => JSON.parse(localStorage.getItem(key) ?? '[]') as StripPlace[],
  )
  useEffect(() => {
    if (cuts.length > 0) localStorage.setItem(key, JSON.stringify(cuts))
    else localStorage.removeItem(key)
  }, [cuts, key])
  return {
    cuts,
    cut: useCallback((piece: StripPlace) => setCuts((now) => [...now.slice(1 - MOST), piece]), []),
    dropCut: useCallback((at: number) => setCuts((now) => now.filter((_, index) => index !== at)), []),
  }
}

type Props = {
  cuts: StripPlace[]
  images: Schemas['ImageResource'][]
  views: Record<string, View>
  onDrop: (at: number) => void
}

/** Cuts of the pages side by side, all at one scale, to compare a letter with the same hand elsewhere. */
export function Clippings({ cuts, images, views, onDrop }: Props) {
  const shown = cuts.flatMap((cut, at) => {
    const image = images.find((image) => image.id === cut.image)
    const page = image?.pages[cut.page]
    return image && page ? [{ cut, at, image, page }] : []
  })
  if (shown.length === 0) return null
  const zoom = TALL / Math.max(...shown.map(({ cut, page }) => cut.height * page.height))
  return (
    <ul
      aria-label="Cuts set side by side"
      className="flex shrink-0 items-end gap-2 overflow-x-auto border-t border-rule bg-paper px-2 py-1"
    >
      {shown.map(({ cut, at, image, page }) => {
        const [width, height] = [cut.width * page.width * zoom, cut.height * page.height * zoom]
        const lit = views[image.id] ?? image.view ?? UNLIT
        return (
          <li key={at} className="shrink-0">
            <button
              type="button"
              aria-label={`Cut ${at + 1} of ${image.title}: close it`}
              title="Close"
              className="relative block overflow-hidden hover:outline hover:outline-ochre"
              style={{ width, height }}
              onClick={() => onDrop(at)}
            >
              <TileView
                media={image.mediaId}
                page={page}
                width={width}
                height={height}
                view={{
                  ...UNLIT,
                  inverted: lit.inverted,
                  contrast: lit.contrast,
                  brightness: lit.brightness,
                  page: cut.page,
                  x: cut.left + cut.width / 2,
                  y: cut.top + cut.height / 2,
                  zoom,
                  turn: 0,
                }}
              />
            </button>
          </li>
        )
      })}
    </ul>
  )
}
