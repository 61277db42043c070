import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { ArrowLeft, ArrowRight } from 'lucide-react'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { api, need, type Schemas } from '../api/client'
import { weekQuery } from '../api/queries'
import { Button, TextField } from '../parts/controls'
import { Loading, PageTrouble, Trouble } from '../parts/Notice'
import { dayOf, timeOf, when, worked } from '../parts/words'
import { localOf, msOf } from '../api/clock'
import { listed } from '../words/lists'
import { phrase } from './phrase'

type Stint = Schemas['StintView']

const DAY_MS = 86_400_000
const plusDays = (date: string, days: number) => localOf(msOf(`${date}T12:00`) + days * DAY_MS).slice(0, 10)
const nobody = phrase('nobody-named')

/** All jobs and people of a week. */
export function WeekView() {
  const [search, setSearch] = useSearchParams()
  const [picked, setPicked] = useState<Stint>()
  const week = useQuery(weekQuery(search.get('from') ?? undefined))
  if (week.isPending) return <Loading what={phrase('fetching-the-week')} />
  if (week.isError) return <PageTrouble error={week.error} again={() => void week.refetch()} />
  const { from, people, hours, stints } = week.data
  const days = [...Array(7).keys()].map((d) => plusDays(from, d))
  const rows = stints.some((s) => !s.person) ? [...people, nobody] : people
  const turn = (by: number) => {
    setPicked(undefined)
    setSearch({ from: plusDays(from, by) })
  }
  const of = (person: string, day: string) =>
    stints.filter((s) => (s.person ?? nobody) === person && s.from.startsWith(day))
  return (
    <div className="mx-auto grid w-full max-w-7xl content-start gap-3 p-3 md:p-5">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-head">{phrase('week-of', { dayOf: dayOf(`${from}T12:00:00`) })}</h1>
        <div className="flex gap-2">
          <Button aria-label={phrase('the-week-before')} onClick={() => turn(-7)}>
            <ArrowLeft size={18} aria-hidden="true" />
          </Button>
          <Button onClick={() => setSearch({})}>{phrase('this-week')}</Button>
          <Button aria-label={phrase('the-week-after')} onClick={() => turn(7)}>
            <ArrowRight size={18} aria-hidden="true" />
          </Button>
        </div>
      </div>
      {stints.length === 0 && <p className="text-faint">{phrase('nothing-is-planned-in-this')}</p>}
      <table className="lying w-full table-fixed border-collapse max-md:hidden">
        <thead>
          <tr>
            <td className="w-28" />
            {days.map((day) => (
              <th key={day} scope="col" className="border-l border-line p-1 text-left text-note">
                {dayOf(`${day}T12:00:00`)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((person) => (
            <tr key={person} className="border-t border-line align-top">
              <th scope="row" className="narrow p-2 text-left">
                {person}
              </th>
              {days.map((day) => (
                <td key={day} className="h-20 border-l border-line p-1">
                  <Load
                    thereMin={hours.find((h) => h.person === person && h.date === day)?.thereMin}
                    workMin={of(person, day).reduce((sum, s) => sum + s.workMin, 0)}
                    named={person !== nobody}
                  />
                  {of(person, day).map((s) => (
                    <Card key={s.jobId} stint={s} picked={picked} onPick={setPicked} />
                  ))}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <div className="grid gap-3 md:hidden">
        {days
          .filter((day) => stints.some((s) => s.from.startsWith(day)))
          .map((day) => (
            <section key={day} aria-label={dayOf(`${day}T12:00:00`)} className="lying p-2">
              <h2 className="text-do">{dayOf(`${day}T12:00:00`)}</h2>
              {stints
                .filter((s) => s.from.startsWith(day))
                .map((s) => (
                  <Card key={s.jobId + s.person} stint={s} picked={picked} onPick={setPicked} named />
                ))}
            </section>
          ))}
      </div>
      {picked && <Move key={picked.jobId} stint={picked} onDone={() => setPicked(undefined)} />}
    </div>
  )
}

/** Work against the hours somebody is there: a bar, and a word where it is too much or a day off. */
function Load({ thereMin, workMin, named }: { thereMin?: number; workMin: number; named: boolean }) {
  if (!named) return null
  if (thereMin === undefined)
    return workMin > 0 ? (
      <p className="text-note font-semibold text-over">
        {phrase('on-a-day-off', { workMin: worked(workMin) })}
      </p>
    ) : (
      <p className="text-note text-faint">{phrase('off')}</p>
    )
  const share = workMin / thereMin
  return (
    <div className="mb-1 text-note leading-tight text-faint">
      <div aria-hidden="true" className="h-1.5 border border-line">
        <div
          className={`h-full ${share > 1 ? 'bg-over' : 'bg-ink/60'}`}
          style={{ width: `${Math.min(100, share * 100)}%` }}
        />
      </div>
      <span className={share > 1 ? 'font-semibold text-over' : ''}>
        {workMin === 0
          ? phrase('free', { thereMin: worked(thereMin) })
          : phrase('of', { work: worked(workMin), thereMin: worked(thereMin) })}
      </span>
    </div>
  )
}

function Card({
  stint,
  picked,
  onPick,
  named = false,
}: {
  stint: Stint
  picked: Stint | undefined
  onPick: (stint: Stint) => void
  named?: boolean
}) {
  const here = picked?.jobId === stint.jobId
  return (
    <button
      type="button"
      aria-pressed={here}
      onClick={() => onPick(stint)}
      className={`mb-1 grid min-h-11 w-full rounded-piece border px-1.5 py-1 text-left text-note leading-tight ${here ? 'border-needle bg-needle text-on-needle' : 'border-ink/60 bg-piece'}`}
    >
      <span>
        {listed(
          phrase('from-until', { from: timeOf(stint.from), until: timeOf(stint.until) }),
          named && (stint.person ?? nobody.toLowerCase()),
        )}
      </span>
      <strong className="font-semibold">{stint.vehicleLabel}</strong>
      {stint.clash && (
        <span className={here ? '' : 'font-semibold text-over'}>
          {phrase('at-once-with', { clash: stint.clash })}
        </span>
      )}
      {stint.late && (
        <span className={here ? '' : 'font-semibold text-over'}>{phrase('ready-too-late')}</span>
      )}
    </button>
  )
}

/** A job begun at another time; who is on two jobs then is said. */
function Move({ stint, onDone }: { stint: Stint; onDone: () => void }) {
  const [date, setDate] = useState(stint.start.slice(0, 10))
  const [time, setTime] = useState(stint.start.slice(11, 16))
  const client = useQueryClient()
  const move = useMutation({
    mutationFn: () =>
      need(
        api.PUT('/api/v1/jobs/{id}/timetable/start', {
          params: { path: { id: stint.jobId } },
          body: { start: `${date}T${time}:00` },
        }),
      ),
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: ['week'] })
      void client.invalidateQueries({ queryKey: ['job', stint.jobId] })
      void client.invalidateQueries({ queryKey: ['day'] })
      onDone()
    },
  })
  return (
    <section aria-label={phrase('picked-job')} className="lying grid gap-2 p-3">
      <h2 className="text-do">
        {stint.vehicleLabel}: {stint.title}
      </h2>
      <p>
        {phrase('of-work-that-day-ready', { workMin: worked(stint.workMin), readyAt: when(stint.readyAt) })}
      </p>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          move.mutate()
        }}
      >
        <TextField label={phrase('begins-on')} type="date" value={date} onChange={setDate} required />
        <TextField label={phrase('at')} type="time" value={time} onChange={setTime} required />
        <Button type="submit" weight="main" disabled={move.isPending}>
          {phrase('move-the-start')}
        </Button>
        <Link
          to={`/jobs/${stint.jobId}/timetable`}
          className="inline-flex min-h-11 items-center underline underline-offset-4"
        >
          {phrase('its-timetable')}
        </Link>
      </form>
      {move.error && <Trouble error={move.error} />}
    </section>
  )
}
