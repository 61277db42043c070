import { useQuery } from '@tanstack/react-query'
import { Brush, List, Plus, Redo2, Undo2 } from 'lucide-react'
import { useEffect, useMemo, useRef, useState } from 'react'
import { useSearchParams } from 'react-router'
import type { Schemas } from '../api/client'
import { finishesQuery } from '../api/queries'
import type { Cabin, DrawnPanel } from '../parts/cabin'
import { CabinSheet, type PanelLook } from '../parts/CabinSheet'
import { Button, ButtonLink } from '../parts/controls'
import { useMay } from '../crew/door'
import { useJob } from '../parts/useJob'
import { Loading, PageTrouble, Trouble } from '../parts/Notice'
import { useCabin } from '../parts/useCabin'
import { AddPanel } from './AddPanel'
import { Damage } from './Damage'
import { Earlier, Visits } from './Earlier'
import { FindingsPanel } from './FindingsPanel'
import { PanelList } from './PanelList'
import { Photos } from './Photos'
import { Readings } from './Readings'
import { SettingPanel } from './SettingPanel'
import { unasked } from './shared'
import { useFindings } from './useFindings'
import { allOf, listed } from '../words/lists'
import { phrase } from './phrase'

const levels = ['none', 'light', 'moderate', 'heavy', 'caked']

export function SurveyView() {
  const job = useJob()
  const layout = useCabin(job)
  const finishes = useQuery(finishesQuery)
  if (layout.isPending || finishes.isPending) return <Loading what={phrase('fetching-the-cabin')} />
  if (layout.isError || finishes.isError)
    return <PageTrouble error={layout.error ?? finishes.error} again={() => void layout.refetch()} />
  return layout.data && <Survey job={job} layout={layout.data} finishes={finishes.data} />
}

