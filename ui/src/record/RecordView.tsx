import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ApiError, need, type Schemas } from '../api/client'
import { readingsQuery, recordQuery } from '../api/queries'
import { localOf, msOf, nowMs } from '../api/clock'
import { Ask } from '../bench/Otherwise'
import { Button, ButtonLink, TextField } from '../parts/controls'
import { useJob } from '../parts/useJob'
import { Empty, Loading, Trouble } from '../parts/Notice'
import { dayOf, ml, say, timeOf, measured, placed } from '../parts/words'
import { Photos } from '../survey/Photos'
import { instruments } from '../survey/Readings'
import { allOf } from '../words/lists'
import { phrase } from './phrase'

type Record = Schemas['RunRecord']
type Line = Schemas['RecordLine']

/** What was done, by whom, when and with what; nothing in it is written over. */
export function RecordView() {
  const job = useJob()
  const record = useQuery({ ...recordQuery(job.id), retry: false })
  if (record.isPending) return <Loading what={phrase('fetching-the-record')} />
  if (record.isError)
    return (
      <div className="p-3 md:p-5">
        {record.error instanceof ApiError && record.error.status === 409 ? (
          <Empty title={phrase('nothing-was-done-yet')}>
            <ButtonLink to={`/jobs/${job.id}/bench`} weight="main">
              {phrase('to-the-bench')}
            </ButtonLink>
          </Empty>
        ) : (
          <Trouble error={record.error} again={() => void record.refetch()} />
        )}
      </div>
    )
  const { data } = record
  return (
    <div className="mx-auto grid w-full max-w-5xl content-start gap-3 p-2 md:p-5 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <div className="grid content-start gap-3 md:grid-cols-2 lg:col-start-2 lg:row-start-1 lg:grid-cols-1">
        <Times record={data} />
        <UsedUp record={data} />
        <Measured job={job} />
        <Photos job={job} first="done" />
      </div>
      <Entries record={data} jobId={job.id} over={job.state === 'handed-over'} />
    </div>
  )
}

function Entries({ record, jobId, over }: { record: Record; jobId: string; over: boolean }) {
  const days = [...new Set(record.lines.map((l) => l.at.slice(0, 10)))]
  return (
    <section aria-label={phrase('entries')} className="lying content-start">
      <h1 className="px-3 pt-3 text-head">{phrase('what-was-done')}</h1>
      {over && <p className="px-3 text-note text-faint">{phrase('handed-over-this-record-stands')}</p>}
      {record.lines.length === 0 && <p className="p-3 text-faint">{phrase('nothing-is-told-yet')}</p>}
      {days.map((day) => (
        <div key={day}>
          <h2 className="px-3 pt-2 text-do">{dayOf(`${day}T12:00:00`)}</h2>
          <ol className="divide-y divide-line">
            {byStep(record.lines.filter((l) => l.at.startsWith(day))).map((lines) => (
              <li key={lines[0]!.id} className="px-3 py-1.5">
                <span className="font-semibold">{placed(lines[0]!.title, lines[0]!.where)}</span>
                <ul>
                  {lines.map((line) => (
                    <Entry key={line.id} line={line} lines={record.lines} jobId={jobId} />
                  ))}
                </ul>
              </li>
            ))}
          </ol>
        </div>
      ))}
    </section>
  )
}

/** What was told of one step without another between, together. */
function byStep(lines: Line[]): Line[][] {
  const groups: Line[][] = []
  for (const line of lines) {
    const last = groups.at(-1)
    if (last && line.taskId && last[0]!.taskId === line.taskId) last.push(line)
    else groups.push([line])
  }
  return groups
}

const LATE_MS = 60_000

function Entry(props: { line: Line; lines: Line[]; jobId: string }) {
  const { line } = props
  const later = msOf(line.recordedAt) - msOf(line.at) > LATE_MS
  const corrected = props.lines.find((l) => l.id === line.corrects)
  return (
    <li className="grid grid-cols-[3.5rem_1fr_auto] items-center gap-x-2">
      <span className="self-start text-note leading-6 text-faint">{timeOf(line.at)}</span>
      <span>
        <span className={`block ${line.takenBack ? 'line-through' : ''}`}>{line.text}</span>
        <span className="block text-note text-faint">
          {[
            line.by,
            line.signedIn && phrase('signed-in', { signedIn: line.signedIn }),
            line.takenBack && phrase('taken-back-since'),
            later && phrase('came-in-at', { recordedAt: timeOf(line.recordedAt) }),
            line.ticked.length > 0 && phrase('ticked', { ticked: allOf(line.ticked.map((c) => say(c))) }),
            corrected && phrase('puts-right-what-was-told', { at: timeOf(corrected.at) }),
          ]
            .filter(Boolean)
            .join(' · ')}
        </span>
      </span>
      {['done', 'seen'].includes(line.kind) && !line.takenBack && <Correct line={line} jobId={props.jobId} />}
    </li>
  )
}

