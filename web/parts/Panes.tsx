import type { ReactNode } from 'react'
import { Group, Panel, Separator, useDefaultLayout } from 'react-resizable-panels'
import { useWide } from './useWide'

type Props = {
  /** Under which the place of the divider is remembered. */
  name: string
  /** How much of the width the left pane has at first, in hundredths. */
  left: number
  children: [ReactNode, ReactNode]
}

/**
 * Two panes side by side; the divider is moved by mouse, or by arrows while it is focused, and stays. Narrow windows have
 * them one under the other.
 */
export function Panes({ name, left, children: [first, second] }: Props) {
  const isWide = useWide()
  const { defaultLayout, onLayoutChanged } = useDefaultLayout({
    id: `panes ${name}`,
    storage: localStorage,
    onlySaveAfterUserInteractions: true,
  })
  if (!isWide)
    return (
      <div className="h-full overflow-auto">
        <div className="min-h-[70vh]">{first}</div>
        <div className="border-t border-rule">{second}</div>
      </div>
    )
  return (
    <Group
      orientation="horizontal"
      className="h-full"
      onLayoutChanged={onLayoutChanged}
      {...(defaultLayout ? { defaultLayout } : {})}
    >
      <Panel id="left" defaultSize={`${left}%`} minSize="30%" className="min-w-0">
        {first}
      </Panel>
      <Separator
        className="w-[7px] cursor-col-resize border-l border-rule outline-none focus-visible:bg-tide data-[separator=hover]:bg-wash"
        aria-label="Divider; arrows move it"
      />
      <Panel id="right" minSize="20%" className="min-w-0">
        {second}
      </Panel>
    </Group>
  )
}
