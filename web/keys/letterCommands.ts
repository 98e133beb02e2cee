/** What a newcomer is told of letters that act, and whether they have said that they know. */
const MET = 'letters-met'
const KNOWN = 'letters-known'
const OFF = 'keys-off'

const has = (name: string) => localStorage.getItem(name) === '1'

export const lettersAreOff = () => has(OFF)
export const switchLetters = (off: boolean) => localStorage.setItem(OFF, off ? '1' : '0')
export const lettersAreMet = () => has(MET)
export const meetLetters = () => localStorage.setItem(MET, '1')
export const lettersAreKnown = () => has(KNOWN)
export const knowLetters = () => localStorage.setItem(KNOWN, '1')

/** So many letters, none later than this after the one before, are taken for the beginning of a name. */
const NAME = 3
export const PAUSE = 220

export const isLetter = (key: string) => /^\p{L}$/u.test(key)

/**
 * Holds letters back for a moment: somebody who types a name with no field in focus gives no three commands.
 * `onRun` gets the letters that were commands, `onName` the letters of a name, again whenever one is added.
 */
export class LetterGate {
  private held: string[] = []
  private timer: ReturnType<typeof setTimeout> | undefined
  private isName = false

  constructor(
    private readonly onRun: (keys: string[]) => void,
    private readonly onName: (word: string) => void,
  ) {}

  press(key: string) {
    clearTimeout(this.timer)
    this.held.push(key)
    if (this.isName || (this.held.length >= NAME && new Set(this.held).size > 1)) {
      this.isName = true
      this.onName(this.held.join(''))
      return
    }
    this.timer = setTimeout(() => this.flush(), PAUSE)
  }

  /** Whatever is held runs now: another key was pressed, or one is kept pressed. */
  flush() {
    clearTimeout(this.timer)
    const keys = this.held
    this.held = []
    if (!this.isName && keys.length > 0) this.onRun(keys)
  }

  /** The name was jumped to, or was none. */
  answered() {
    this.held = []
    this.isName = false
  }
}
