import type { KeyboardEvent, PointerEvent } from 'react'
import type { Schemas } from '../../api/client'
import { Image, SetPictures } from './SetPictures'
import { Texts } from './Texts'
import { useStyles, type Scene } from './styles'

export type Area = Schemas['AreaResource']

type Props = {
  scene: Scene
  areas: readonly Area[]
  paths: Scene['paths']
  chosen: string
  /** Before the address of a picture. */
  pictures: string
  onChoose: (area: Area) => void
  onOpen: (area: Area) => void
  onBring: (area: Area) => void
  onPress: (area: Area) => (event: KeyboardEvent) => void
  onMovePicture: (personId: string, x: number, y: number) => void
  onRemovePicture: (personId: string) => void
  /** Units of the drawing to a pixel. */
  unit: () => number
  onGrab: (area: Area) => (event: PointerEvent<SVGGElement>) => void
}

const LEADS_ON = 'fill-transparent group-hover:fill-wash'

/** A scene as it came: every place, size and stroke is the server's; only ink and typeface are those of the theme. */
export function Painted(props: Props) {
  const { scene } = props
  const styles = useStyles(scene)
  // A box keeps its focus when it moves; whoever is drawn twice has two.
  const times = new Map<string, number>()
  const keyOf = ({ gesture, personId }: Area) => {
    const of = `${gesture} ${personId}`
    times.set(of, (times.get(of) ?? 0) + 1)
    return `${of} ${times.get(of)}`
  }
  return (
    <>
      {props.paths.map((path, index) => (
        <polyline key={index} points={path.points.join(' ')} {...styles.strokes.get(path.style)} />
      ))}
      <SetPictures
        pictures={scene.pictures}
        under={props.pictures}
        unit={props.unit}
        onMove={props.onMovePicture}
        onRemove={props.onRemovePicture}
      />
      <Texts texts={scene.texts} styles={styles.texts} />
      {props.areas.map((area) => (
        <g
          key={keyOf(area)}
          data-box={area.gesture === 'open' ? area.personId : undefined}
          tabIndex={0}
          role="link"
          aria-label={area.aloud}
          className="group cursor-pointer"
          onFocus={() => props.onChoose(area)}
          onClick={() => (area.gesture === 'open' ? props.onChoose(area) : props.onBring(area))}
          onDoubleClick={() => props.onOpen(area)}
          onKeyDown={props.onPress(area)}
          onPointerDown={props.onGrab(area)}
        >
          {area.title !== '' && <title>{area.title}</title>}
          <Ground area={area} isChosen={area.gesture === 'open' && area.personId === props.chosen} />
          {area.rules.map((rule, index) => (
            <line
              key={index}
              x1={rule.fromX}
              y1={rule.fromY}
              x2={rule.toX}
              y2={rule.toY}
              {...styles.strokes.get(rule.style)}
            />
          ))}
          <Pictures of={area.pictures} under={props.pictures} />
          <Texts texts={area.texts} styles={styles.texts} />
        </g>
      ))}
    </>
  )
}

function Pictures({ of, under }: { of: Scene['pictures']; under: string }) {
  return of.map((picture, index) => <Image key={index} picture={picture} under={under} />)
}

function Ground({ area, isChosen }: { area: Area; isChosen: boolean }) {
  const fill =
    area.gesture !== 'open' ? LEADS_ON : isChosen ? 'fill-wash stroke-tide' : 'fill-paper hover:fill-wash'
  return area.outline.length > 0 ? (
    <polygon
      points={area.outline.join(' ')}
      className={isChosen ? fill : 'fill-transparent hover:fill-wash'}
    />
  ) : (
    <rect x={area.x} y={area.y} width={area.width} height={area.height} className={fill} />
  )
}
