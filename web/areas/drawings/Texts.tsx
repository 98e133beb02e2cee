import type { Schemas } from '../../api/client'
import type { TextLook } from './styles'

type Props = {
  texts: readonly Schemas['TextResource'][]
  styles: ReadonlyMap<string, TextLook>
}

/** Words in their places, turned where they are. */
export function Texts({ texts, styles }: Props) {
  return texts.map((text, index) => (
    <text
      key={index}
      x={text.x}
      y={text.y}
      textAnchor={text.anchor}
      transform={text.turn === 0 ? undefined : `rotate(${text.turn} ${text.x} ${text.y})`}
      {...styles.get(text.style)}
    >
      {text.words}
    </text>
  ))
}
