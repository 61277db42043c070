import { useState } from 'react'
import { Link } from 'react-router'
import { CabinSheet } from '../parts/CabinSheet'
import { Button, OneOf } from '../parts/controls'
import { useJob } from '../parts/useJob'
import { Loading, PageTrouble, Trouble } from '../parts/Notice'
import { OrderMark } from '../parts/OrderMark'
import { NothingSurveyed } from '../parts/NothingSurveyed'
import { useCabin } from '../parts/useCabin'
import { degrees, lasting, plural } from '../parts/words'
import type { Schemas } from '../api/client'
import { choices } from '../parts/choices'
import { Hours } from './Hours'
import { useOutlook, type Air } from './useOutlook'

const suns = choices<Air['sun']>({
  none: 'No sun',
  'through-glass': 'Through glass',
  direct: 'Direct',
})
const ENDLESS_S = 86_400

/** How small each panel is worked in this air, in which order, and how long it dries. */
export function SectionsView() {
  const job = useJob()
  const cabin = useCabin(job)
  const [picked, setPicked] = useState<string>()
  const { air, isMoved, outlook, keep, read, move, back } = useOutlook(job)
  if (job.document.surfaces.length === 0) return <NothingSurveyed jobId={job.id} />
  if (outlook.isPending) return <Loading what="the sections" />
  if (outlook.isError) return <PageTrouble error={outlook.error} again={() => void outlook.refetch()} />
  const now = outlook.data
  const byId = new Map(now.panels.map((p) => [p.surfaceId, p]))
  const finishes = new Map(job.document.surfaces.map((s) => [s.id, s.finish]))
  const panel = picked ? byId.get(picked) : undefined
  return (
    <div className="grid flex-1 content-start gap-3 p-2 md:grid-cols-[minmax(0,1.1fr)_minmax(22rem,0.9fr)] md:p-4">
      <section aria-label="Sections" className="grid min-w-0 content-start gap-2">
        <h2 className="text-head">
          {plural(now.sections, 'section')}
          {now.sections !== now.planned && (
            <span className="text-do text-faint"> instead of {now.planned}</span>
          )}
        </h2>
        {now.says && <p aria-live="polite">{now.says}</p>}
        {!now.fits && (
          <p role="alert" className="border-l-4 border-over pl-3 font-semibold text-over">
            Some panels would dry before they could be wiped. Shade, cool or moisten the air before any wet
            work.
          </p>
        )}
        {!now.dries && (
          <div role="alert" className="border-l-4 border-over pl-3">
            <p className="font-semibold text-over">Not everything would be dry within a day.</p>
            <ul className="list-disc pl-5">
              {now.remedies.map((r) => (
                <li key={r}>{r}</li>
              ))}
              {now.remedies.length === 0 && (
                <li>No single change is enough: another day, or another place.</li>
              )}
            </ul>
          </div>
        )}
        {cabin.data && (
          <div className="h-[44vh] md:h-[calc(100dvh-20rem)]">
            <CabinSheet
              layout={cabin.data}
              label="Cabin with its sections, in the order they are worked"
              picked={new Set(picked ? [picked] : [])}
              onPick={setPicked}
              look={(drawn) => {
                const p = byId.get(drawn.id)
                return {
                  finish: finishes.get(drawn.id),
                  blank: !p,
                  sections: p?.sections,
                  state: p ? `number ${p.order} in ${plural(p.sections, 'section')}` : 'not worked wet',
                  mark: p && <OrderMark order={p.order} fits={p.fits} />,
                }
              }}
            />
          </div>
        )}
        <p className="text-note text-faint">
          The numbers are the order of work; a dashed line is where a panel is cut into sections.
        </p>
      </section>
      <div className="grid content-start gap-3">
        {panel && <PanelCard panel={panel} jobId={job.id} />}
        <section aria-label="The air" className="lying grid gap-3 p-3">
          <h2 className="text-do">The air</h2>
          <Needles air={air} move={move} />
          <div className="flex flex-wrap gap-2">
            <Button disabled={read.isPending} onClick={() => read.mutate()}>
              Read the room
            </Button>
            {isMoved && (
              <>
                <Button weight="main" disabled={keep.isPending} onClick={() => keep.mutate()}>
                  Work in this air
                </Button>
                <Button onClick={back}>Back to the job’s</Button>
              </>
            )}
          </div>
          {(keep.error ?? read.error) && <Trouble error={keep.error ?? read.error} />}
        </section>
        <Drying panels={now.panels} />
        <Hours job={job} onTake={move} />
      </div>
    </div>
  )
}