function Survey(props: { job: Schemas['JobDetail']; layout: Cabin; finishes: Schemas['FinishChoice'][] }) {
  const { job, layout, finishes } = props
  const saving = useFindings(job, layout.panels)
  const { find, undo, redo, change, copy, add, split, merge, remove, restore } = saving
  const [adding, setAdding] = useState(false)
  const [query, setQuery] = useSearchParams()
  const surfaces = useMemo(
    () => new Map(job.document.surfaces.map((s) => [s.id, s])),
    [job.document.surfaces],
  )
  const names = useMemo(() => new Map(finishes.map((f) => [f.code, f.name])), [finishes])
  const picked = useMemo(() => new Set(query.getAll('panel')), [query])
  const zone = query.get('zone') ?? undefined
  const several = query.get('several') === 'yes'
  const asList = query.get('as') === 'list'
  const painting = query.get('paint') === 'yes'
  const may = useMay()
  const begun = job.state !== 'survey'
  const frozen = begun || !may('judge')

  // what was asked for last, ahead of what is drawn: fast taps must not overtake each other
  const latest = useRef(query)
  useEffect(() => {
    latest.current = query
  }, [query])
  const go = (changes: Record<string, string | string[] | undefined>) => {
    const next = new URLSearchParams(latest.current)
    for (const [name, value] of Object.entries(changes)) {
      next.delete(name)
      for (const one of value === undefined ? [] : [value].flat()) next.append(name, one)
    }
    latest.current = next
    setQuery(next, { replace: !('zone' in changes) })
  }
  const pick = (id: string, more: boolean) => {
    const now = latest.current.getAll('panel')
    const keep = more || latest.current.has('several') || (now.length === 1 && now[0] === id)
    const next = new Set(keep ? now : [])
    if (next.has(id)) next.delete(id)
    else next.add(id)
    go({ panel: [...next] })
  }
  const pickZone = (id: string) => {
    const all = layout.panels.filter((p) => p.zone === id).map((p) => p.id)
    go({
      zone: zone === id ? undefined : id,
      panel: latest.current.has('several') && zone !== id ? all : [],
    })
  }

  const whole = picked.size === layout.panels.length
  const pickWhole = () =>
    go({ zone: undefined, several: 'yes', panel: whole ? [] : layout.panels.map((p) => p.id) })

  const paint = ([from, ...to]: string[]) => {
    if (from && to.length > 0) copy.mutate(to.map((id) => ({ from, to: id })))
    else if (from) go({ panel: from })
  }

  const look = (panel: DrawnPanel): PanelLook => {
    const surface = surfaces.get(panel.id)
    const missing = unasked(surface)
    const soil = surface?.condition.soil
    return {
      finish: surface?.finish ?? (surface ? 'unknown' : undefined),
      blank: !surface,
      state: surface ? stateOf(surface, names, missing) : phrase('not-asked-yet-within'),
      shade: soil ? levels.indexOf(soil) * 0.13 : 0,
      mark: surface && <SoilMark level={soil} incomplete={missing.length > 0} />,
    }
  }
  const error = Object.values(saving).find((m) => m.error)?.error
  const busy = Object.values(saving).some((m) => m.isPending)
  const gone = job.document.vehicle?.without?.length ?? 0
  const one = picked.size === 1 ? [...picked][0] : undefined
  const asked = job.document.surfaces.filter((s) => s.condition.soil && s.condition.wear).length

  return (
    <div className="grid flex-1 gap-3 p-2 md:grid-cols-[minmax(0,1.15fr)_minmax(22rem,1fr)] md:p-4">
      <section aria-label={phrase('cabin')} className="grid content-start gap-2">
        <div className="flex flex-wrap items-center gap-1.5">
          <Button
            aria-label={job.undo ? phrase('undo-named', { undo: job.undo }) : phrase('undo')}
            title={job.undo}
            disabled={!job.undo || undo.isPending}
            onClick={() => undo.mutate()}
            className="px-3"
          >
            <Undo2 size={18} aria-hidden="true" />
          </Button>
          <Button
            aria-label={job.redo ? phrase('redo-named', { redo: job.redo }) : phrase('redo')}
            title={job.redo}
            disabled={!job.redo || redo.isPending}
            onClick={() => redo.mutate()}
            className="px-3"
          >
            <Redo2 size={18} aria-hidden="true" />
          </Button>
          <Button
            aria-pressed={several}
            onClick={() => go({ several: several ? undefined : 'yes' })}
            weight={pressed(several)}
          >
            {phrase('pick-several')}
          </Button>
          <Button
            aria-pressed={asList}
            onClick={() => go({ as: asList ? undefined : 'list' })}
            weight={pressed(asList)}
          >
            <List size={18} aria-hidden="true" /> <span className="max-md:sr-only">{phrase('list')}</span>
          </Button>
          {!frozen && (
            <>
              <Button
                aria-pressed={painting}
                title={phrase('press-on-a-surveyed-panel')}
                onClick={() => go({ paint: painting ? undefined : 'yes', as: undefined })}
                weight={pressed(painting)}
              >
                <Brush size={18} aria-hidden="true" />{' '}
                <span className="max-md:sr-only">{phrase('brush-over')}</span>
              </Button>
            </>
          )}
          <span role="status" className="ml-auto text-note text-faint">
            {busy
              ? phrase('saving')
              : phrase('of-panels-surveyed-saved', { asked, panels: layout.panels.length })}
          </span>
        </div>
        <div className="grid gap-2 md:grid-cols-[8.5rem_minmax(0,1fr)]">
          <div
            className="flex gap-1.5 overflow-x-auto pb-1 md:max-h-[calc(100dvh-11rem)] md:flex-col md:gap-1 md:overflow-y-auto"
            role="group"
            aria-label={phrase('parts-of-the-cabin')}
          >
            <Button
              aria-pressed={whole}
              onClick={pickWhole}
              weight={pressed(whole)}
              className="narrow shrink-0 px-3 text-note md:min-h-10 md:justify-start md:text-left"
            >
              {phrase('whole-cabin')}
            </Button>
            {layout.zones.map((z) => (
              <Button
                key={z.id}
                aria-pressed={zone === z.id}
                onClick={() => pickZone(z.id)}
                weight={pressed(zone === z.id)}
                className="narrow shrink-0 px-3 text-note md:min-h-10 md:justify-start md:text-left"
              >
                {z.label}
              </Button>
            ))}
            {!frozen && (
              <Button
                className="narrow shrink-0 border-dashed px-3 text-note md:min-h-10 md:justify-start"
                onClick={() => setAdding(true)}
              >
                <Plus size={16} aria-hidden="true" /> {phrase('own-panel')}
              </Button>
            )}
            {gone > 0 && !frozen && (
              <Button
                className="narrow shrink-0 border-dashed px-3 text-note md:min-h-10 md:justify-start"
                onClick={() => restore.mutate()}
              >
                {phrase('put-removed-panels-back', { gone })}
              </Button>
            )}
          </div>
          {asList ? (
            <PanelList
              layout={layout}
              look={look}
              picked={picked}
              onPick={(id) => pick(id, true)}
              zone={zone}
            />
          ) : (
            <div className={`${picked.size > 0 ? 'h-[30vh]' : 'h-[52vh]'} md:h-[calc(100dvh-11rem)]`}>
              <CabinSheet
                layout={layout}
                look={look}
                picked={picked}
                onPick={pick}
                onDraw={painting ? paint : undefined}
                zone={zone}
                label={phrase('cabin-laid-open')}
              />
            </div>
          )}
        </div>
      </section>
      {adding && (
        <AddPanel
          onAdd={(panel) => {
            setAdding(false)
            add.mutate(panel)
          }}
          onClose={() => setAdding(false)}
        />
      )}
      <section aria-label={phrase('findings')} className="grid content-start gap-3">
        {error && <Trouble error={error} />}
        {frozen && (
          <p className="lying border-l-4 border-l-care p-3">
            {begun ? phrase('the-bench-run-has-started') : phrase('to-be-looked-at-a')}{' '}
            <ButtonLink to={`/jobs/${job.id}/bench`} weight="quiet" className="px-1">
              {phrase('to-the-bench')}
            </ButtonLink>
          </p>
        )}
        {picked.size > 0 ? (
          <FindingsPanel
            panels={layout.panels.filter((p) => picked.has(p.id))}
            surfaces={[...picked].map((id) => surfaces.get(id))}
            finishes={finishes}
            disabled={frozen}
            onFinding={(finding) => find.mutate({ surfaceIds: [...picked], finding })}
            onCopy={(pairs) => copy.mutate(pairs)}
            onPickFinish={(finish) =>
              go({
                several: 'yes',
                panel: job.document.surfaces.filter((s) => s.finish === finish).map((s) => s.id),
              })
            }
            edit={{
              onSplit: (surfaceId, along) => {
                go({ panel: [] })
                split.mutate({ surfaceId, along })
              },
              onMerge: (ids) => {
                go({ panel: [] })
                merge.mutate(ids)
              },
              onRemove: (ids) => {
                go({ panel: [] })
                remove.mutate(ids)
              },
            }}
            onClose={() => go({ panel: [] })}
          >
            {one && (
              <>
                <Earlier history={surfaces.get(one)?.history} />
                <Readings key={`r-${one}`} job={job} surfaceId={one} />
              </>
            )}
            <Photos key={`p-${one}`} job={job} surfaceId={one} />
          </FindingsPanel>
        ) : (
          <>
            <SettingPanel
              job={job}
              disabled={begun || !may('book')}
              onChange={(part) => change.mutate(part)}
            />
            <div className="lying px-3 pb-3">
              <Readings job={job} />
            </div>
            <Visits job={job} />
            <Damage job={job} onPick={(id) => go({ panel: id })} />
            <Photos job={job} />
          </>
        )}
      </section>
    </div>
  )
}

