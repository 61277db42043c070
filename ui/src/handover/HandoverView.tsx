import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Printer } from 'lucide-react'
import { useState, type ReactNode } from 'react'
import { ApiError, api, need, type Schemas } from '../api/client'
import { handoverQuery, jobQuery } from '../api/queries'
import { Button, ButtonLink } from '../parts/controls'
import { useJob } from '../parts/useJob'
import { Empty, Loading, Trouble } from '../parts/Notice'
import { ml, plural, when } from '../parts/words'
import { Pictures } from './BeforeAfter'
import { Links } from './Links'

type Handover = Schemas['HandoverView']

export function HandoverView() {
  const job = useJob()
  const client = useQueryClient()
  const [asking, setAsking] = useState(false)
  const handover = useQuery({ ...handoverQuery(job.id), refetchOnMount: 'always', retry: false })
  const close = useMutation({
    mutationFn: () => need(api.POST('/api/v1/jobs/{id}/handover', { params: { path: { id: job.id } } })),
    onSuccess: (fresh) => {
      client.setQueryData(handoverQuery(job.id).queryKey, fresh)
      void client.invalidateQueries({ queryKey: jobQuery(job.id).queryKey, exact: true })
      void client.invalidateQueries({ queryKey: ['day'] })
    },
  })
  if (handover.isPending) return <Loading what="the hand-over" />
  if (handover.isError)
    return (
      <div className="p-3 md:p-5">
        {handover.error instanceof ApiError && handover.error.status === 409 ? (
          <Empty title="Nothing to hand over yet.">
            <p>The page fills as steps are ticked at the bench.</p>
            <ButtonLink to={`/jobs/${job.id}/bench`} weight="main">
              To the bench
            </ButtonLink>
          </Empty>
        ) : (
          <Trouble error={handover.error} again={() => void handover.refetch()} />
        )}
      </div>
    )
  const { data } = handover
  return (
    <div className="mx-auto grid w-full max-w-3xl gap-3 p-2 md:p-5 print:max-w-none print:p-0">
      {asking && data.state !== 'HANDED_OVER' && (
        <section aria-label="Still open" className="no-print lying border-l-4 border-l-care p-3">
          <h2 className="text-do">Still open at the bench</h2>
          <Open left={data.notDone} />
          <p className="mt-1">Handed over now, this is recorded as left out, and the papers say so.</p>
          <div className="mt-2 flex flex-wrap gap-2">
            <ButtonLink to={`/jobs/${job.id}/bench`} weight="main" className="min-h-14">
              Back to the bench
            </ButtonLink>
            <Button className="min-h-14" onClick={() => close.mutate()} disabled={close.isPending}>
              Hand over without it
            </Button>
          </div>
        </section>
      )}
      {close.isError && <Trouble error={close.error} />}
      <div className="no-print flex flex-wrap gap-2">
        {data.state === 'HANDED_OVER' ? (
          <p className="flex min-h-11 items-center font-semibold text-tune">
            Handed over{data.handedOverAt ? ` ${when(data.handedOverAt)}` : ''}. This record stands.
          </p>
        ) : (
          <Button
            weight="main"
            className="min-h-14"
            onClick={() => (data.notDone.length > 0 ? setAsking(true) : close.mutate())}
            disabled={close.isPending}
          >
            Hand over
          </Button>
        )}
        <a
          href={`/api/v1/jobs/${job.id}/calendar.ics`}
          download
          className="inline-flex min-h-14 items-center underline underline-offset-4"
        >
          Into a calendar
        </a>
        <a
          href={`/api/v1/jobs/${job.id}/handover/report.pdf`}
          download
          className="inline-flex min-h-14 items-center underline underline-offset-4"
        >
          As a PDF
        </a>
        {job.document.vehicle?.layout === 'light-aircraft' && (
          <a
            href={`/api/v1/jobs/${job.id}/handover/logbook.pdf`}
            download
            className="inline-flex min-h-14 items-center underline underline-offset-4"
          >
            Sheet for the logbook
          </a>
        )}
        <ButtonLink to={`/jobs/${job.id}/care`} className="min-h-14">
          After-care
        </ButtonLink>
        <ButtonLink to={`/jobs/${job.id}/record`} className="min-h-14">
          What was done
        </ButtonLink>
        <Button className="min-h-14" onClick={() => window.print()}>
          <Printer size={18} aria-hidden="true" /> Print
        </Button>
      </div>
      <Sheet handover={data} src={(photo) => `/api/v1/jobs/${job.id}/photos/${photo}/picture`} />
      <Links jobId={job.id} />
    </div>
  )
}

