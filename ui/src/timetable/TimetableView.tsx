import { useQuery } from '@tanstack/react-query'
import { Minus, Plus, Printer } from 'lucide-react'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { timetableQuery } from '../api/queries'
import { Button, ButtonLink, OneOf } from '../parts/controls'
import { May } from '../crew/May'
import { useJob } from '../parts/useJob'
import { Loading, PageTrouble, Trouble } from '../parts/Notice'
import { NothingSurveyed } from '../parts/NothingSurveyed'
import { Crew } from './Crew'
import { Lanes } from './Lanes'
import { Parts } from './Parts'
import { Picked, Tried } from './Picked'
import { Pace } from './Pace'
import { Offers, Ready } from './Promised'
import { Standards } from './Standards'
import { TaskList } from './TaskList'
import { useTimetable } from './useTimetable'
import { WalkSheet } from './WalkSheet'
import { phrase } from './phrase'

const forms = [
  { value: 'person', label: phrase('by-person') },
  { value: 'zone', label: phrase('by-zone') },
  { value: 'list', label: phrase('as-a-list') },
]
const ZOOMS = [1, 1.6, 2.5, 4, 7, 12]
const USUAL = 0
const PHONE_PX = 768

/** When what is done, by whom, and when the car is ready. */
export function TimetableView() {
  const job = useJob()
  const timetable = useQuery({ ...timetableQuery(job.id), enabled: job.document.surfaces.length > 0 })
  const [search, setSearch] = useSearchParams()
  const [zoom, setZoom] = useState(USUAL)
  const [trying, setTrying] = useState<{ taskId: string; start: string }>()
  const { tryMove, releaseAll } = useTimetable(job.id)
  if (job.document.surfaces.length === 0) return <NothingSurveyed jobId={job.id} />
  if (timetable.isPending) return <Loading what={phrase('fetching-the-timetable')} />
  if (timetable.isError) return <PageTrouble error={timetable.error} again={() => void timetable.refetch()} />
  const form = search.get('as') ?? (window.innerWidth < PHONE_PX ? 'list' : 'person')
  const put = (name: string, value: string) =>
    setSearch(
      (now) => {
        now.set(name, value)
        return now
      },
      { replace: true },
    )
  const tried = trying && tryMove.data
  const table = tried?.possible ? tried.timetable : timetable.data
  const picked = search.get('task') ?? undefined
  const block = table.blocks.find((b) => b.id === picked)
  const onMove = (taskId: string, start: string) => {
    put('task', taskId)
    setTrying({ taskId, start })
    tryMove.mutate({ taskId, start })
  }
  const back = () => {
    setTrying(undefined)
    tryMove.reset()
  }
  const pins = table.blocks.filter((b) => b.pinned).length
  return (
    <div className="grid flex-1 content-start gap-3 p-2 md:p-4 xl:grid-cols-[minmax(0,1fr)_22rem]">
      <h1 className="hidden text-head xl:col-span-2 print:block">
        {job.document.vehicle?.label}: {job.document.title}
      </h1>
      <div className="grid gap-3 xl:col-span-2">
        <Ready table={table} />
        <Offers jobId={job.id} table={timetable.data} />
      </div>
      <section aria-label={phrase('timetable')} className="grid min-w-0 content-start gap-2 xl:col-span-2">
        <div className="no-print flex flex-wrap items-end justify-between gap-2">
          <OneOf label={phrase('show-it')} value={form} options={forms} onChange={(v) => put('as', v)} />
          <div className="flex flex-wrap gap-2">
            {form !== 'list' && (
              <>
                <Button
                  className="px-3"
                  aria-label={phrase('closer')}
                  disabled={zoom === ZOOMS.length - 1}
                  onClick={() => setZoom(zoom + 1)}
                >
                  <Plus size={18} aria-hidden="true" />
                </Button>
                <Button
                  className="px-3"
                  aria-label={phrase('further-away')}
                  disabled={zoom === 0}
                  onClick={() => setZoom(zoom - 1)}
                >
                  <Minus size={18} aria-hidden="true" />
                </Button>
              </>
            )}
            {pins > 0 && !trying && (
              <Button disabled={releaseAll.isPending} onClick={() => releaseAll.mutate()}>
                {phrase('let-go-of-all', { pins })}
              </Button>
            )}
            <Button onClick={() => window.print()}>
              <Printer size={18} aria-hidden="true" /> {phrase('print')}
            </Button>
            <ButtonLink to={`/jobs/${job.id}/sections`}>{phrase('sections')}</ButtonLink>
            <May right="quote">
              <ButtonLink to={`/jobs/${job.id}/quote`}>{phrase('quote')}</ButtonLink>
            </May>
          </div>
        </div>
        {form === 'list' ? (
          <TaskList table={table} onPick={(id) => put('task', id)} />
        ) : (
          <>
            <Lanes
              table={table}
              by={form === 'zone' ? 'zone' : 'person'}
              zoom={ZOOMS[zoom] ?? 1}
              picked={picked}
              moved={new Set(tried?.possible ? tried.pushed.map((p) => p.taskId) : [])}
              onPick={(id) => put('task', id)}
              onMove={onMove}
            />
            <p className="no-print text-note text-faint">{phrase('drag-a-block-or-pick')}</p>
          </>
        )}
      </section>
      <div className="grid min-w-0 content-start gap-2">
        <WalkSheet job={job} table={table} picked={picked} onPick={(id) => put('task', id)} />
        <div className="no-print">
          <Pace job={job} table={table} picked={picked} onPick={(id) => put('task', id)} />
        </div>
      </div>
      <div className="content-start gap-3 max-xl:contents xl:grid">
        {(block ?? trying) && (
          <div className="z-30 max-h-[45dvh] overflow-auto max-xl:sticky max-xl:bottom-16 max-xl:order-last xl:max-h-none">
            {trying && tryMove.isPending && <p role="status">{phrase('trying-it')}</p>}
            {trying && tryMove.error && <Trouble error={tryMove.error} />}
            {trying && tried && block && (
              <Tried jobId={job.id} tried={tried} block={block} start={trying.start} onDone={back} />
            )}
            {block && !trying && (
              <Picked
                key={block.id + block.start}
                jobId={job.id}
                table={table}
                block={block}
                labels={job.labels}
                onMove={onMove}
              />
            )}
          </div>
        )}
        <div className="no-print grid content-start gap-3">
          <Crew jobId={job.id} table={timetable.data} />
          <Parts job={job} table={timetable.data} />
          <Standards jobId={job.id} />
        </div>
      </div>
    </div>
  )
}
