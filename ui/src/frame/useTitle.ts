import { useEffect } from 'react'
import { useLocation } from 'react-router'
import { phrase } from './phrase'

const views: Record<string, string> = {
  survey: phrase('survey'),
  match: phrase('match'),
  matrix: phrase('shelf-by-panels'),
  mix: phrase('mix'),
  timetable: phrase('times'),
  sections: phrase('sections'),
  quote: phrase('quote'),
  bench: phrase('bench'),
  handover: phrase('the-hand-over'),
  care: phrase('after-care'),
  record: phrase('what-was-done'),
  rules: phrase('house-rules'),
}

/** What a page is called: its view where it is one of a job, and what its first heading says. */
export function titleOf(path: string, heading: string | undefined) {
  const [area, , view] = path.split('/').filter(Boolean)
  const named = area === 'jobs' && view ? views[view] : undefined
  const parts = [named, heading?.trim()].filter(Boolean)
  return [...new Set(parts.length > 0 ? parts : path === '/' ? [phrase('day')] : []), phrase('attune')].join(
    ' · ',
  )
}

/** Names the browser's tab after the page, as its heading comes in. */
export function useTitle() {
  const { pathname } = useLocation()
  useEffect(() => {
    const name = () => {
      const title = titleOf(pathname, document.querySelector('main h1')?.textContent)
      if (document.title !== title) document.title = title
    }
    name()
    const main = document.querySelector('main')
    if (!main) return
    const watch = new MutationObserver(name)
    watch.observe(main, { childList: true, subtree: true })
    return () => watch.disconnect()
  }, [pathname])
}
