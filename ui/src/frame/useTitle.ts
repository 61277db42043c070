import { useEffect } from 'react'
import { useLocation } from 'react-router'

const views: Record<string, string> = {
  survey: 'Survey',
  match: 'Match',
  matrix: 'Shelf by panels',
  mix: 'Mix',
  timetable: 'Times',
  sections: 'Sections',
  quote: 'Quote',
  bench: 'Bench',
  handover: 'Hand-over',
  care: 'After-care',
  record: 'What was done',
  rules: 'House rules',
}

/** What a page is called: its view where it is one of a job, and what its first heading says. */
export function titleOf(path: string, heading: string | undefined) {
  const [area, , view] = path.split('/').filter(Boolean)
  const named = area === 'jobs' && view ? views[view] : undefined
  const parts = [named, heading?.trim()].filter(Boolean)
  return [...new Set(parts.length > 0 ? parts : path === '/' ? ['Day'] : []), 'Attune'].join(' · ')
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
