const PLACE = 'theme'

/** Light or dark, as the reader chose, else as the machine is set. */
export function applyTheme() {
  const chosen = localStorage.getItem(PLACE)
  const dark = chosen === null ? matchMedia('(prefers-color-scheme: dark)').matches : chosen === 'dark'
  document.documentElement.dataset.theme = dark ? 'dark' : 'light'
}

export function switchTheme() {
  localStorage.setItem(PLACE, document.documentElement.dataset.theme === 'dark' ? 'light' : 'dark')
  applyTheme()
}
