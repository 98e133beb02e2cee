import { AlertDialog } from 'radix-ui'
import type { ReactNode } from 'react'

type Props = {
  trigger: string
  title: string
  says: string
  children?: ReactNode
  disabled?: boolean
  onDelete: () => void
  /** A gentler way to what is often meant. */
  instead?: { says: string; onChosen: () => void }
}

/** Asks before what cannot be undone easily. */
export function Confirm({ trigger, title, says, children, disabled = false, onDelete, instead }: Props) {
  return (
    <AlertDialog.Root>
      <AlertDialog.Trigger className="act text-[14px]">{trigger}</AlertDialog.Trigger>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-30 bg-ink/30" />
        <AlertDialog.Content
          className="fixed left-1/2 top-[20vh] z-40 w-[480px] max-w-[94vw] -translate-x-1/2 rounded-[4px] bg-raised p-6
          shadow-xl"
        >
          <AlertDialog.Title className="font-serif text-[20px]">{title}</AlertDialog.Title>
          <AlertDialog.Description className="my-3">{says}</AlertDialog.Description>
          {children}
          <div className="flex gap-5">
            <AlertDialog.Action className="act-main" disabled={disabled} onClick={onDelete}>
              Delete
            </AlertDialog.Action>
            {instead && (
              <AlertDialog.Action className="act" onClick={instead.onChosen}>
                {instead.says}
              </AlertDialog.Action>
            )}
            <AlertDialog.Cancel className="act">Cancel</AlertDialog.Cancel>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  )
}
