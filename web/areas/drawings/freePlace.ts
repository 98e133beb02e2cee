type Box = { x: number; y: number; width: number; height: number }

/** How far apart places are tried, and how far away at most; in units of the drawing. */
const [STEP, FAR] = [24, 1200]

const meets = (a: Box, b: Box) =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height

/**
 * The nearest place beside a box at which something of this size lies on nothing that is there: its distance from the
 * upper left corner of the box. Beneath the box where there is none.
 */
export function freePlace(
  box: Box,
  width: number,
  height: number,
  there: readonly Box[],
): { x: number; y: number } {
  const near = there.filter((one) => meets(one, around(box, FAR + Math.max(width, height))))
  let best = { x: 0, y: box.height + 4, away: Infinity }
  for (let x = -FAR; x <= FAR; x += STEP)
    for (let y = -FAR; y <= FAR; y += STEP) {
      // From the middle of the one to the middle of the other.
      const away = Math.hypot(x + width / 2 - box.width / 2, y + height / 2 - box.height / 2)
      if (away >= best.away) continue
      const place = { x: box.x + x, y: box.y + y, width, height }
      if (place.x >= 0 && place.y >= 0 && !near.some((one) => meets(place, one))) best = { x, y, away }
    }
  return { x: best.x, y: best.y }
}

const around = ({ x, y, width, height }: Box, by: number): Box => ({
  x: x - by,
  y: y - by,
  width: width + 2 * by,
  height: height + 2 * by,
})