/** A correction is an entry of its own. */
function Correct({ line, jobId }: { line: Line; jobId: string }) {
  const client = useQueryClient()
  const [reason, setReason] = useState('')
  const [amount, setAmount] = useState('')
  const tell = useMutation({
    mutationFn: (taskId: string) =>
      need(
        api.POST('/api/v1/jobs/{id}/bench/entries', {
          params: { path: { id: jobId } },
          body: {
            entries: [
              {
                id: crypto.randomUUID(),
                taskId,
                kind: 'corrected',
                at: localOf(nowMs()),
                reason,
                detail: {
                  corrects: line.id,
                  ml: amount.trim() ? Number(amount.replace(',', '.')) : undefined,
                },
              },
            ],
          },
        }),
      ),
    onSuccess: () => void client.invalidateQueries({ queryKey: recordQuery(jobId).queryKey }),
  })
  return (
    <Ask title={phrase('put-right')} label={phrase('put-right-titled', { title: line.title.toLowerCase() })}>
      {(close) => (
        <form
          className="grid gap-3"
          onSubmit={(e) => {
            e.preventDefault()
            tell.mutate(line.taskId, { onSuccess: close })
          }}
        >
          <p>{phrase('what-was-told-stays-this')}</p>
          <TextField
            label={phrase('what-was-it-really')}
            value={reason}
            onChange={setReason}
            maxLength={400}
            required
          />
          <TextField
            label={phrase('amount-that-went-on-ml')}
            value={amount}
            onChange={setAmount}
            inputMode="decimal"
            maxLength={7}
          />
          {tell.error && <Trouble error={tell.error} />}
          <Button
            weight="main"
            type="submit"
            className="min-h-14"
            disabled={!reason.trim() || isNaN(Number(amount.replace(',', '.'))) || tell.isPending}
          >
            {phrase('write-it-beside')}
          </Button>
        </form>
      )}
    </Ask>
  )
}

const minutes = (n: number) => (n < 1 ? '< 1' : String(Math.round(n)))

function Times({ record }: { record: Record }) {
  const known = record.steps.filter((s) => s.minutes !== undefined)
  return (
    <section aria-label={phrase('minutes')} className="lying p-3">
      <h2 className="text-do">{phrase('minutes')}</h2>
      <p>
        <strong className="text-head">{record.workedMin}</strong>{' '}
        {phrase('worked-planned', { plannedMin: record.plannedMin })}
      </p>
      {known.length > 0 && (
        <details>
          <summary className="flex min-h-11 cursor-pointer items-center font-semibold">
            {phrase('step-by-step')}
          </summary>
          <table className="w-full text-note">
            <thead className="text-left text-faint">
              <tr>
                <th className="py-1 font-semibold">{phrase('step')}</th>
                <th className="text-right font-semibold">{phrase('took')}</th>
                <th className="text-right font-semibold">{phrase('plan')}</th>
                <th className="text-right font-semibold">{phrase('passes')}</th>
              </tr>
            </thead>
            <tbody className="divide-y divide-line">
              {known.map((s) => (
                <tr key={s.taskId}>
                  <td className="py-1">{placed(s.title, s.where)}</td>
                  <td className="text-right">{minutes(s.minutes ?? 0)}</td>
                  <td className="text-right">{minutes(s.plannedMin)}</td>
                  <td className="text-right">
                    {s.passesHigh > 0 ? phrase('of-passes', { passes: s.passes, high: s.passesHigh }) : ''}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </details>
      )}
    </section>
  )
}

/** Readings that were taken, latest first; what could not be judged yet is struck through. */
function Measured({ job }: { job: Schemas['JobDetail'] }) {
  const readings = useQuery(readingsQuery(job.id))
  if (!readings.data || readings.data.length === 0) return null
  return (
    <section aria-label={phrase('measured')} className="lying p-3">
      <h2 className="text-do">{phrase('measured')}</h2>
      <ul className="divide-y divide-line">
        {readings.data.map((r) => (
          <li key={r.id} className="grid grid-cols-[1fr_auto] gap-x-3 py-1">
            <span>
              {placed(instruments[r.instrument], r.surfaceId && (job.labels[r.surfaceId] ?? r.surfaceId))}
            </span>
            <strong className={r.notYet ? 'line-through' : ''}>
              {r.colour ?? measured(r.value ?? 0, r.unit)}
            </strong>
            <span className="text-note text-faint">
              {dayOf(r.at)}, {timeOf(r.at)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}

function UsedUp({ record }: { record: Record }) {
  return (
    <section aria-label={phrase('used-up')} className="lying p-3">
      <h2 className="text-do">{phrase('used-up')}</h2>
      {record.used.length === 0 && <p className="text-faint">{phrase('nothing-yet')}</p>}
      <ul className="divide-y divide-line">
        {record.used.map((u) => (
          <li key={u.productId + u.ratio} className="grid grid-cols-[1fr_auto] gap-x-3 py-1">
            <span className="font-semibold">
              {u.name} {u.ratio === 'ready' ? '' : u.ratio}
            </span>
            <strong className="text-right">{ml(u.ml)}</strong>
            <span className="text-note text-faint">
              {u.batches.length > 0
                ? phrase('batch', { batches: allOf(u.batches) })
                : phrase('no-batch-noted')}
            </span>
            <span className="text-right text-note text-faint">
              {phrase('planned', { plannedMl: ml(u.plannedMl) })}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
