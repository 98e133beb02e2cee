import { Cancel } from './Cancel'

type Props = { says?: string; disabled: boolean; onLeave: () => void }

/** The end of everything that is written in place: keep it, or leave without loss. */
export function FormButtons({ says = 'Save', disabled, onLeave }: Props) {
  return (
    <p className="flex gap-4">
      <button className="act-main" disabled={disabled}>
        {says}
      </button>
      <Cancel onLeave={onLeave} />
    </p>
  )
}
