import { Link } from 'react-router'
import { useTreePath } from '../../api/useTree'
import { OpenDemo } from '../account/OpenDemo'

/** What can be done first in a tree in which nobody is. */
export function FirstSteps() {
  const path = useTreePath()
  return (
    <section aria-label="First steps" className="mt-3 max-w-[640px] font-serif text-[18px]">
      <p>This tree is empty. Three ways to begin:</p>
      <ul className="mt-2 space-y-2">
        <li>
          <Link className="act" to={path('people?add')}>
            Add the first person
          </Link>
          , such as yourself, and go on from there to parents and children.
        </li>
        <li>
          <Link className="act" to={path('exchange')}>
            Bring a GEDCOM file in
          </Link>
          : what another program wrote is looked at before anything comes in.
        </li>
        <li>
          <OpenDemo className="act" />, a tree of made-up islands to practise on; your own stays as it is.
        </li>
      </ul>
    </section>
  )
}
