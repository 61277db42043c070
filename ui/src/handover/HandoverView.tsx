import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Printer } from 'lucide-react'
import { useState, type ReactNode } from 'react'
import { Link } from 'react-router'
import { ApiError, api, need, type Schemas } from '../api/client'
import { handoverQuery, jobQuery } from '../api/queries'
import { useNotIn } from '../bench/useBench'
import { Button, ButtonLink } from '../parts/controls'
import { useJob } from '../parts/useJob'
import { Empty, Loading, Trouble } from '../parts/Notice'
import { ml, when } from '../parts/words'
import { Pictures } from './BeforeAfter'
import { Links } from './Links'
import { allOf, listed, sentences } from '../words/lists'
import { phrase } from './phrase'

type Handover = Schemas['HandoverView']

export function HandoverView() {
  const job = useJob()
  const client = useQueryClient()
  const [asking, setAsking] = useState(false)
  const waiting = useNotIn(job.id)
  const handover = useQuery({ ...handoverQuery(job.id), refetchOnMount: 'always', retry: false })
  const close = useMutation({
    mutationFn: () => need(api.POST('/api/v1/jobs/{id}/handover', { params: { path: { id: job.id } } })),
    onSuccess: (fresh) => {
      client.setQueryData(handoverQuery(job.id).queryKey, fresh)
      void client.invalidateQueries({ queryKey: jobQuery(job.id).queryKey, exact: true })
      void client.invalidateQueries({ queryKey: ['day'] })
    },
  })
  if (handover.isPending) return <Loading what={phrase('fetching-the-hand-over')} />
  if (handover.isError)
    return (
      <div className="p-3 md:p-5">
        {handover.error instanceof ApiError && handover.error.status === 409 ? (
          <Empty title={phrase('nothing-to-hand-over-yet')}>
            <p>{phrase('the-page-fills-as-steps')}</p>
            <ButtonLink to={`/jobs/${job.id}/bench`} weight="main">
              {phrase('to-the-bench')}
            </ButtonLink>
          </Empty>
        ) : (
          <Trouble error={handover.error} again={() => void handover.refetch()} />
        )}
      </div>
    )
  const { data } = handover
  const stale = waiting > 0 || handover.isFetching
  return (
    <div className="mx-auto grid w-full max-w-3xl gap-3 p-2 md:p-5 print:max-w-none print:p-0">
      {asking && data.state !== 'handed-over' && (
        <section aria-label={phrase('still-open')} className="no-print lying border-l-4 border-l-care p-3">
          <h2 className="text-do">{phrase('still-open-at-the-bench')}</h2>
          <Open left={data.notDone} />
          <p className="mt-1">{phrase('handed-over-now-this-is')}</p>
          <div className="mt-2 flex flex-wrap gap-2">
            <ButtonLink to={`/jobs/${job.id}/bench`} weight="main" className="min-h-14">
              {phrase('back-to-the-bench')}
            </ButtonLink>
            <Button className="min-h-14" onClick={() => close.mutate()} disabled={close.isPending || stale}>
              {phrase('hand-over-without-it')}
            </Button>
          </div>
        </section>
      )}
      {close.isError && <Trouble error={close.error} />}
      {waiting > 0 && data.state !== 'handed-over' && <OnTheirWay waiting={waiting} jobId={job.id} />}
      <div className="no-print flex flex-wrap gap-2">
        {data.state === 'handed-over' ? (
          <p className="flex min-h-11 items-center font-semibold text-tune">
            {data.handedOverAt
              ? phrase('handed-over-at', { at: when(data.handedOverAt) })
              : phrase('handed-over-this-record-stands')}
          </p>
        ) : (
          <Button
            weight="main"
            className="min-h-14"
            onClick={() => (data.notDone.length > 0 ? setAsking(true) : close.mutate())}
            disabled={close.isPending || stale}
          >
            {phrase('hand-over')}
          </Button>
        )}
        <a
          href={`/api/v1/jobs/${job.id}/calendar.ics`}
          download
          className="inline-flex min-h-14 items-center underline underline-offset-4"
        >
          {phrase('into-a-calendar')}
        </a>
        <a
          href={`/api/v1/jobs/${job.id}/handover/report.pdf`}
          download
          className="inline-flex min-h-14 items-center underline underline-offset-4"
        >
          {phrase('as-a-pdf')}
        </a>
        {data.craft === 'aircraft' && (
          <a
            href={`/api/v1/jobs/${job.id}/handover/logbook.pdf`}
            download
            className="inline-flex min-h-14 items-center underline underline-offset-4"
          >
            {phrase('sheet-for-the-logbook')}
          </a>
        )}
        <ButtonLink to={`/jobs/${job.id}/care`} className="min-h-14">
          {phrase('after-care')}
        </ButtonLink>
        <ButtonLink to={`/jobs/${job.id}/record`} className="min-h-14">
          {phrase('what-was-done')}
        </ButtonLink>
        <Button className="min-h-14" onClick={() => window.print()}>
          <Printer size={18} aria-hidden="true" /> {phrase('print')}
        </Button>
      </div>
      <Sheet handover={data} src={(photo) => `/api/v1/jobs/${job.id}/photos/${photo}/picture`} />
      <Links jobId={job.id} />
    </div>
  )
}

