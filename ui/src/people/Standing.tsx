import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { careQuery, historyQuery } from '../api/queries'
import { dayOf, Say } from '../parts/words'
import { minutesBetween } from '../timetable/layout'
import { listed } from '../words/lists'
import { phrase } from './phrase'

/** How a vehicle stands with the shop: what is open on it, what was done last, what comes next. */
export function Standing({ vehicleId }: { vehicleId: string }) {
  const history = useQuery(historyQuery(vehicleId))
  const visits = history.data?.visits ?? []
  const open = visits.find((v) => v.state !== 'handed-over')
  const last = visits.find((v) => v.state === 'handed-over')
  const care = useQuery({ ...careQuery(last?.jobId ?? ''), enabled: last !== undefined })
  if (!history.data) return null
  const today = care.data?.today ?? ''
  const apart = (line: Schemas['CareLine']) =>
    Math.abs(minutesBetween(`${line.next}T12:00`, `${today}T12:00`))
  const due = [...(care.data?.lines ?? [])]
    .filter((line) => line.next !== undefined)
    .sort((a, b) => apart(a) - apart(b))
    .at(0)
  if (!open && !last)
    return (
      <p className="text-faint">
        {phrase('no-visit-yet')}{' '}
        <Link to={`/new?vehicle=${vehicleId}`} className="underline underline-offset-4">
          {phrase('book-it-in')}
        </Link>
      </p>
    )
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
      {open && (
        <Fact label={phrase('open')} to={`/jobs/${open.jobId}`} text={listed(open.title, dayOf(open.day))} />
      )}
      {last && (
        <Fact
          label={phrase('done-last')}
          to={`/jobs/${last.jobId}/record`}
          text={listed(last.title, dayOf(last.day))}
        />
      )}
      {last && due && (
        <Fact label={phrase('next')} to={`/jobs/${last.jobId}/care`} text={nextWords(due, today)} />
      )}
    </dl>
  )
}

function nextWords(line: Schemas['CareLine'], today: string): string {
  const day = dayOf(`${line.next}T12:00:00`)
  return listed(Say(line.what), (line.next ?? '') < today ? phrase('was-due', { day }) : day)
}

function Fact({ label, to, text }: { label: string; to: string; text: string }) {
  return (
    <>
      <dt className="pt-2.5 text-faint">{label}</dt>
      <dd>
        <Link to={to} className="inline-flex min-h-11 items-center">
          {text}
        </Link>
      </dd>
    </>
  )
}
