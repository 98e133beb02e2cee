import { createContext, useContext, useEffect, useRef, type ReactNode } from 'react'
import { LIST } from './lists'
import { isLetter, LetterGate, lettersAreKnown, lettersAreOff } from './letterCommands'

/** Without `run` it is answered where it is pressed, and only told in *Keys*. */
export type Command = { key: string; says: string; run?: () => void }

type Registry = {
  add: (commands: Command[]) => () => void
  all: () => Command[]
  /** Whoever asks whether a name was meant; gets the word so far, and answers by calling `answered`. */
  askName: (ask: (word: string) => void) => () => void
  answered: () => void
}

/** Milliseconds between commands that were held back together. */
const BETWEEN = 40

const Commands = createContext<Registry | null>(null)

const NOT_TEXT = ['checkbox', 'radio', 'range', 'button', 'submit', 'reset', 'file', 'color', 'image']

/** Letters never act where text can be typed. */
function takesText(target: EventTarget | null): boolean {
  if (target instanceof HTMLInputElement) return !NOT_TEXT.includes(target.type)
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ['TEXTAREA', 'SELECT'].includes(target.tagName))
  )
}

/** What is pressed on a button, a link, a box to tick or a marker to move is theirs. */
function isTheirs(event: KeyboardEvent): boolean {
  if (!(event.target instanceof HTMLElement)) return false
  if (event.key === 'Enter' || event.key === ' ')
    return event.target.closest('button, a[href], summary, input, [role=button]') !== null
  return event.target instanceof HTMLInputElement && event.key.length > 1
}

/** Escape leaves a field for the list of the page, or for the page; a field that did something of its own stays. */
function leaveField(event: KeyboardEvent) {
  if (event.defaultPrevented || document.activeElement !== event.target) return
  const middle = document.getElementById('middle')
  const list = middle?.querySelector<HTMLElement>(LIST)
  ;(list ?? middle)?.focus({ preventScroll: true })
}

/** The key as commands name it: `a`, `U`, `Ctrl+z`, `Ctrl+Shift+z`, `Shift+Enter`. */
function keyOf(event: KeyboardEvent): string {
  if (!event.ctrlKey && !event.metaKey)
    return event.key === 'Enter' && event.shiftKey ? 'Shift+Enter' : event.key
  return `Ctrl+${event.shiftKey ? 'Shift+' : ''}${event.key.toLowerCase()}`
}

/** Holds every command that can be given now, and gives it when its key or keys are pressed. */
export function CommandProvider({ children }: { children: ReactNode }) {
  const groups = useRef<Command[][]>([])
  const first = useRef('')
  const asker = useRef<((word: string) => void) | null>(null)
  const gate = useRef<LetterGate | null>(null)
  const registry = useRef<Registry>({
    add: (commands) => {
      groups.current = [...groups.current, commands]
      return () => {
        groups.current = groups.current.filter((group) => group !== commands)
      }
    },
    all: () => groups.current.flat(),
    askName: (ask) => {
      asker.current = ask
      return () => {
        asker.current = null
      }
    },
    answered: () => gate.current?.answered(),
  })
  useEffect(() => {
    /** Runs what the key stands for; true when it was one of ours, or the first of two. */
    const give = (key: string): boolean => {
      const keys = first.current === '' ? key : `${first.current} ${key}`
      const all = registry.current.all().reverse()
      const command = all.find((candidate) => candidate.run && candidate.key === keys)
      first.current = ''
      if (command) command.run?.()
      else if (all.some((candidate) => candidate.run && candidate.key.startsWith(`${keys} `)))
        first.current = keys
      return command !== undefined
    }
    gate.current = new LetterGate(
      // What the first of them opens has to be on the page before the next one is given.
      (keys) => keys.forEach((key, at) => setTimeout(() => give(key), at * BETWEEN)),
      (word) => asker.current?.(word),
    )
    const pressed = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && takesText(event.target)) leaveField(event)
      if (event.altKey || takesText(event.target) || isTheirs(event)) return
      const key = keyOf(event)
      const isPlain = !key.startsWith('Ctrl+')
      if (isPlain && lettersAreOff()) return
      if (isLetter(key) && !event.repeat && !lettersAreKnown() && asker.current) {
        gate.current?.press(key)
        return
      }
      gate.current?.flush()
      if (give(key)) event.preventDefault()
    }
    window.addEventListener('keydown', pressed)
    return () => window.removeEventListener('keydown', pressed)
  }, [])
  return <Commands value={registry.current}>{children}</Commands>
}

/** Commands that can be given while this is on the page. */
export function useCommands(commands: Command[]) {
  const registry = useContext(Commands)
  const latest = useRef(commands)
  latest.current = commands
  const shape = commands.map((command) => `${command.key}:${command.says}`).join('|')
  useEffect(() => {
    const stable = latest.current.map((command, index) => ({
      ...command,
      ...(command.run ? { run: () => latest.current[index]?.run?.() } : {}),
    }))
    return registry?.add(stable)
  }, [registry, shape])
}

export function useAllCommands(): () => Command[] {
  const registry = useContext(Commands)
  return () => registry?.all() ?? []
}

/** For whoever asks whether a name was meant when letters are typed one after another with no field in focus. */
export function useNameAsked(ask: (word: string) => void): () => void {
  const registry = useContext(Commands)
  const latest = useRef(ask)
  latest.current = ask
  useEffect(() => registry?.askName((word) => latest.current(word)), [registry])
  return () => registry?.answered()
}
