import { Popover } from 'radix-ui'
import { Link } from 'react-router'
import { useTreePath } from '../api/useTree'
import { switchTheme } from '../parts/theme'

/** Guide, keys, theme and account at the end of the top line; in a narrow window behind one button. */
export function Tools({ onHelp, name }: { onHelp: () => void; name: string }) {
  return (
    <>
      <span className="flex shrink-0 gap-4 text-[13px] max-md:hidden">
        <All onHelp={onHelp} name={name} />
      </span>
      <Popover.Root>
        <Popover.Trigger className="act shrink-0 text-[13px] md:hidden">More</Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="end"
            sideOffset={6}
            className="z-30 flex max-w-[92vw] flex-col items-start gap-3 rounded-[4px] border border-rule bg-raised px-4 py-3 shadow-lg"
          >
            <All onHelp={onHelp} name={name} />
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </>
  )
}

function All({ onHelp, name }: { onHelp: () => void; name: string }) {
  const path = useTreePath()
  return (
    <>
      <Link className="act" to={path('guide')}>
        Guide
      </Link>
      <button type="button" className="act" onClick={onHelp}>
        Keys
      </button>
      <button type="button" className="act" onClick={switchTheme}>
        Light or dark
      </button>
      <Link className="act" to="/account" aria-label={`Account: ${name}`}>
        <span className="inline-block max-w-[140px] truncate align-bottom">{name}</span>
      </Link>
    </>
  )
}