/** What was told at this device's bench and is not on the page yet. */
function OnTheirWay({ waiting, jobId }: { waiting: number; jobId: string }) {
  return (
    <div role="status" className="no-print border-l-4 border-l-care pl-3">
      <p>{phrase('told-and-not-in-yet', { waiting })}</p>
      <Link to={`/jobs/${jobId}/bench`} className="inline-flex min-h-11 items-center underline">
        {phrase('see-at-the-bench')}
      </Link>
    </div>
  )
}

/** The page the customer gets. */
export function Sheet({ handover: h, src }: { handover: Handover; src: (photo: string) => string }) {
  return (
    <article className="lying grid gap-5 p-4 md:p-8 print:gap-3 print:border-0 print:p-0 print:text-[10.5pt]">
      <header className="border-b-2 border-ink pb-3">
        <p className="narrow text-note text-faint">
          {h.shop ? phrase('hand-over-of-the-shop', { shop: h.shop }) : phrase('the-hand-over')}
        </p>
        <h2 className="text-head">{h.vehicleLabel}</h2>
        <p>{h.title}</p>
      </header>
      <section aria-label={phrase('when-it-can-be-used')} className="grid grid-cols-3 gap-3">
        <When label={phrase('drive-from', { craft: h.craft })} time={h.ready.driveAt} />
        <When label={phrase('sit-from')} time={h.ready.sitAt} />
        {h.ready.curedAt > h.ready.sitAt && h.ready.curedAt > h.ready.driveAt && (
          <When label={phrase('fully-cured')} time={h.ready.curedAt} />
        )}
        {!h.ready.fromBench && (
          <p className="col-span-3 text-note text-faint">{phrase('as-planned-counted-anew-from')}</p>
        )}
      </section>
      {h.gripChecks.length > 0 && (
        <p className="border-l-4 border-l-care pl-3">
          <strong>{phrase('grip')}</strong> {h.gripChecks[0]?.text}
        </p>
      )}
      <Part title={phrase('what-was-done')}>
        {h.done.length === 0 && <p>{phrase('nothing-is-ticked-at-the')}</p>}
        <ul className="grid gap-1.5 md:grid-cols-2 md:gap-x-6 print:grid-cols-2 print:gap-x-6 print:gap-y-1">
          {h.done.map((line) => (
            <li key={line.did + line.found} className="break-inside-avoid">
              <strong>{allOf(line.panels)}</strong>
              <span className="block text-note">
                {phrase('found', { found: line.found })}{' '}
                {phrase('did', { did: line.did.charAt(0).toUpperCase() + line.did.slice(1) })}
              </span>
            </li>
          ))}
        </ul>
      </Part>
      {h.pairs.length + h.halves.length > 0 && (
        <Part title={phrase('before-and-after')}>
          <Pictures handover={h} src={src} />
        </Part>
      )}
      {h.corrections.length > 0 && (
        <Part title={phrase('put-right-since-the-hand')}>
          <ul className="grid gap-1">
            {h.corrections.map((c) => (
              <li key={c.at + c.what}>
                <strong>
                  {when(c.at)}, {c.what}:
                </strong>{' '}
                {c.text}
                {c.told && (
                  <span className="text-note text-faint"> {phrase('told-then', { told: c.told })}</span>
                )}
              </li>
            ))}
          </ul>
        </Part>
      )}
      <Part title={phrase('what-could-not-be-cured')}>
        {h.stays.length === 0 && (
          <p>
            {h.notDone.length === 0
              ? phrase('nothing-all-that-was-found')
              : phrase('nothing-among-what-was-worked')}
          </p>
        )}
        <ul className="list-[square] pl-5">
          {h.stays.map(({ text, panels }) => (
            <li key={text}>
              <strong>{allOf(panels)}:</strong> {text}
            </li>
          ))}
        </ul>
      </Part>
      {h.state === 'handed-over' && h.notDone.length > 0 && (
        <Part title={phrase('left-out-at-this-visit')}>
          <Open left={h.notDone} />
        </Part>
      )}
      <Part title={phrase('keeping-it-so')}>
        <ul className="grid gap-1">
          {h.care.map((c) => (
            <li key={c.what + c.when}>
              <strong>{c.when.charAt(0).toUpperCase() + c.when.slice(1)}:</strong> {c.what}.{' '}
              <span className="text-note text-faint">{short(c.labels)}</span>
            </li>
          ))}
          <li>{phrase('between-visits-a-cloth-damp')}</li>
        </ul>
      </Part>
      <Used used={h.used} />
    </article>
  )
}