const pressed = (on: boolean) => (on ? ('main' as const) : ('plain' as const))

function stateOf(surface: Schemas['SurfaceFile'], names: Map<string, string>, missing: string[]): string {
  const finish = surface.finish
    ? (names.get(surface.finish) ?? phrase('not-identified'))
    : phrase('finish-not-asked')
  const soil = surface.condition.soil ? phrase('soil-level', { soil: surface.condition.soil }) : ''
  const rest = missing.length > 0 ? phrase('still-to-ask', { missing: allOf(missing) }) : ''
  return listed(finish, soil, rest)
}

/** Soil as one to four dots; a ring for clean; a stroke under it while something is still to ask. */
function SoilMark({ level, incomplete }: { level?: string; incomplete: boolean }) {
  const dots = level ? levels.indexOf(level) : 0
  return (
    <g aria-hidden="true">
      {level === undefined && (
        <text textAnchor="middle" y="5" fontSize="18" fontWeight="700" fill="var(--unknown)">
          ?
        </text>
      )}
      {level === 'none' && <circle r="5" fill="var(--paper)" stroke="var(--faint)" strokeWidth="2" />}
      {Array.from({ length: dots }, (_, i) => (
        <circle
          key={i}
          cx={(i - (dots - 1) / 2) * 10}
          r="4.4"
          fill="var(--ink)"
          stroke="var(--paper)"
          strokeWidth="1.6"
        />
      ))}
      {incomplete && level !== undefined && (
        <path d="M-9 8.5H9" stroke="var(--unknown)" strokeWidth="2.4" strokeDasharray="4 2" />
      )}
    </g>
  )
}
