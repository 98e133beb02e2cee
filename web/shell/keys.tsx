import { createContext, useContext, useEffect, useRef, type ReactNode } from 'react'

export type Command = { key: string; says: string; run: () => void }

type Registry = { add: (commands: Command[]) => () => void; all: () => Command[] }

const Commands = createContext<Registry | null>(null)

/** Letters never act where text can be typed. */
function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
  )
}

/** What is pressed on a button or a link is the button's or the link's. */
function isPressing(event: KeyboardEvent): boolean {
  return (
    (event.key === 'Enter' || event.key === ' ') &&
    event.target instanceof HTMLElement &&
    event.target.closest('button, a[href], summary, [role=button]') !== null
  )
}

const SWITCH = 'keys-off'

export const lettersAreOff = () => localStorage.getItem(SWITCH) === '1'
export const switchLetters = (off: boolean) => localStorage.setItem(SWITCH, off ? '1' : '0')

/** Holds every command that can be given now, and gives it when its key or keys are pressed. */
export function KeysProvider({ children }: { children: ReactNode }) {
  const groups = useRef<Command[][]>([])
  const first = useRef('')
  const registry = useRef<Registry>({
    add: (commands) => {
      groups.current = [...groups.current, commands]
      return () => {
        groups.current = groups.current.filter((group) => group !== commands)
      }
    },
    all: () => groups.current.flat(),
  })
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return
      if (isPressing(event) || lettersAreOff()) return
      const keys = first.current === '' ? event.key : `${first.current} ${event.key}`
      const all = registry.current.all().reverse()
      const command = all.find((candidate) => candidate.key === keys)
      first.current = ''
      if (command) {
        event.preventDefault()
        command.run()
      } else if (all.some((candidate) => candidate.key.startsWith(`${keys} `))) {
        first.current = keys
      }
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
      run: () => latest.current[index]?.run(),
    }))
    return registry?.add(stable)
  }, [registry, shape])
}

export function useAllCommands(): () => Command[] {
  const registry = useContext(Commands)
  return () => registry?.all() ?? []
}
