import { zoomed, type View } from './geometry'

type Props = {
  view: View
  onView: (view: View) => void
  whole: () => View
  /** Takes the strip under the ruler for the heads of the columns; missing where a page has none. */
  onHeads?: (() => void) | undefined
  /** Cuts what lies in the middle, to set it beside others; missing where nothing is compared. */
  onCut?: (() => void) | undefined
}

/** What can be done with the page, for the mouse; the keys do the same. */
export function PageLight({ view, onView, whole, onHeads, onCut }: Props) {
  const steps: [string, string, View][] = [
    ['closer', 'plus', zoomed(view, 1.25)],
    ['farther', 'minus', zoomed(view, 0.8)],
    ['whole', '0', whole()],
    ['turn', 'r', { ...view, turn: (view.turn + 90) % 360 }],
    ['invert', 'v', { ...view, inverted: !view.inverted }],
    ['contrast', 'c', { ...view, contrast: view.contrast >= 3 ? 1 : view.contrast + 0.5 }],
    ['light', 'b', { ...view, brightness: view.brightness >= 1.6 ? 0.6 : view.brightness + 0.2 }],
  ]
  const cuts: [string, string, (() => void) | undefined][] = [
    [view.headsHeight > 0 ? 'heads again' : 'heads', 'n: what lies under the ruler', onHeads],
    ['cut', 'x: what lies in the middle; or draw with Shift held', onCut],
  ]
  return (
    <p className="absolute bottom-1 right-2 flex gap-3 rounded-[3px] bg-raised/90 px-2 text-[12px]">
      {steps.map(([word, key, next]) => (
        <button
          key={word}
          type="button"
          className="text-tide hover:underline"
          title={`Key ${key}`}
          onClick={() => onView(next)}
        >
          {word}
          {word === 'contrast' && view.contrast !== 1 && ` ${view.contrast}`}
          {word === 'invert' && view.inverted && ' back'}
        </button>
      ))}
      {cuts.map(
        ([word, key, run]) =>
          run && (
            <button
              key={word}
              type="button"
              className="text-tide hover:underline"
              title={`Key ${key}`}
              onClick={run}
            >
              {word}
            </button>
          ),
      )}
    </p>
  )
}
