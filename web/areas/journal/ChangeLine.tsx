import type { Schemas } from '../../api/client'
import { formatMoment } from '../../parts/formatDay'
import { HOW } from './how'
import { count } from '../../parts/count'

/** One change: what it did and why, by whom and when; taken in hand it shows its values in the margin. */
export function ChangeLine({
  change,
  inHand,
  onTake,
}: {
  change: Schemas['ChangeResource']
  inHand: boolean
  onTake: () => void
}) {
  return (
    <li
      id={`change-${change.id}`}
      className={`border-b border-rule py-[6px] pl-2 ${inHand ? 'border-l-2 border-l-tide bg-raised' : 'border-l-2 border-l-transparent'}`}
    >
      <button type="button" className="block w-full text-left" aria-pressed={inHand} onClick={onTake}>
        <span className={change.undone ? 'text-graphite line-through' : ''}>{change.summary}</span>
        {change.whose !== '' && <span className="font-serif">: {change.whose}</span>}
        {change.undone && <span className="text-graphite"> undone</span>}
        <span className="block text-[13px] text-graphite">
          {formatMoment(change.madeAt)}, {change.who}, {HOW[change.how] ?? `by ${change.how}`},{' '}
          {count(change.rows, 'change')}
        </span>
        {change.why !== '' && <span className="block font-serif text-[15px]">{change.why}</span>}
      </button>
    </li>
  )
}
