import { useState } from 'react'
import { NavLink } from 'react-router'
import { useTreePath } from '../api/useTree'
import { GROUPS } from './areas'

/** The areas at the left edge by their whole names, set vertically; in a low window by two letters, and whole on focus and hover. */
export function Spine() {
  const path = useTreePath()
  /** The area whose name was put away with Escape, until it is left. */
  const [hushed, setHushed] = useState('')
  return (
    <nav
      aria-label="Areas"
      className="row-span-2 flex flex-col gap-[8px] overflow-y-auto overflow-x-clip border-r border-rule pt-[40px]"
    >
      {GROUPS.map((group) => (
        <div key={group[0]?.path} className="flex flex-col">
          {group.map((area) => (
            <NavLink
              key={area.path}
              to={path(area.path)}
              onKeyDown={(event) => event.key === 'Escape' && setHushed(area.path)}
              onBlur={() => setHushed('')}
              onMouseLeave={() => setHushed('')}
              className={({ isActive }) =>
                `group relative flex min-h-[24px] items-center justify-center py-[7px] short:py-[4px] low:h-[34px]
                  ${isActive ? 'border-l-[3px] border-tide bg-wash pr-[3px] font-semibold text-tide' : 'text-graphite hover:text-tide'}`
              }
            >
              <span aria-hidden className="rotate-180 text-[11px] [writing-mode:vertical-rl] low:hidden">
                {area.name}
              </span>
              <span aria-hidden className="hidden text-[13px] low:inline">
                {area.initial}
              </span>
              <span className="sr-only">{area.name}</span>
              <span
                aria-hidden
                hidden={hushed === area.path}
                className="fixed left-[40px] z-30 hidden [&[hidden]]:hidden! whitespace-nowrap rounded-r-[3px] border border-l-0
                  border-rule bg-raised px-3 py-1 font-normal text-ink low:group-hover:block low:group-focus-visible:block"
              >
                {area.name} <kbd>g {area.key}</kbd>
              </span>
            </NavLink>
          ))}
        </div>
      ))}
    </nav>
  )
}
