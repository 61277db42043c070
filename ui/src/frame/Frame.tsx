import { Moon, Search, Sun } from 'lucide-react'
import { lazy, Suspense, useEffect, useMemo, useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Navigate, NavLink, Outlet, useLocation } from 'react-router'
import { isClockSet } from '../api/client'
import { localOf, nowMs } from '../api/clock'
import { shopQuery } from '../api/queries'
import { doorQuery, useMay } from '../crew/door'
import { Lock, useLock } from '../crew/Lock'
import { PersonMenu } from '../crew/PersonMenu'
import { TextureDefs } from '../parts/textures'
import { useTheme } from '../parts/useTheme'
import { useTitle } from './useTitle'
import { when, writeAs } from '../parts/words'
import { usePhotoSender } from '../survey/waitingPhotos'
import { phrase } from './phrase'

const place = ({ isActive }: { isActive: boolean }) =>
  `inline-flex min-h-11 items-center border-b-[3px] px-1 font-semibold no-underline max-sm:text-note sm:px-2 ${
    isActive ? 'border-needle text-ink' : 'border-transparent text-faint'
  }`

const Palette = lazy(async () => ({ default: (await import('../search/Palette')).Palette }))

const places = [
  ['/', phrase('day'), 'watch'],
  ['/people', phrase('people'), 'customers'],
  ['/shelf', phrase('shelf'), 'watch'],
  ['/practice', phrase('practice'), 'train'],
  ['/shop', phrase('shop'), 'rules'],
] as const

/** What stands around every view. */
export function Frame() {
  const [theme, turn] = useTheme()
  const [finding, setFinding] = useState(false)
  const may = useMay()
  const location = useLocation()
  const door = useQuery(doorQuery)
  const lock = useLock()
  usePhotoSender()
  useTitle()
  const shop = useQuery({ ...shopQuery, staleTime: Infinity })
  const units = shop.data?.units ?? 'metric'
  const locale = shop.data?.locale ?? 'en-GB'
  useMemo(() => writeAs({ units, locale }), [units, locale])
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'k') {
        e.preventDefault()
        setFinding(true)
      }
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
  if (door.data && !door.data.me && !lock.locked)
    return <Navigate to={`/door?to=${encodeURIComponent(location.pathname + location.search)}`} replace />
  return (
    <>
      {lock.locked && <Lock was={lock.locked} onIn={lock.onIn} />}
      <div className="flex min-h-dvh flex-col" inert={Boolean(lock.locked)}>
        <svg width="0" height="0" className="absolute" aria-hidden="true">
          <TextureDefs />
        </svg>
        <a
          href="#content"
          className="absolute left-2 top-[-60px] z-50 bg-ink px-3 py-2 text-paper focus:top-2"
        >
          {phrase('to-the-content')}
        </a>
        <header className="no-print flex items-center gap-1 border-b sm:gap-4 border-line bg-paper px-3 md:px-5">
          <NavLink
            to="/"
            className="flex items-center gap-2 text-ink no-underline"
            aria-label={phrase('attune-to-the-day')}
          >
            <svg viewBox="0 0 34 26" width="34" height="26" aria-hidden="true">
              <path
                d="M2 20H32M6 20V16M12 20V16M18 20V16M24 20V16M29 20V16"
                stroke="var(--ink)"
                strokeWidth="1.6"
              />
              <path d="M10 3H20L15 18Z" fill="var(--needle)" />
            </svg>
            <span className="text-do font-bold tracking-tight max-sm:sr-only">{phrase('attune')}</span>
          </NavLink>
          <nav aria-label={phrase('attune')} className="flex flex-1 sm:gap-2">
            {places
              .filter(([, , right]) => may(right))
              .map(([to, label]) => (
                <NavLink key={to} to={to} end={to === '/'} className={place}>
                  {label}
                </NavLink>
              ))}
          </nav>
          <button
            type="button"
            onClick={() => setFinding(true)}
            className="inline-flex min-h-11 min-w-11 items-center justify-center"
            aria-label={phrase('find-ctrl-k')}
          >
            <Search size={20} />
          </button>
          <PersonMenu theme={theme} onTurn={turn} />
          <button
            type="button"
            onClick={turn}
            className="inline-flex min-h-11 min-w-11 items-center justify-center max-sm:hidden"
            aria-label={theme === 'light' ? phrase('dark-for-the-evening') : phrase('light-for-the-sun')}
          >
            {theme === 'light' ? <Moon size={20} /> : <Sun size={20} />}
          </button>
        </header>
        {finding && (
          <Suspense fallback={null}>
            <Palette onClose={() => setFinding(false)} />
          </Suspense>
        )}
        {isClockSet() && (
          <p role="status" className="no-print border-b border-line bg-piece px-3 py-1 text-note md:px-5">
            {phrase('the-clock-is-set-it', { nowMs: when(localOf(nowMs()), '') })}
          </p>
        )}
        <main id="content" className="flex flex-1 flex-col">
          <Outlet key={units + locale} />
        </main>
      </div>
    </>
  )
}
