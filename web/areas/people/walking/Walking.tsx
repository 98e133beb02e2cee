import { useEffect, useRef } from 'react'
import { NavLink, Outlet, useLocation, useMatch, useNavigate } from 'react-router'
import { usePerson, useTreePath } from '../../../api/useTree'
import { useCommands } from '../../../keys/commandRegistry'
import { LIST } from '../../../keys/lists'
import { openBeside } from '../../../parts/openBeside'
import { Panes } from '../../../parts/Panes'
import { useDebounced } from '../../../parts/useDebounced'
import { useAdding } from '../adding/useAdding'
import { InHand } from './InHand'
import { useHand, type Walk } from './useWalk'

const VIEWS = [
  { path: '', says: 'Index' },
  { path: '/couples', says: 'Couples' },
  { path: '/up', says: 'Line up' },
  { path: '/down', says: 'Line down' },
]

/** The people of a tree in four views; beside each the one in hand, with family and facts, to be changed in place. */
export default function Walking() {
  const path = useTreePath()
  const navigate = useNavigate()
  const [hand, setHand] = useHand()
  // In the index `a` adds a person of their own.
  const addKey = useMatch('/t/:tree/people') === null ? 'a' : 'A'
  // Arrows pass over many people; the margin follows when they rest.
  const rested = useDebounced(hand, 120)
  const { data: person } = usePerson(rested === hand ? hand : '')
  const adding = useAdding(hand, person, addKey)
  useCommands([
    ...VIEWS.map((view, at) => ({
      key: String(at + 1),
      says: `See people as: ${view.says}`,
      run: () => void navigate(path(`people${view.path}`)),
    })),
    ...(hand === ''
      ? []
      : [
          {
            key: 'Shift+Enter',
            says: 'Open who is in hand in a second window',
            run: () => openBeside(path(`people/${hand}`)),
          },
        ]),
  ])
  // Keys go on in the view that was turned to, once its list has come.
  const views = useRef<HTMLDivElement>(null)
  const view = useLocation().pathname.split('/')[4] ?? ''
  const seen = useRef(view)
  useEffect(() => {
    if (seen.current === view) return
    seen.current = view
    const waiting = setInterval(() => {
      const list = views.current?.querySelector<HTMLElement>(LIST)
      if (!list) return
      list.focus({ preventScroll: true })
      clearInterval(waiting)
    }, 50)
    return () => clearInterval(waiting)
  }, [view])
  const walk: Walk = {
    hand,
    take: setHand,
    addTo: (of, what) => {
      setHand(of)
      adding.addTo(of, what)
    },
  }
  return (
    <Panes name="people" left={62}>
      <div className="flex h-full min-h-0 flex-col">
        <nav
          aria-label="Views of the people"
          className="flex shrink-0 flex-wrap items-baseline gap-x-5 px-6 pt-2 text-[14px]"
        >
          {VIEWS.map((view, at) => (
            <NavLink
              key={view.path}
              to={path(`people${view.path}`)}
              end={view.path === ''}
              className={({ isActive }) =>
                `inline-block min-h-[26px] border-b-2 ${
                  isActive
                    ? 'border-tide font-semibold text-ink'
                    : 'border-transparent text-graphite hover:text-tide'
                }`
              }
            >
              {view.says} <kbd>{at + 1}</kbd>
            </NavLink>
          ))}
        </nav>
        <div ref={views} className="min-h-0 grow">
          <Outlet context={walk} />
        </div>
      </div>
      <InHand
        id={hand === '' ? '' : rested}
        adding={rested === hand ? adding : { ...adding, adding: null }}
        addKey={addKey}
        onTake={setHand}
      />
    </Panes>
  )
}
