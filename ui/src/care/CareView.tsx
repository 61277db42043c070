import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { X } from 'lucide-react'
import { api, ApiError, need, type Schemas } from '../api/client'
import { careQuery } from '../api/queries'
import { Button, ButtonLink } from '../parts/controls'
import { useJob } from '../parts/useJob'
import { Empty, Loading, Trouble } from '../parts/Notice'
import { dayOf, money, say, Say } from '../parts/words'
import { SameSeat } from './SameSeat'
import { allOf, listed } from '../words/lists'
import { phrase } from './phrase'

type Care = Schemas['CareView']

/** Since when, and why sooner or later than usual. */
function Since({ care }: { care: Care }) {
  return (
    <p className="text-faint">
      {care.reasons.length > 0
        ? phrase('sooner-or-later-than-usual', {
            visit: dayOf(care.visit),
            reasons: allOf(care.reasons),
          })
        : phrase('since', { visit: dayOf(care.visit) })}
    </p>
  )
}

/** What keeps the work good: what is due when, what was done at home, what waiting costs. */
export function CareView() {
  const job = useJob()
  const client = useQueryClient()
  const key = careQuery(job.id).queryKey
  const care = useQuery({ ...careQuery(job.id), retry: false })
  const fresh = (data: Care) => {
    client.setQueryData(key, data)
    void client.invalidateQueries({ queryKey: ['watch'] })
  }
  const done = useMutation({
    mutationFn: (body: Schemas['DoneRequest']) =>
      need(api.POST('/api/v1/jobs/{id}/care/done', { params: { path: { id: job.id } }, body })),
    onSuccess: fresh,
  })
  const remove = useMutation({
    mutationFn: (doneId: string) =>
      need(api.DELETE('/api/v1/jobs/{id}/care/done/{doneId}', { params: { path: { id: job.id, doneId } } })),
    onSuccess: fresh,
  })
  if (care.isPending) return <Loading what={phrase('fetching-the-after-care')} />
  if (care.isError)
    return (
      <div className="p-3 md:p-5">
        {care.error instanceof ApiError && care.error.status === 409 ? (
          <Empty title={phrase('after-care-begins-when-the')}>
            <ButtonLink to={`/jobs/${job.id}/bench`} weight="main">
              {phrase('to-the-bench')}
            </ButtonLink>
          </Empty>
        ) : (
          <Trouble error={care.error} again={() => void care.refetch()} />
        )}
      </div>
    )
  const { data } = care
  return (
    <div className="mx-auto grid w-full max-w-5xl content-start gap-3 p-2 md:p-5 lg:grid-cols-[minmax(0,1fr)_22rem]">
      <section aria-label={phrase('after-care')} className="lying p-3">
        <h1 className="text-head">{phrase('after-care')}</h1>
        <Since care={data} />
        {data.adapted && <p className="mt-1 border-l-4 border-l-needle pl-3">{data.adapted}</p>}
        {data.lines.length === 0 && <p>{phrase('nothing-but-a-damp-cloth')}</p>}
        <ol className="mt-2 divide-y divide-line">
          {data.lines.map((line) => (
            <Line
              key={line.code}
              line={line}
              today={data.today}
              busy={done.isPending}
              onDone={(place) => done.mutate({ code: line.code, doneOn: data.today, place })}
            />
          ))}
        </ol>
        {done.error && <Trouble error={done.error} />}
        <p className="mt-3">
          <a
            href={`/api/v1/jobs/${job.id}/calendar.ics`}
            download
            className="inline-flex min-h-11 items-center underline underline-offset-4"
          >
            {phrase('into-a-calendar')}
          </a>
        </p>
      </section>
      <div className="grid content-start gap-3">
        <Waiting waiting={data.waiting} currency={data.currency} />
        <SameSeat waiting={data.waiting} leaves={data.leaves} />
        <section aria-label={phrase('done-since')} className="lying p-3">
          <h2 className="text-do">{phrase('done-since')}</h2>
          {data.done.length === 0 && <p className="text-faint">{phrase('nothing-noted-yet')}</p>}
          <ul className="divide-y divide-line">
            {data.done.map((entry) => (
              <li key={entry.id} className="grid grid-cols-[1fr_auto] items-center gap-x-2 py-1">
                <span>
                  {entry.what}
                  <span className="block text-note text-faint">
                    {dayOf(entry.doneOn)}, {entry.place === 'home' ? phrase('at-home') : 'here'}
                  </span>
                </span>
                <Button
                  weight="quiet"
                  className="px-2"
                  aria-label={phrase('take-out', { what: entry.what, doneOn: dayOf(entry.doneOn) })}
                  disabled={remove.isPending}
                  onClick={() => remove.mutate(entry.id)}
                >
                  <X size={18} aria-hidden="true" />
                </Button>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </div>
  )
}

const rhythm = (line: Schemas['CareLine']) =>
  line.usualDays === undefined
    ? line.when
    : phrase('usually-every-days', { when: line.when, usualDays: line.usualDays })

function Line(props: {
  line: Schemas['CareLine']
  today: string
  busy: boolean
  onDone: (place: 'home' | 'shop') => void
}) {
  const { line } = props
  const due = line.next !== undefined && line.next <= props.today
  return (
    <li className="grid gap-x-4 gap-y-1 py-3 sm:grid-cols-[7.5rem_1fr_auto] sm:items-center">
      <span className={due ? 'font-semibold text-over' : ''}>
        {line.next ? dayOf(line.next) : phrase('through')}
        <span className="block text-note font-normal text-faint">
          {due ? phrase('due') : line.next ? phrase('next') : phrase('no-more-rounds')}
        </span>
      </span>
      <span>
        <span className="font-semibold">{line.what}</span>
        <span className="block text-note text-faint">
          {listed(Say(rhythm(line)), line.product)} ·{' '}
          {line.labels.length <= 4 ? allOf(line.labels) : phrase('places', { labels: line.labels.length })}
        </span>
      </span>
      {line.next && (
        <span className="flex gap-2">
          <Button disabled={props.busy} onClick={() => props.onDone('home')}>
            {phrase('done-at-home')}
          </Button>
          <Button disabled={props.busy} onClick={() => props.onDone('shop')}>
            {phrase('done-here')}
          </Button>
        </span>
      )}
    </li>
  )
}

const WIDE = 300
const HIGH = 110
const LAST_MONTH = 12

/** The cost of waiting: minutes of cleaning after some months of use. */
function Waiting({ waiting, currency }: { waiting: Care['waiting']; currency: string }) {
  const most = Math.max(1, ...waiting.map((w) => w.minutes))
  const at = (w: Care['waiting'][number]) =>
    [(w.months / LAST_MONTH) * WIDE, HIGH - (w.minutes / most) * (HIGH - 8)] as const
  return (
    <section aria-label={phrase('what-waiting-costs')} className="lying p-3">
      <h2 className="text-do">{phrase('what-waiting-costs')}</h2>
      <p className="text-note text-faint">{phrase('cleaning-alone-used-as-it')}</p>
      <svg viewBox={`-4 0 ${WIDE + 8} ${HIGH + 4}`} className="mt-2 block w-full" aria-hidden="true">
        <polyline
          points={waiting.map((w) => at(w).join(',')).join(' ')}
          fill="none"
          stroke="var(--needle)"
          strokeWidth="3"
        />
        <line x1="0" y1={HIGH} x2={WIDE} y2={HIGH} stroke="var(--line)" />
        {waiting.map((w) => (
          <circle key={w.months} cx={at(w)[0]} cy={at(w)[1]} r="4" fill="var(--needle)" />
        ))}
      </svg>
      <table className="w-full text-note">
        <thead className="text-left text-faint">
          <tr>
            <th className="font-semibold">{phrase('after')}</th>
            <th className="font-semibold">{phrase('soil')}</th>
            <th className="text-right font-semibold">{phrase('passes')}</th>
            <th className="text-right font-semibold">{phrase('minutes')}</th>
            <th className="text-right font-semibold">{phrase('price')}</th>
          </tr>
        </thead>
        <tbody className="divide-y divide-line">
          {waiting.map((w) => (
            <tr key={w.months}>
              <td className="py-1">{phrase('months', { months: w.months })}</td>
              <td>{say(w.soil)}</td>
              <td className="text-right">{w.passes}</td>
              <td className="text-right">{w.minutes}</td>
              <td className="text-right">{w.minor === undefined ? '' : money(w.minor, currency)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}
