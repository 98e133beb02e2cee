import { useEffect } from 'react'
import { useLocation } from 'react-router'
import { LIST } from '../keys/lists'

/** Where focus may go by itself: never into a field, in which the next letter would be text. */
const QUIET = 'a[href], button:not(:disabled), summary, [tabindex="0"]'

/** What of a page takes the keys first: its list, else the page itself. */
const firstOf = (middle: HTMLElement | null) => middle?.querySelector<HTMLElement>(LIST) ?? middle

/**
 * Focus is never left on nothing. Where what had it goes away, it goes to what is nearest and still there; a page that is
 * opened takes it, unless a field of it did.
 */
export function useFocusKept() {
  const { pathname } = useLocation()
  useEffect(() => {
    let last: HTMLElement | null = null
    let around: HTMLElement[] = []
    const focused = (event: FocusEvent) => {
      last = event.target as HTMLElement
      around = []
      for (let one = last.parentElement; one; one = one.parentElement) around.push(one)
    }
    const keep = () => {
      if (document.activeElement !== document.body || !last || last.isConnected) return
      const middle = document.getElementById('middle')
      const near = around.find((one) => one.isConnected && one !== middle && middle?.contains(one))
      const next = near?.querySelector<HTMLElement>(QUIET) ?? firstOf(middle)
      next?.focus({ preventScroll: true })
    }
    let frame = 0
    const watched = new MutationObserver(() => {
      cancelAnimationFrame(frame)
      // A dialog or a form that closes first gives focus where it thinks best.
      frame = requestAnimationFrame(() => (frame = requestAnimationFrame(keep)))
    })
    document.addEventListener('focusin', focused)
    watched.observe(document.body, { subtree: true, childList: true })
    return () => {
      document.removeEventListener('focusin', focused)
      watched.disconnect()
      cancelAnimationFrame(frame)
    }
  }, [])
  useEffect(() => {
    const middle = document.getElementById('middle')
    let tries = 20
    let timer: ReturnType<typeof setTimeout>
    const take = () => {
      const now = document.activeElement
      const isFree =
        now === document.body ||
        now === middle ||
        now?.closest('nav[aria-label=Areas], nav[aria-label^=Views]') !== null
      const first = firstOf(middle)
      // A page of the list kind has its list only once it has come.
      if (isFree && (first !== middle || tries === 20)) first?.focus({ preventScroll: true })
      if (isFree && first === middle && --tries > 0) timer = setTimeout(take, 50)
    }
    take()
    return () => clearTimeout(timer)
  }, [pathname])
}
