import { useMemo } from 'react'
import type { Schemas } from '../../api/client'

export type Scene = Schemas['SceneResource']
type Ink = Schemas['TextStyleResource']['ink']

const STROKE: Record<Ink, string> = {
  ink: 'stroke-ink',
  graphite: 'stroke-graphite',
  hairline: 'stroke-graphite',
  waiting: 'stroke-ochre',
  link: 'stroke-tide',
}

const FILL: Record<Ink, string> = {
  ink: 'fill-ink',
  graphite: 'fill-graphite',
  hairline: 'fill-graphite',
  waiting: 'fill-ochre',
  link: 'fill-tide group-hover:underline',
}

const FACE: Record<Schemas['TextStyleResource']['typeface'], string> = {
  serif: 'font-serif',
  sans: 'font-sans',
}

export type StrokeLook = { className: string; strokeWidth: number; strokeDasharray: string | undefined }

export type TextLook = { className: string; fontSize: number }

/** The styles that a scene names, in the colours of the theme. */
export function useStyles(scene: Scene) {
  return useMemo(
    () => ({
      strokes: new Map<string, StrokeLook>(
        scene.strokeStyles.map((style) => [
          style.name,
          {
            className: `fill-none ${STROKE[style.ink]}`,
            strokeWidth: style.width,
            strokeDasharray: style.dashes.join(' ') || undefined,
          },
        ]),
      ),
      texts: new Map<string, TextLook>(
        scene.textStyles.map((style) => [
          style.name,
          { className: `${FILL[style.ink]} ${FACE[style.typeface]}`, fontSize: style.size },
        ]),
      ),
    }),
    [scene.strokeStyles, scene.textStyles],
  )
}
