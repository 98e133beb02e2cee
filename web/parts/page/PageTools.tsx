import { zoomed, type View } from './geometry'

type Props = {
  view: View
  onView: (view: View) => void
  whole: () => View
  /** Takes the strip under the ruler for the heads of the columns; missing where a page has none. */
  onHeads?: (() => void) | undefined
  /** Cuts what lies in the middle, to set it beside others; missing where nothing is compared. */
  onCut?: (() => void) | undefined
  /** Whether dragging draws a frame instead of moving the page; missing where nothing is drawn. */
  drawing?: { isOn: boolean; onTurn: () => void } | undefined
  /** Moves the page by so many pixels of the screen. */
  onPan: (x: number, y: number) => void
}

const BUTTON = 'min-h-[24px] min-w-[24px] px-[5px] text-tide hover:underline'

const PANS: [string, string, number, number][] = [
  ['←', 'Pan left', -60, 0],
  ['→', 'Pan right', 60, 0],
  ['↑', 'Pan up', 0, -60],
  ['↓', 'Pan down', 0, 60],
]

/** What can be done with the page, for the mouse; the keys do the same. */
export function PageTools({ view, onView, whole, onHeads, onCut, drawing, onPan }: Props) {
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
    ['cut', 'x: what lies in the middle; or draw', onCut],
  ]
  return (
    <p className="absolute right-2 bottom-1 flex max-w-[calc(100%-16px)] flex-wrap gap-x-1 rounded-[3px] bg-raised/95 px-1 text-[12px]">
      {PANS.map(([sign, says, x, y]) => (
        <button key={says} type="button" className={BUTTON} aria-label={says} onClick={() => onPan(x, y)}>
          {sign}
        </button>
      ))}
      {drawing && (
        <button
          type="button"
          className={`${BUTTON} aria-pressed:bg-wash aria-pressed:font-semibold`}
          aria-pressed={drawing.isOn}
          title="Dragging draws a frame; with Shift held it always does"
          onClick={drawing.onTurn}
        >
          draw a frame
        </button>
      )}
      {steps.map(([word, key, next]) => (
        <button key={word} type="button" className={BUTTON} title={`Key ${key}`} onClick={() => onView(next)}>
          {word}
          {word === 'contrast' && view.contrast !== 1 && ` ${view.contrast}`}
          {word === 'invert' && view.inverted && ' back'}
        </button>
      ))}
      {cuts.map(
        ([word, key, run]) =>
          run && (
            <button key={word} type="button" className={BUTTON} title={`Key ${key}`} onClick={run}>
              {word}
            </button>
          ),
      )}
    </p>
  )
}