/** Every bottle, with its batch and what its label warns of. */
function Used({ used }: { used: Schemas['Used'][] }) {
  return (
    <Part title={phrase('what-was-used')}>
      <ul>
        {used.map((u) => (
          <li key={u.name}>
            <strong>{u.name}</strong>
            <span className="block">
              {listed(
                u.maker,
                phrase('about', { ml: ml(u.ml) }),
                u.batches.length > 0 &&
                  phrase('batch', { batches: u.batches.length, named: allOf(u.batches) }),
              )}
            </span>
            {u.hazards.length > 0 && <span className="text-note">{sentences(u.hazards)}</span>}
          </li>
        ))}
      </ul>
      <p className="mt-1 text-note text-faint">{phrase('safety-data-sheets-on-request')}</p>
    </Part>
  )
}

/** Open work, one line a kind: how many panels, and where. */
function Open({ left }: { left: Schemas['NotDone'][] }) {
  return (
    <ul className="list-[square] pl-5">
      {left.map((open) => (
        <li key={open.what}>
          <strong>{open.what}</strong>{' '}
          <span className="text-note text-faint">
            {listed(open.panels > 0 && phrase('panels', { panels: open.panels }), ...open.zones)}
          </span>
        </li>
      ))}
    </ul>
  )
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="break-inside-avoid">
      <h3 className="mb-1 text-do">{title}</h3>
      {children}
    </section>
  )
}

function When({ label, time }: { label: string; time: string }) {
  return (
    <div className="border-l-4 border-l-needle pl-3">
      <p className="narrow text-note text-faint">{label}</p>
      <p className="text-do leading-tight font-bold">{when(time)}</p>
    </div>
  )
}

const short = (labels: string[]) =>
  labels.length <= 3
    ? allOf(labels)
    : allOf([...labels.slice(0, 2), phrase('and-more', { labels: labels.length - 2 })])
