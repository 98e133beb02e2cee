import { useEffect, useRef, type RefObject } from 'react'
import { useLocation, useNavigationType } from 'react-router'

/** How long a page may take to become as long as it was. */
const PATIENCE = 4000

const scrollers = (within: HTMLElement) => [
  ...within.querySelectorAll<HTMLElement>('.overflow-auto, .overflow-y-auto'),
]

const places = (page: string): number[] => {
  try {
    return JSON.parse(sessionStorage.getItem(`scroll:${page}`) ?? '[]') as number[]
  } catch {
    return []
  }
}

/**
 * Keeps how far each page was scrolled, and goes there again on *Back*, on a reload, and when one of the areas is come
 * back to; a page that is opened anew begins at its top. Lists that load as one scrolls are followed until they are
 * long enough.
 */
export function useScrollMemory(middle: RefObject<HTMLElement | null>) {
  const { pathname } = useLocation()
  const how = useNavigationType()
  const isArea = /^\/t\/[^/]+\/[^/]+\/?$/.test(pathname)
  const returns = how === 'POP' || isArea
  const restoring = useRef(false)
  useEffect(() => {
    const element = middle.current
    if (!element) return
    const wanted = returns ? places(pathname) : []
    const until = performance.now() + PATIENCE
    let frame = 0
    restoring.current = wanted.some((top) => top > 0)
    const stop = () => {
      restoring.current = false
      cancelAnimationFrame(frame)
    }
    const step = () => {
      const all = scrollers(element)
      const isThere = wanted.every((top, at) => {
        const one = all[at]
        if (!one || top === 0) return top === 0
        const most = one.scrollHeight - one.clientHeight
        one.scrollTop = Math.min(top, most)
        return most >= top
      })
      if (isThere || performance.now() > until) stop()
      else frame = requestAnimationFrame(step)
    }
    if (restoring.current) frame = requestAnimationFrame(step)
    const scrolled = () => {
      if (restoring.current) return
      sessionStorage.setItem(
        `scroll:${pathname}`,
        JSON.stringify(scrollers(element).map((scroller) => scroller.scrollTop)),
      )
    }
    element.addEventListener('scroll', scrolled, true)
    for (const event of ['wheel', 'pointerdown', 'keydown']) element.addEventListener(event, stop)
    return () => {
      stop()
      element.removeEventListener('scroll', scrolled, true)
      for (const event of ['wheel', 'pointerdown', 'keydown']) element.removeEventListener(event, stop)
    }
  }, [middle, pathname, returns])
}
