import type { Command } from '../../../keys/commandRegistry'

/** The keys that the roll itself answers, in a cell and on a line, as *Keys* tells them. */
export const ROLL_KEYS: Command[] = [
  { key: 'Tab', says: 'In a cell: the next cell' },
  { key: 'Enter', says: 'In a cell: the next line' },
  { key: 'Ctrl+Enter', says: 'In a cell: a new line below' },
  { key: 'Ctrl+ArrowDown', says: 'In a cell: carry down what stands above' },
  { key: '"', says: 'In a cell: ditto; so does do' },
  { key: '?', says: 'In a cell: after a word, doubts it; Tarrel / Farrel? says what else it may be' },
  { key: 'Ctrl+v', says: 'In a cell: paste lines of a spreadsheet' },
  { key: 'Escape', says: 'In a cell: take the line in hand' },
  { key: 'Insert', says: 'On a line: a new line above' },
  { key: 'Delete', says: 'On a line: delete it' },
  { key: 'Alt+ArrowUp', says: 'On a line: move it up' },
  { key: 'Alt+ArrowDown', says: 'On a line: move it down' },
  { key: '1–5', says: 'On a line: choose an offer' },
  { key: 'p', says: 'On a line: place it on somebody else' },
  { key: 'w', says: 'On a line: a new person' },
  { key: 'o', says: 'On a line: leave it unplaced' },
  { key: 's', says: 'On a line: set it aside' },
]
