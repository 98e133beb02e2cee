import type { Schemas } from '../../api/client'
import { stripSize } from './geometry'
import { ImageStrip } from './ImageStrip'

/** The ink that a claim was read from, whole: a line of a page as tall as can be read, which slides sideways; a block at its own shape. */
export function ClaimImage({
  slip: ink,
  tall,
}: {
  slip: Schemas['ClaimImageStrip'] | undefined | null
  tall: number
}) {
  if (!ink) return null
  const { slip, page } = ink
  const { width, height } = stripSize(slip, page, tall)
  return (
    <div
      role="img"
      aria-label="The line of the page"
      tabIndex={0}
      className="mb-1 overflow-x-auto rounded-[2px] border border-rule"
    >
      <ImageStrip slip={slip} media={ink.mediaId} page={page} width={width} most={height} lit={ink.view} />
    </div>
  )
}