function Needles({ air, move }: { air: Air; move: (part: Partial<Air>) => void }) {
  const t = degrees()
  return (
    <>
      <Slider
        label="Temperature"
        said={`${t.shown(air.airTempC)} ${t.unit}`}
        value={air.airTempC}
        min={-5}
        max={45}
        step={1}
        onChange={(airTempC) => move({ airTempC })}
      />
      <Slider
        label="Humidity"
        said={`${Math.round(air.relativeHumidity * 100)} %`}
        value={Math.round(air.relativeHumidity * 100)}
        min={5}
        max={100}
        step={1}
        onChange={(percent) => move({ relativeHumidity: percent / 100 })}
      />
      <Slider
        label="Draught"
        said={`${air.airSpeedMs} m/s`}
        value={air.airSpeedMs}
        min={0}
        max={5}
        step={0.1}
        onChange={(airSpeedMs) => move({ airSpeedMs })}
      />
      <OneOf label="Sun on the surfaces" value={air.sun} options={suns} onChange={(sun) => move({ sun })} />
    </>
  )
}

function Slider(props: {
  label: string
  said: string
  value: number
  min: number
  max: number
  step: number
  onChange: (value: number) => void
}) {
  return (
    <label className="grid grid-cols-[6rem_1fr_4.5rem] items-center gap-3">
      <span className="text-note font-semibold text-faint">{props.label}</span>
      <input
        type="range"
        className="min-h-11 w-full accent-needle"
        value={props.value}
        min={props.min}
        max={props.max}
        step={props.step}
        aria-valuetext={props.said}
        onChange={(e) => props.onChange(Math.round(Number(e.target.value) * 10) / 10)}
      />
      <output className="text-right">{props.said}</output>
    </label>
  )
}

const windowShown = (seconds: number) => (seconds >= ENDLESS_S ? 'no end' : lasting(seconds))

function PanelCard({ panel, jobId }: { panel: Schemas['WorkedPanelView']; jobId: string }) {
  return (
    <section aria-label="Picked panel" className="lying p-3">
      <h2 className="text-do">
        {panel.order}. {panel.label}
      </h2>
      <p>
        {panel.fits
          ? `${plural(panel.sections, 'section')}, each wiped within ${windowShown(panel.windowS)}`
          : 'Would dry before it is wiped'}
        {panel.sections !== panel.planned && `; planned in ${panel.planned}`}. Surface at{' '}
        {degrees().shown(Math.round(panel.surfaceC))} {degrees().unit}.
      </p>
      <p>
        {panel.dries ? `Dry about ${lasting(panel.driesInS)} after: ` : 'Would not dry in a day: '}
        {panel.how}.
      </p>
      <Link
        to={`/jobs/${jobId}/match/${panel.surfaceId}`}
        className="inline-flex min-h-11 items-center underline"
      >
        Its match
      </Link>
    </section>
  )
}

/** What dries longest, and that a meter says when it is dry. */
function Drying({ panels }: { panels: Schemas['WorkedPanelView'][] }) {
  const slowest = [...panels].sort((a, b) => b.driesInS - a.driesInS).slice(0, 4)
  if (slowest.length === 0) return null
  return (
    <section aria-label="Drying" className="lying p-3">
      <h2 className="text-do">Dries last</h2>
      <ol>
        {slowest.map((p) => (
          <li key={p.surfaceId} className="flex justify-between gap-3 border-t border-line py-1">
            <span>{p.label}</span>
            <span className={p.dries ? '' : 'text-over'}>
              {p.dries ? lasting(p.driesInS) : 'not in a day'}
            </span>
          </li>
        ))}
      </ol>
      <p className="mt-1 text-note text-faint">
        An estimate: the moisture meter says when it is dry, and nothing goes on before.
      </p>
    </section>
  )
}
