import type { KeyboardEvent } from 'react'
import type { Schemas } from '../../api/client'

type Scene = Schemas['SceneResource']
type Ink = Schemas['TextStyleResource']['ink']
export type Area = Schemas['AreaResource']

const STROKE: Record<Ink, string> = {
  ink: 'stroke-ink',
  graphite: 'stroke-graphite',
  hairline: 'stroke-graphite',
  link: 'stroke-tide',
}

const FILL: Record<Ink, string> = {
  ink: 'fill-ink',
  graphite: 'fill-graphite',
  hairline: 'fill-graphite',
  link: 'fill-tide group-hover:underline',
}

const FACE: Record<Schemas['TextStyleResource']['typeface'], string> = {
  serif: 'font-serif',
  sans: 'font-sans',
}

type Props = {
  scene: Scene
  onChoose: (area: Area) => void
  onPress: (area: Area) => (event: KeyboardEvent) => void
}

/** A scene as it came: every place, size and stroke is the server's; only ink and typeface are those of the theme. */
export function Painted({ scene, onChoose, onPress }: Props) {
  const strokes = new Map(
    scene.strokeStyles.map((style) => [
      style.name,
      {
        className: `fill-none ${STROKE[style.ink]}`,
        strokeWidth: style.width,
        strokeDasharray: style.dashes.join(' ') || undefined,
      },
    ]),
  )
  const texts = new Map(
    scene.textStyles.map((style) => [
      style.name,
      {
        className: `${FILL[style.ink]} ${FACE[style.typeface]}`,
        fontSize: style.size,
      },
    ]),
  )
  return (
    <>
      {scene.paths.map((path, index) => (
        <polyline key={index} points={path.points.join(' ')} {...strokes.get(path.style)} />
      ))}
      {scene.texts.map((text) => (
        <text
          key={`${text.x} ${text.words}`}
          x={text.x}
          y={text.y}
          textAnchor={text.endsAtX ? 'end' : 'start'}
          {...texts.get(text.style)}
        >
          {text.words}
        </text>
      ))}
      {scene.areas.map((area) => (
        <g
          key={area.gesture + area.personId}
          tabIndex={0}
          role="link"
          aria-label={area.aloud}
          className="group cursor-pointer"
          onClick={() => onChoose(area)}
          onKeyDown={onPress(area)}
        >
          {area.title !== '' && <title>{area.title}</title>}
          <rect
            x={area.x}
            y={area.y}
            width={area.width}
            height={area.height}
            className={area.gesture === 'open' ? 'fill-paper hover:fill-wash' : 'fill-transparent'}
          />
          {area.rules.map((rule, index) => (
            <line
              key={index}
              x1={rule.fromX}
              y1={rule.fromY}
              x2={rule.toX}
              y2={rule.toY}
              {...strokes.get(rule.style)}
            />
          ))}
          {area.texts.map((text, index) => (
            <text
              key={index}
              x={text.x}
              y={text.y}
              textAnchor={text.endsAtX ? 'end' : 'start'}
              {...texts.get(text.style)}
            >
              {text.words}
            </text>
          ))}
        </g>
      ))}
    </>
  )
}
