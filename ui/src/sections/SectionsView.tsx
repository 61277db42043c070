import { useState } from 'react'
import { Link } from 'react-router'
import { CabinSheet } from '../parts/CabinSheet'
import { Button, OneOf } from '../parts/controls'
import { useJob } from '../parts/useJob'
import { Loading, PageTrouble, Trouble } from '../parts/Notice'
import { OrderMark } from '../parts/OrderMark'
import { NothingSurveyed } from '../parts/NothingSurveyed'
import { useCabin } from '../parts/useCabin'
import { degrees, lasting } from '../parts/words'
import type { Schemas } from '../api/client'
import { choices } from '../parts/choices'
import { Hours } from './Hours'
import { useOutlook, type Air } from './useOutlook'
import { listed } from '../words/lists'
import { phrase } from './phrase'

const suns = choices<Air['sun']>({
  none: phrase('no-sun'),
  'through-glass': phrase('through-glass'),
  direct: phrase('direct'),
})
const ENDLESS_S = 86_400

/** How small each panel is worked in this air, in which order, and how long it dries. */
export function SectionsView() {
  const job = useJob()
  const cabin = useCabin(job)
  const [picked, setPicked] = useState<string>()
  const { air, isMoved, outlook, keep, read, move, back } = useOutlook(job)
  if (job.document.surfaces.length === 0) return <NothingSurveyed jobId={job.id} />
  if (outlook.isPending) return <Loading what={phrase('fetching-the-sections')} />
  if (outlook.isError) return <PageTrouble error={outlook.error} again={() => void outlook.refetch()} />
  const now = outlook.data
  const byId = new Map(now.panels.map((p) => [p.surfaceId, p]))
  const finishes = new Map(job.document.surfaces.map((s) => [s.id, s.finish]))
  const panel = picked ? byId.get(picked) : undefined
  return (
    <div className="grid flex-1 content-start gap-3 p-2 md:grid-cols-[minmax(0,1.1fr)_minmax(22rem,0.9fr)] md:p-4">
      <section aria-label={phrase('sections')} className="grid min-w-0 content-start gap-2">
        <h2 className="text-head">
          {phrase('sections-counted', { sections: now.sections })}
          {now.sections !== now.planned && (
            <span className="text-do text-faint"> {phrase('instead-of', { planned: now.planned })}</span>
          )}
        </h2>
        {now.says && <p aria-live="polite">{now.says}</p>}
        {!now.fits && (
          <p role="alert" className="border-l-4 border-over pl-3 font-semibold text-over">
            {phrase('some-panels-would-dry-before')}
          </p>
        )}
        {!now.dries && (
          <div role="alert" className="border-l-4 border-over pl-3">
            <p className="font-semibold text-over">{phrase('not-everything-would-be-dry')}</p>
            <ul className="list-disc pl-5">
              {now.remedies.map((r) => (
                <li key={r}>{r}</li>
              ))}
              {now.remedies.length === 0 && <li>{phrase('no-single-change-is-enough')}</li>}
            </ul>
          </div>
        )}
        {cabin.data && (
          <div className="h-[44vh] md:h-[calc(100dvh-20rem)]">
            <CabinSheet
              layout={cabin.data}
              label={phrase('cabin-with-its-sections-in')}
              picked={new Set(picked ? [picked] : [])}
              onPick={setPicked}
              look={(drawn) => {
                const p = byId.get(drawn.id)
                return {
                  finish: finishes.get(drawn.id),
                  blank: !p,
                  sections: p?.sections,
                  state: p
                    ? phrase('number-in', {
                        order: p.order,
                        phrase: phrase('sections-counted', { sections: p.sections }),
                      })
                    : phrase('not-worked-wet'),
                  mark: p && <OrderMark order={p.order} fits={p.fits} />,
                }
              }}
            />
          </div>
        )}
        <p className="text-note text-faint">{phrase('the-numbers-are-the-order')}</p>
      </section>
      <div className="grid content-start gap-3">
        {panel && <PanelCard panel={panel} jobId={job.id} />}
        <section aria-label={phrase('the-air')} className="lying grid gap-3 p-3">
          <h2 className="text-do">{phrase('the-air')}</h2>
          <Needles air={air} move={move} />
          <div className="flex flex-wrap gap-2">
            <Button disabled={read.isPending} onClick={() => read.mutate()}>
              {phrase('read-the-room')}
            </Button>
            {isMoved && (
              <>
                <Button weight="main" disabled={keep.isPending} onClick={() => keep.mutate()}>
                  {phrase('work-in-this-air')}
                </Button>
                <Button onClick={back}>{phrase('back-to-the-jobs')}</Button>
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
        label={phrase('temperature')}
        said={`${t.shown(air.airTempC)} ${t.unit}`}
        value={air.airTempC}
        min={-5}
        max={45}
        step={1}
        onChange={(airTempC) => move({ airTempC })}
      />
      <Slider
        label={phrase('humidity')}
        said={`${Math.round(air.relativeHumidity * 100)} %`}
        value={Math.round(air.relativeHumidity * 100)}
        min={5}
        max={100}
        step={1}
        onChange={(percent) => move({ relativeHumidity: percent / 100 })}
      />
      <Slider
        label={phrase('draught')}
        said={`${air.airSpeedMs} m/s`}
        value={air.airSpeedMs}
        min={0}
        max={5}
        step={0.1}
        onChange={(airSpeedMs) => move({ airSpeedMs })}
      />
      <OneOf
        label={phrase('sun-on-the-surfaces')}
        value={air.sun}
        options={suns}
        onChange={(sun) => move({ sun })}
      />
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

const windowShown = (seconds: number) => (seconds >= ENDLESS_S ? phrase('no-end') : lasting(seconds))

function PanelCard({ panel, jobId }: { panel: Schemas['WorkedPanelView']; jobId: string }) {
  return (
    <section aria-label={phrase('picked-panel')} className="lying p-3">
      <h2 className="text-do">
        {panel.order}. {panel.label}
      </h2>
      <p>
        {listed(
          panel.fits
            ? phrase('sections-each-wiped-within', {
                sections: panel.sections,
                windowS: windowShown(panel.windowS),
              })
            : phrase('would-dry-before-it-is'),
          panel.sections !== panel.planned && phrase('planned-in', { planned: panel.planned }),
        )}
        . {phrase('surface-at', { shown: degrees().shown(Math.round(panel.surfaceC)), unit: degrees().unit })}
      </p>
      <p>
        {panel.dries
          ? phrase('dry-about-after', { driesInS: lasting(panel.driesInS), how: panel.how })
          : phrase('would-not-dry-in-a', { how: panel.how })}
      </p>
      <Link
        to={`/jobs/${jobId}/match/${panel.surfaceId}`}
        className="inline-flex min-h-11 items-center underline"
      >
        {phrase('its-match')}
      </Link>
    </section>
  )
}

/** What dries longest, and that a meter says when it is dry. */
function Drying({ panels }: { panels: Schemas['WorkedPanelView'][] }) {
  const slowest = [...panels].sort((a, b) => b.driesInS - a.driesInS).slice(0, 4)
  if (slowest.length === 0) return null
  return (
    <section aria-label={phrase('drying')} className="lying p-3">
      <h2 className="text-do">{phrase('dries-last')}</h2>
      <ol>
        {slowest.map((p) => (
          <li key={p.surfaceId} className="flex justify-between gap-3 border-t border-line py-1">
            <span>{p.label}</span>
            <span className={p.dries ? '' : 'text-over'}>
              {p.dries ? lasting(p.driesInS) : phrase('not-in-a-day')}
            </span>
          </li>
        ))}
      </ol>
      <p className="mt-1 text-note text-faint">{phrase('an-estimate-the-moisture-meter')}</p>
    </section>
  )
}
