import { useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { Link, Outlet, useMatch, useNavigate, useParams } from 'react-router'
import { useTree, useTreeId, useTreePath } from '../api/useTree'
import { AREAS } from './areas'
import { HeldCitation } from './HeldCitation'
import { JumpField } from './JumpField'
import { KeysHelp } from './KeysHelp'
import { useCommands } from '../keys/commandRegistry'
import { LettersLine } from './LettersLine'
import { Spine } from './Spine'
import { StepButtons } from './StepButtons'
import { Tools } from './Tools'
import { useTrail } from '../parts/trail'
import { useFocusKept } from './useFocusKept'
import { useScrollMemory } from './useScrollMemory'
import { useRunning } from './useRunning'
import { useSteps } from './useSteps'
import { queries } from '../api/queries'

/** Spine, top line and trail; the area stands in the middle. */
export function Shell() {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const jump = useRef<HTMLInputElement>(null)
  const [help, setHelp] = useState(false)
  const [meant, setMeant] = useState('')
  const here = useParams().person ?? ''
  const trail = useTrail(tree)
  const middle = useRef<HTMLElement>(null)
  useScrollMemory(middle)
  useFocusKept()
  const { data: about } = useTree()
  // At the reading table every line of height is the page's.
  const isReading = useMatch('/t/:tree/records/table/:record') !== null
  const place = trail.findIndex((step) => step.id === here)
  const walk = (by: number) => {
    const step = trail[(place < 0 ? trail.length : place) + by]
    if (step) void navigate(path(`people/${step.id}`))
  }
  const steps = useSteps()
  useCommands([
    { key: '/', says: 'Jump to a name or number', run: () => jump.current?.focus() },
    {
      key: '?',
      says: help ? 'Open the guide' : 'Show the keys',
      run: () => {
        if (help) void navigate(path('guide'))
        setHelp(!help)
      },
    },
    { key: '[', says: 'Back along the trail', run: () => walk(-1) },
    { key: ']', says: 'Forward along the trail', run: () => walk(1) },
    { key: 'U', says: 'Undo', run: () => steps.undo() },
    { key: 'Ctrl+z', says: 'Undo', run: () => steps.undo() },
    { key: 'Ctrl+Shift+z', says: 'Redo', run: () => steps.redo() },
    ...AREAS.map((area) => ({
      key: `g ${area.key}`,
      says: `Go to ${area.name}`,
      run: () => navigate(path(area.path)),
    })),
  ])
  return (
    <div
      data-tree={about?.name ?? ''}
      className="grid h-full grid-cols-[40px_minmax(0,1fr)] grid-rows-[minmax(40px,auto)_minmax(0,1fr)]"
    >
      <a
        href="#middle"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-raised focus:p-2"
      >
        To the middle of the page
      </a>
      <Spine />
      <TopLine jump={jump} meant={meant} steps={steps} onHelp={() => setHelp(true)} />
      <div
        className={`grid min-h-0 ${isReading ? 'grid-rows-[auto_minmax(0,1fr)]' : 'grid-rows-[auto_28px_minmax(0,1fr)]'}`}
      >
        <div>
          <LettersLine onJump={setMeant} />
        </div>
        <nav
          aria-label="Trail"
          hidden={isReading}
          className="flex items-center [&[hidden]]:hidden gap-4 overflow-hidden whitespace-nowrap px-4 text-[13px]"
        >
          {[...trail].reverse().map((step) => (
            <Link
              key={step.id}
              to={path(`people/${step.id}`)}
              aria-current={step.id === here ? 'page' : undefined}
              className={`max-w-[180px] truncate ${step.id === here ? 'font-semibold text-ink' : 'text-graphite hover:text-tide'}`}
            >
              {step.name}
            </Link>
          ))}
        </nav>
        <main ref={middle} id="middle" tabIndex={-1} className="min-h-0 overflow-auto outline-none">
          <Outlet />
        </main>
      </div>
      <KeysHelp open={help} onOpen={setHelp} />
    </div>
  )
}

type TopLineProps = {
  jump: React.RefObject<HTMLInputElement | null>
  meant: string
  steps: ReturnType<typeof useSteps>
  onHelp: () => void
}

function TopLine({ jump, meant, steps, onHelp }: TopLineProps) {
  const path = useTreePath()
  const { data } = useTree()
  const { data: session } = useQuery(queries.session())
  const running = useRunning()
  return (
    <header className="flex min-w-0 flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule px-4 max-sm:px-2 max-sm:py-1">
      <Link to="/trees" className="max-w-[220px] shrink-0 truncate font-serif text-[17px] font-semibold">
        {data?.name ?? '…'}
      </Link>
      <JumpField field={jump} word={meant} />
      <HeldCitation />
      <span className="ml-auto min-w-0">
        <StepButtons {...steps} />
      </span>
      <span className="min-w-0 truncate text-[13px] text-graphite" role="status">
        {running && (
          <Link className="act" to={path('exchange')}>
            {running.title}: {running.said} ({running.percent}%)
          </Link>
        )}
      </span>
      <Tools onHelp={onHelp} name={session?.user?.name ?? ''} />
    </header>
  )
}
