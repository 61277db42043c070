import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { api, need, type Schemas } from '../api/client'
import { Button, TextField } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { timeOf, when, placed, say } from '../parts/words'
import { clockStart, elapsedOf, face } from './clocks'
import { Ask } from './Otherwise'
import type { Bench, BenchTask, Entry } from './run'
import type { Tell } from './useBench'
import type { RefusedEntry } from './waiting'
import { apart, listed, sentences } from '../words/lists'
import { over, strong } from '../parts/drawn'
import { phrase } from './phrase'

/** When it will be ready as it goes now, against plan and promise. */
export function Goes({ bench }: { bench: Bench }) {
  const { pace } = bench
  const late = Boolean(pace.promised && pace.readyAt > pace.promised)
  if (bench.tasksDone === bench.tasksTotal) return null
  return (
    <p className="text-note">
      {late
        ? phrase.drawn('later-than-promised', {
            ready: when(pace.readyAt),
            promised: when(pace.promised!),
            b: strong,
            over,
          })
        : phrase.drawn('on-course-to-be-ready', { ready: when(pace.readyAt), b: strong })}
    </p>
  )
}

const titleOf = (entry: Entry, tasks: BenchTask[]) => {
  const task = tasks.find((t) => t.id === entry.taskId)
  const what = task ? listed(task.title, task.where) : phrase('the-run')
  return placed(what, say(entry.seen ?? entry.kind))
}

/** What the line does: nothing said while it holds. */
export function Line(props: {
  cut: boolean
  waiting: Entry[]
  refused: RefusedEntry[]
  held: string | undefined
  tasks: BenchTask[]
  onForget: () => void
}) {
  const [reading, setReading] = useState(false)
  const lost = [...props.refused.map((r) => r.entry), ...(props.held ? props.waiting : [])]
  const why = [...new Set([...props.refused.map((r) => r.why), ...(props.held ? [props.held] : [])])]
  return (
    <>
      {props.cut && (
        <p role="status" className="lying border-l-4 border-l-care p-3">
          <strong>{phrase('no-connection')}</strong>{' '}
          {props.waiting.length === 0
            ? phrase('go-on-working-what-you')
            : phrase('entries-go-out-when-it-is-back', { waiting: props.waiting.length })}
        </p>
      )}
      {lost.length > 0 && (
        <section
          role="alert"
          aria-label={phrase('not-taken-yet')}
          className="lying grid justify-items-start gap-1 border-l-4 border-l-over p-3"
        >
          <p>
            <strong>{phrase('entries-that-would-be-lost', { lost: lost.length })}</strong>{' '}
            {sentences([...why, props.held && phrase('it-is-tried-again-by')])}
          </p>
          {!reading && (
            <Button weight="quiet" className="min-h-12" onClick={() => setReading(true)}>
              {phrase('see-what-they-are')}
            </Button>
          )}
          {reading && (
            <>
              <ul className="list-[square] pl-5 text-note">
                {lost.map((entry) => (
                  <li key={entry.id}>
                    {timeOf(entry.at)} {titleOf(entry, props.tasks)}
                  </li>
                ))}
              </ul>
              <Button weight="quiet" className="min-h-12" onClick={props.onForget}>
                {phrase('let-go-of-they-are', { lost: lost.length })}
              </Button>
            </>
          )}
        </section>
      )}
    </>
  )
}

/** The run stopped for now, with what still runs. */
export function Paused(props: { bench: Bench; now: number; onGoOn: () => void }) {
  const paused = props.bench.paused!
  const running = props.bench.tasks
    .filter((t) => clockStart(t) && t.needsHands)
    .map((task) => ({ task, shown: face(task, elapsedOf(task, props.now)) }))
  return (
    <section aria-label={phrase('stopped-for-now')} className="lying grid justify-items-start gap-3 p-4">
      <h2 className="text-head">{phrase('stopped-for-now')}</h2>
      <p>
        {paused.by
          ? phrase('since-by', { at: when(paused.at), by: paused.by, reason: paused.reason })
          : phrase('since', { at: when(paused.at), reason: paused.reason })}
      </p>
      {running.length > 0 && (
        <p className="border-l-4 border-l-over pl-3 font-semibold">
          {phrase('still-lying-wipe-it-before', {
            running: apart(running.map((r) => listed(r.task.title, r.task.where))),
          })}
        </p>
      )}
      <ul className="list-[square] pl-5">
        <li>{phrase('going-on-another-day-look')}</li>
        <li>{phrase('a-mix-keeps-as-long')}</li>
      </ul>
      <Button weight="main" className="min-h-14 px-6" onClick={props.onGoOn}>
        {phrase('go-on')}
      </Button>
    </section>
  )
}

/** What concerns the whole run: stopping for today, and the air of the room. */
export function Room(props: { bench: Bench; jobId: string; tell: (what: Tell) => void }) {
  const [reason, setReason] = useState('')
  const air = props.bench.air
  const [temperature, setTemperature] = useState(String(air?.airTempC ?? ''))
  const [humidity, setHumidity] = useState(air ? String(Math.round(air.relativeHumidity * 100)) : '')
  const number = (text: string) => Number(text.replace(',', '.'))
  const read = useMutation({
    mutationFn: async () => {
      const take = (instrument: Schemas['ReadingRequest']['instrument']) =>
        need(
          api.POST('/api/v1/jobs/{id}/readings', {
            params: { path: { id: props.jobId } },
            body: { instrument },
          }),
        )
      return Promise.all([take('air-temperature'), take('humidity')])
    },
    onSuccess: ([t, h]) => {
      setTemperature(String(t.value ?? ''))
      setHumidity(String(h.value ?? ''))
    },
  })
  const good = [temperature, humidity].every((text) => text.trim() !== '' && !isNaN(number(text)))
  return (
    <>
      <Ask title={phrase('the-air-changed')} label={phrase('the-room-now')}>
        {(close) => (
          <form
            className="grid gap-3"
            onSubmit={(e) => {
              e.preventDefault()
              props.tell({
                taskId: '',
                kind: 'air',
                detail: {
                  air: { airTempC: number(temperature), relativeHumidity: number(humidity) / 100 },
                },
              })
              close()
            }}
          >
            <p>{phrase('windows-and-sections-of-what')}</p>
            <Button className="min-h-14" disabled={read.isPending} onClick={() => read.mutate()}>
              {phrase('read-the-room')}
            </Button>
            {read.error && <Trouble error={read.error} />}
            <TextField
              label={phrase('temperature-c')}
              inputMode="decimal"
              value={temperature}
              onChange={setTemperature}
              maxLength={5}
            />
            <TextField
              label={phrase('humidity')}
              inputMode="decimal"
              value={humidity}
              onChange={setHumidity}
              maxLength={5}
            />
            <Button weight="main" type="submit" className="min-h-14" disabled={!good}>
              {phrase('recount')}
            </Button>
          </form>
        )}
      </Ask>
      <Ask title={phrase('stop-for-today')} label={phrase('stop-here-and-go-on')}>
        {(close) => (
          <form
            className="grid gap-3"
            onSubmit={(e) => {
              e.preventDefault()
              props.tell({ taskId: '', kind: 'paused', reason: reason || undefined })
              close()
            }}
          >
            <p>{phrase('wipe-off-what-lies-before')}</p>
            <TextField
              label={phrase('why-if-you-like')}
              value={reason}
              onChange={setReason}
              maxLength={400}
            />
            <Button weight="main" type="submit" className="min-h-14">
              {phrase('stop')}
            </Button>
          </form>
        )}
      </Ask>
    </>
  )
}
