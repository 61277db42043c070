import { useQuery } from '@tanstack/react-query'
import { ArrowRight, Plus } from 'lucide-react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { localOf, nowMs } from '../api/clock'
import { dayQuery, workQuery } from '../api/queries'
import { ButtonLink } from '../parts/controls'
import { May } from '../crew/May'
import { Loading, Trouble } from '../parts/Notice'
import { StartView } from './StartView'
import { later, urgent, Watch } from './Watch'
import { dayOf, isToday, timeOf, when } from '../parts/words'
import { allOf } from '../words/lists'
import { phrase } from './phrase'

type DayJob = Schemas['DayJob']

const steps: Record<DayJob['next'], { to: string; label: string }> = {
  survey: { to: 'survey', label: phrase('survey-the-cabin') },
  match: { to: 'match', label: phrase('check-the-match-then-mix') },
  bench: { to: 'bench', label: phrase('go-on-at-the-bench') },
  handover: { to: 'handover', label: phrase('hand-over') },
  care: { to: 'handover', label: phrase('handed-over-see-the-record') },
}

export function DayView() {
  const day = useQuery({ ...dayQuery, refetchOnMount: 'always' })
  const work = useQuery({ ...workQuery, refetchOnMount: 'always' })
  return (
    <div className="mx-auto w-full max-w-7xl p-3 md:p-6">
      <div className="mb-4 flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-head">{dayOf(localOf(nowMs()))}</h1>
        <div className="flex flex-wrap gap-2">
          <ButtonLink to="/week">{phrase('week')}</ButtonLink>
          <May right="book">
            <ButtonLink to="/new" weight="main">
              <Plus size={18} aria-hidden="true" /> {phrase('new-job')}
            </ButtonLink>
          </May>
        </div>
      </div>
      {day.isPending && <Loading what={phrase('fetching-the-day')} />}
      {day.isError && <Trouble error={day.error} again={() => void day.refetch()} />}
      {day.data?.length === 0 && <StartView />}
      {day.data && day.data.length > 0 && (
        <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1.9fr)_minmax(0,1fr)]">
          <div className="grid gap-4">
            <Watch title={phrase('cannot-wait')} kinds={urgent} />
            <ul aria-label={phrase('jobs')} className="lying divide-y divide-line">
              {day.data.map((entry) => (
                <JobLine
                  key={entry.job.id}
                  entry={entry}
                  work={work.data?.find((w) => w.jobId === entry.job.id)}
                />
              ))}
            </ul>
          </div>
          <Watch title={phrase('to-watch')} kinds={later} />
          <May right="book">
            <p>
              <a
                href="/api/v1/calendar.ics"
                className="inline-flex min-h-11 items-center underline underline-offset-4"
              >
                {phrase('all-visits-and-after-care')}
              </a>
            </p>
          </May>
        </div>
      )}
    </div>
  )
}

function JobLine({ entry, work }: { entry: DayJob; work: Schemas['WorkView'] | undefined }) {
  const { job } = entry
  const step = steps[entry.next]
  return (
    <li>
      <Link
        to={`/jobs/${job.id}/${step.to}`}
        className="grid gap-x-5 gap-y-1 p-4 text-ink no-underline hover:bg-piece md:grid-cols-[6rem_1fr_15rem] md:items-center"
      >
        <span className="text-faint">
          <span className="block text-do font-semibold text-ink">{timeOf(job.startAt)}</span>
          {!isToday(job.startAt) && <span className="text-note">{dayOf(job.startAt)}</span>}
        </span>
        <span className="min-w-0">
          <span className="block text-do font-semibold">{job.vehicleLabel}</span>
          <span className="block">{job.title}</span>
          <span className="block text-note text-faint">
            {[
              work && allOf(work.who),
              work
                ? phrase('ready', { readyAt: when(work.readyAt) })
                : phrase('panels-surveyed', { surveyed: job.surveyed }),
              job.returnBy && phrase('promised', { at: when(job.returnBy) }),
            ]
              .filter(Boolean)
              .join(' · ')}
          </span>
          {work?.doing && (
            <span className="block text-note font-semibold">{phrase('now', { doing: work.doing })}</span>
          )}
        </span>
        <span className="grid gap-1.5">
          <span className="flex items-center justify-between gap-2 font-semibold text-needle">
            {step.label} <ArrowRight size={18} aria-hidden="true" />
          </span>
          {entry.cardsTotal !== undefined && (
            <Stitches done={entry.cardsDone ?? 0} total={entry.cardsTotal} />
          )}
        </span>
      </Link>
    </li>
  )
}

/** Progress as a sewn seam. */
function Stitches({ done, total }: { done: number; total: number }) {
  const holes = 24
  const sewn = total === 0 ? 0 : Math.floor((done / total) * holes)
  return (
    <span className="block">
      <svg
        viewBox={`0 0 ${holes * 10} 8`}
        className="block h-2 w-full"
        preserveAspectRatio="none"
        aria-hidden="true"
      >
        {Array.from({ length: holes }, (_, i) => (
          <rect
            key={i}
            x={i * 10 + 1}
            y={i < sewn ? 1 : 3}
            width="7"
            height={i < sewn ? 6 : 2}
            fill={i < sewn ? 'var(--tune)' : 'var(--line)'}
          />
        ))}
      </svg>
      <span className="text-note text-faint">{phrase('of-cards-done', { done, total })}</span>
    </span>
  )
}
