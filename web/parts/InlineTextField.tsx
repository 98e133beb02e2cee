import { useState, type ComponentProps } from 'react'

type GapProps = Omit<ComponentProps<'input'>, 'value' | 'onChange'> & {
  value: string
  onKeep: (value: string) => void
}

/** A gap for a few words, kept once when it is left, or by Enter. */
export function InlineTextField(props: GapProps) {
  // What was taken back or written elsewhere meanwhile begins it anew.
  return <Gap key={props.value} {...props} />
}

function Gap({ value, onKeep, ...input }: GapProps) {
  const [typed, setTyped] = useState(value)
  return (
    <input
      {...input}
      value={typed}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={() => typed !== value && onKeep(typed)}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
    />
  )
}
