import type { Schemas } from '../../api/client'

type Scene = Schemas['SceneResource']
type Box = Scene['boxes'][number]

const RULES: Record<string, string> = {
  cited: 'cited',
  partly: 'cited in part',
  uncited: 'no source yet',
}

const KINDS: Record<string, string> = {
  'ad.': 'adoptive',
  'fo.': 'foster',
  'gu.': 'guardian',
  'rec.': 'recognised',
  'oth.': 'of another kind',
}

/** A box as it is read aloud: who, when and where, whose parent, of what kind and how far proved, and how well cited. */
export function aloud(box: Box, scene: Pick<Scene, 'boxes' | 'lines'>): string {
  const parentOf = scene.lines
    .filter((line) => line.toId === box.personId)
    .map((line) => {
      const child = scene.boxes.find((box) => box.personId === line.fromId)
      const kind = KINDS[child?.mark ?? '']
      return `${kind ? `${kind} ` : ''}parent of ${child?.fullName ?? 'somebody not drawn'}${line.dotted ? ', not proved' : ''}`
    })
  return [box.fullName, ...box.lines, ...parentOf, RULES[box.rule], box.footing, box.more]
    .filter(Boolean)
    .join(', ')
}
