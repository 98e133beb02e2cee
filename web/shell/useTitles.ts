import { useEffect } from 'react'

const PRODUCT = 'North Bough'

/** What a page is called: its first heading, without what only screen readers or keys add. */
function headingOf(root: HTMLElement): string {
  const heading = root.querySelector('h1') ?? root.querySelector('main h2, #middle h2')
  if (!heading) return ''
  const copy = heading.cloneNode(true) as HTMLElement
  copy.querySelectorAll('kbd, .sr-only').forEach((one) => one.remove())
  return copy.textContent.replace(/\s+/g, ' ').trim()
}

/** Every page is titled by its own heading and its tree, whatever page it is. */
export function useTitles() {
  useEffect(() => {
    const root = document.getElementById('root') ?? document.body
    let frame = 0
    const title = () => {
      const tree = root.querySelector<HTMLElement>('[data-tree]')?.dataset.tree ?? ''
      const said = [...new Set([headingOf(root), tree, PRODUCT])].filter(Boolean).join(' – ')
      if (document.title !== said) document.title = said
    }
    const watched = new MutationObserver(() => {
      cancelAnimationFrame(frame)
      frame = requestAnimationFrame(title)
    })
    watched.observe(root, { subtree: true, childList: true, characterData: true })
    title()
    return () => {
      cancelAnimationFrame(frame)
      watched.disconnect()
    }
  }, [])
}