/** The page the customer gets. */
export function Sheet({ handover: h, src }: { handover: Handover; src: (photo: string) => string }) {
  const merged = grouped(h.treated)
  return (
    <article className="lying grid gap-5 p-4 md:p-8 print:gap-3 print:border-0 print:p-0 print:text-[10.5pt]">
      <header className="border-b-2 border-ink pb-3">
        <p className="narrow text-note text-faint">{h.shop ? `${h.shop} · Hand-over` : 'Hand-over'}</p>
        <h2 className="text-head">{h.vehicleLabel}</h2>
        <p>{h.title}</p>
      </header>
      <section aria-label="When it can be used" className="grid grid-cols-3 gap-3">
        <When label="Drive from" time={h.ready.driveAt} />
        <When label="Sit from" time={h.ready.sitAt} />
        {h.ready.curedAt > h.ready.sitAt && h.ready.curedAt > h.ready.driveAt && (
          <When label="Fully cured" time={h.ready.curedAt} />
        )}
        {!h.ready.fromBench && (
          <p className="col-span-3 text-note text-faint">As planned; counted anew from the bench.</p>
        )}
      </section>
      {h.gripChecks.length > 0 && (
        <p className="border-l-4 border-l-care pl-3">
          <strong>Grip.</strong> {h.gripChecks[0]?.text}
        </p>
      )}
      <Part title="What was done">
        {merged.length === 0 && <p>Nothing is ticked at the bench yet.</p>}
        <ul className="grid gap-1.5 md:grid-cols-2 md:gap-x-6 print:grid-cols-2 print:gap-x-6 print:gap-y-1">
          {merged.map((line) => (
            <li key={line.did + line.found} className="break-inside-avoid">
              <strong>{line.labels.join(', ')}</strong>
              <span className="block text-note">
                Found: {line.found}. {line.did.charAt(0).toUpperCase() + line.did.slice(1)}.
              </span>
            </li>
          ))}
        </ul>
      </Part>
      {h.pairs.length + h.halves.length > 0 && (
        <Part title="Before and after">
          <Pictures handover={h} src={src} />
        </Part>
      )}
      {h.corrections.length > 0 && (
        <Part title="Put right since the hand-over">
          <ul className="grid gap-1">
            {h.corrections.map((c) => (
              <li key={c.at + c.what}>
                <strong>
                  {when(c.at)}, {c.what}:
                </strong>{' '}
                {c.text}
                {c.told && <span className="text-note text-faint"> Told then: {c.told}</span>}
              </li>
            ))}
          </ul>
        </Part>
      )}
      <Part title="What could not be cured">
        {h.notCured.length === 0 && (
          <p>
            {h.notDone.length === 0
              ? 'Nothing: all that was found could be treated.'
              : 'Nothing among what was worked on.'}
          </p>
        )}
        <ul className="list-[square] pl-5">
          {h.notCured.map((n) => (
            <li key={n.label + n.code + n.text}>
              <strong>{n.label}:</strong> {n.text}
            </li>
          ))}
        </ul>
      </Part>
      {h.state === 'HANDED_OVER' && h.notDone.length > 0 && (
        <Part title="Left out at this visit">
          <Open left={h.notDone} />
        </Part>
      )}
      <Part title="Keeping it so">
        <ul className="grid gap-1">
          {h.care.map((c) => (
            <li key={c.what + c.when}>
              <strong>{c.when.charAt(0).toUpperCase() + c.when.slice(1)}:</strong> {c.what.toLowerCase()}.{' '}
              <span className="text-note text-faint">{short(c.labels)}</span>
            </li>
          ))}
          <li>
            Between visits a cloth damp with water is enough. Nothing slippery on the wheel, pedals or levers.
          </li>
        </ul>
      </Part>
      <Part title="What was used">
        <ul>
          {h.used.map((u) => (
            <li key={u.name}>
              <strong>{u.name}</strong>
              {u.maker && `, ${u.maker}`}, about {ml(u.ml)}
              {u.batches.length > 0 && `, batch ${u.batches.join(' and ')}`}.
              {u.hazards.length > 0 && <span className="text-note"> {u.hazards.join(' ')}</span>}
            </li>
          ))}
        </ul>
        <p className="mt-1 text-note text-faint">
          Safety data sheets on request. A warning lamp, a frayed belt or a fault in a seat is for a licensed
          workshop.
        </p>
      </Part>
    </article>
  )
}

/** Open work, one line a kind: how many panels, and where. */
function Open({ left }: { left: Schemas['NotDone'][] }) {
  return (
    <ul className="list-[square] pl-5">
      {left.map((open) => (
        <li key={open.what}>
          <strong>{open.what}</strong>
          {open.panels > 0 && `: ${plural(open.panels, 'panel')}`}
          <span className="text-note text-faint"> {open.zones.join(', ')}</span>
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

/** Panels with the same story stand in one line. */
function grouped(treated: Schemas['Treated'][]) {
  const lines = new Map<string, { labels: string[]; found: string; did: string }>()
  for (const t of treated) {
    const key = `${t.found}|${t.did}`
    const line = lines.get(key) ?? { labels: [], found: t.found, did: t.did }
    line.labels.push(t.label)
    lines.set(key, line)
  }
  return [...lines.values()]
}

const short = (labels: string[]) =>
  labels.length <= 3 ? labels.join(', ') : `${labels.slice(0, 2).join(', ')} and ${labels.length - 2} more`
