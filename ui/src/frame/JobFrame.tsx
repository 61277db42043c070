import { useQuery } from '@tanstack/react-query'
import { NavLink, Outlet, useLocation, useParams } from 'react-router'
import { jobQuery } from '../api/queries'
import { useMay } from '../crew/door'
import { Loading, PageTrouble } from '../parts/Notice'
import { phrase } from './phrase'

const stops = [
  ['survey', phrase('survey')],
  ['match', phrase('match')],
  ['mix', phrase('mix')],
  ['timetable', phrase('times')],
  ['bench', phrase('bench')],
  ['handover', phrase('hand-over')],
] as const

/** A job's head and the seam its views hang on. */
export function JobFrame() {
  const { id = '' } = useParams()
  const job = useQuery(jobQuery(id))
  if (job.isPending) return <Loading what={phrase('fetching-the-job')} />
  if (!job.data)
    // what was read stays, also where it cannot be read anew
    return <PageTrouble error={job.error} again={() => void job.refetch()} />
  const vehicle = job.data.document.vehicle
  return (
    <>
      <div className="no-print flex flex-wrap items-end justify-between gap-x-6 gap-y-1 bg-paper px-3 pt-2 md:px-5">
        <div className="min-w-0">
          <h1 className="truncate text-do">{job.data.document.title}</h1>
          {vehicle?.label !== job.data.document.title && (
            <p className="truncate text-note text-faint">{vehicle?.label}</p>
          )}
        </div>
        <Seam id={id} />
      </div>
      <div className="flex flex-1 flex-col pb-20 md:pb-0 print:pb-0">
        <Outlet context={job.data} />
      </div>
    </>
  )
}

/** Six stitches on a thread; along the bottom edge on a phone. */
function Seam({ id }: { id: string }) {
  const { pathname } = useLocation()
  const may = useMay()
  const shown = stops.filter(([to]) => to !== 'handover' || may('hand-over'))
  const beside = /\/(matrix|rules)$/.test(pathname)
    ? 'match'
    : /\/(quote|sections)$/.test(pathname)
      ? 'timetable'
      : ''
  return (
    <nav
      aria-label={phrase('steps-of-the-job')}
      className="no-print fixed inset-x-0 bottom-0 z-40 border-t border-line bg-paper md:static md:border-0"
    >
      <ol
        className="relative grid md:w-[34rem]"
        style={{ gridTemplateColumns: `repeat(${shown.length}, minmax(0, 1fr))` }}
      >
        <li
          aria-hidden="true"
          className="absolute inset-x-[8%] top-[15px] border-t-2 border-dashed border-line"
        />
        {shown.map(([to, label]) => (
          <li key={to} className="relative">
            <NavLink
              to={`/jobs/${id}/${to}`}
              className={({ isActive }) =>
                `group flex min-h-14 flex-col items-center justify-start gap-1 pt-[9px] no-underline ${
                  isActive || beside === to ? 'font-bold text-ink' : 'text-faint'
                }`
              }
            >
              {({ isActive: there }) => {
                const isActive = there || beside === to
                return (
                  <>
                    <svg viewBox="0 0 26 14" width="26" height="14" aria-hidden="true">
                      <rect
                        x="1"
                        y="1"
                        width="24"
                        height="12"
                        rx="6"
                        fill={isActive ? 'var(--needle)' : 'var(--paper)'}
                        stroke={isActive ? 'var(--needle)' : 'var(--ink)'}
                        strokeWidth="1.6"
                      />
                    </svg>
                    <span className="narrow text-note">{label}</span>
                  </>
                )
              }}
            </NavLink>
          </li>
        ))}
      </ol>
    </nav>
  )
}
