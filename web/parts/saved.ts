import { toast } from 'sonner'

/** What the shell listens for: a step is to be undone, or done again. */
export const STEP = { undo: 'step:undo', redo: 'step:redo' } as const

const ask = (which: keyof typeof STEP) => window.dispatchEvent(new Event(STEP[which]))

/** Says that something was saved, with *Undo* beside it. */
export const saved = (says: string) =>
  toast.success(says, { action: { label: 'Undo', onClick: () => ask('undo') } })

/** Says what was undone, with *Redo* beside it, or what was redone, with *Undo*. */
export const stepped = (which: keyof typeof STEP, says: string) =>
  toast.success(says, {
    duration: 8000,
    action:
      which === 'undo'
        ? { label: 'Redo', onClick: () => ask('redo') }
        : { label: 'Undo', onClick: () => ask('undo') },
  })
