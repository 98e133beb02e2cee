/** Opens a page of ours in the second window, the same one each time, so that it can stand beside this one. */
export function openBeside(path: string): void {
  window.open(path, 'beside')?.focus()
}
