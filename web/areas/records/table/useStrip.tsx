import { useCallback, useEffect, useMemo } from 'react'
import type { Schemas } from '../../../api/client'
import type { StripPlace, View } from '../../../parts/page/geometry'
import { ImageStrip } from '../../../parts/page/ImageStrip'
import type { Line, Roll } from './roll'

const SLIP_MOST = 64

type Table = {
  images: Schemas['ImageResource'][]
  lines: Line[]
  at: number
  change: (step: string, to: (roll: Roll) => Roll) => void
  views: Record<string, View>
  /** How wide the roll is drawn. */
  wide: number
}

/** The strip of page of the line in hand: where the ruler lies, and what is drawn over the line, column heads first. */
export function useStrip({ images, lines, at, change, views, wide }: Table) {
  const line = lines[at] ?? lines[0]
  // The ruler goes on by itself: where a line has no strip of its own, the next after the last one is proposed.
  const proposed = useMemo(() => proposal(lines, at), [lines, at])
  const ruler = line?.slip ?? proposed
  const cut = useCallback(
    (slip: StripPlace) =>
      change(`slip ${at}`, (now) => ({
        ...now,
        lines: now.lines.map((line, index) => (index === at ? { ...line, slip } : line)),
      })),
    [change, at],
  )
  // What is typed beside a proposed strip was read from it.
  const isTyped = line !== undefined && line.name !== '' && line.slip === null
  useEffect(() => {
    if (isTyped && proposed) cut(proposed)
  }, [isTyped, proposed, cut])

  const slipImage = images.find((image) => image.id === ruler?.image)
  const slipPage = ruler && slipImage?.pages[ruler.page]
  const lit = slipImage ? (views[slipImage.id] ?? slipImage.view) : null
  const heads =
    ruler && lit && lit.headsHeight > 0 && lit.headsPage === ruler.page && lit.headsTop !== ruler.top
      ? { ...ruler, top: lit.headsTop, height: lit.headsHeight }
      : null
  const strips = slipPage ? [heads, ruler].filter((strip) => strip !== null) : []
  const tall = (strip: StripPlace) =>
    slipPage
      ? Math.round(
          Math.min(SLIP_MOST, (strip.height * slipPage.height * wide) / (strip.width * slipPage.width)),
        )
      : 0
  const slip = {
    height: strips.reduce((sum, strip) => sum + tall(strip), 0),
    of:
      slipImage && slipPage
        ? strips.map((strip) => (
            <ImageStrip
              key={strip.top}
              slip={strip}
              media={slipImage.mediaId}
              page={slipPage}
              width={wide}
              most={tall(strip)}
              lit={lit}
            />
          ))
        : null,
  }
  /** Once the heads are cut, the ruler goes on to where the first line is, or back to where this one was proposed. */
  const afterHeads = (strip: StripPlace) =>
    at === 0
      ? cut({ ...strip, top: Math.min(1 - strip.height, strip.top + strip.height) })
      : change('', (now) => ({
          ...now,
          lines: now.lines.map((line, index) => (index === at ? { ...line, slip: null } : line)),
        }))
  return { ruler, cut, slip, afterHeads }
}

/** The strip after the last one that was cut above a line, as tall as that; none where nothing was cut yet. */
function proposal(lines: { slip: StripPlace | null }[], at: number): StripPlace | null {
  for (let above = at - 1; above >= 0; above--) {
    const slip = lines[above]?.slip
    if (slip) {
      const top = slip.top + slip.height * (at - above)
      return top + slip.height <= 1 ? { ...slip, top } : null
    }
  }
  return null
}
