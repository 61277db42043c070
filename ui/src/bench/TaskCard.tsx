import { Check } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import type { Cabin } from '../parts/cabin'
import { CabinSheet } from '../parts/CabinSheet'
import { Button } from '../parts/controls'
import { HazardsOf } from '../parts/Hazards'
import { clock, lasting, plural } from '../parts/words'
import { Answers } from './Answers'
import { BigClock } from './Clocks'
import { clockStart, elapsedOf, face } from './clocks'
import { Measure } from './Measure'
import { Otherwise } from './Otherwise'
import { Photos } from '../survey/Photos'
import type { BenchTask } from './run'
import type { Tell } from './useBench'

/** Cautions that must be ticked before the step can be told done. */
const MUST = ['IGNITION_OFF', 'TEST_SPOT', 'VENTILATE', 'GRIP_CHECK', 'SURFACE_TOO_HOT', 'BELT_CHECK']

export function TaskCard(props: {
  job: Schemas['JobDetail']
  task: BenchTask
  next: BenchTask | undefined
  now: number
  layout: Cabin | undefined
  read: string | undefined
  onTell: (what: Omit<Tell, 'taskId'>) => void
}) {
  const { job, task, next, now, layout } = props
  const [ticked, setTicked] = useState<string[]>([])
  const [early, setEarly] = useState<Omit<Tell, 'taskId'>>()
  const musts = task.cautions.filter((c) => MUST.includes(c.code))
  const mays = task.cautions.filter((c) => !MUST.includes(c.code))
  const open = musts.filter((c) => !ticked.includes(c.code))
  const running = clockStart(task) !== undefined
  const toLay = task.dwellS !== undefined && task.step !== 'level' && !running
  const shown = running ? face(task, elapsedOf(task, now)) : undefined
  const lit = new Set(task.surfaceIds)
  const finish = new Map(job.document.surfaces.map((s) => [s.id, s.finish]))
  const detail = ticked.length > 0 ? { ticked } : undefined

  const end = (what: Omit<Tell, 'taskId'>) => {
    if (shown?.phase === 'sits') setEarly(what)
    else props.onTell({ detail, ...what })
  }
  const read = props.read && task.answers.find((a) => a.seen === props.read)

  return (
    <article className="lying grid gap-4 p-3 md:grid-cols-[1fr_15rem] md:p-5" aria-label="Step in hand">
      <div className="grid content-start gap-3">
        <div>
          <h2 className="text-head">
            {task.title}
            {task.rung > 1 && task.step !== 'test-spot' && ', a rung higher'}
          </h2>
          {task.where && <p className="text-do font-semibold text-needle">{task.where}</p>}
        </div>
        {task.says && (
          <p className="border-l-4 border-l-needle pl-3 font-semibold" data-said>
            {task.says}
          </p>
        )}
        <ul className="grid gap-1.5 text-do leading-snug">
          {task.lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
        {task.lookFor && (
          <p className="border-l-4 border-l-tune pl-3">
            <strong>Look for.</strong> {task.lookFor}
          </p>
        )}
        {mays.length > 0 && (
          <ul className="grid gap-1 border-l-4 border-l-care pl-3">
            {mays.map((c) => (
              <li key={c.code}>{c.text}</li>
            ))}
          </ul>
        )}
        <HazardsOf productIds={[task.productId]} />
        {musts.map((c) => (
          <label key={c.code} className="flex min-h-14 items-center gap-3 border-2 border-care px-3 py-1">
            <input
              type="checkbox"
              className="size-6 shrink-0 accent-needle"
              checked={ticked.includes(c.code)}
              onChange={(e) =>
                setTicked((before) =>
                  e.target.checked ? [...before, c.code] : before.filter((x) => x !== c.code),
                )
              }
            />
            {c.text}
          </label>
        ))}
        {running && <BigClock task={task} now={now} />}
        {(task.look === 'meter' || task.look === 'seams') && (
          <Measure jobId={job.id} task={task} instrument={task.look === 'meter' ? 'moisture' : 'gloss'} />
        )}
        <div className="grid gap-2">
          {early && shown?.phase === 'sits' && (
            <div role="alert" className="grid gap-2 border-4 border-dashed border-under p-3">
              <p className="text-do font-semibold">Early: let it sit {clock(shown.seconds)} yet.</p>
              <div className="grid grid-cols-2 gap-2">
                <Button weight="main" className="min-h-14" onClick={() => setEarly(undefined)}>
                  Let it sit
                </Button>
                <Button
                  className="min-h-14"
                  onClick={() => {
                    setEarly(undefined)
                    props.onTell({ detail, reason: `${clock(shown.seconds)} early`, ...early })
                  }}
                >
                  Wiped all the same
                </Button>
              </div>
            </div>
          )}
          {toLay && (
            <Button
              weight="main"
              data-next
              className="min-h-16 text-do"
              onClick={() => props.onTell({ kind: 'started', detail })}
              disabled={open.length > 0}
            >
              Laid: start the clock ({lasting(task.dwellS ?? 0)})
            </Button>
          )}
          {read && (
            <Button
              weight="main"
              className="min-h-16 text-do"
              onClick={() => end({ kind: 'seen', seen: read.seen, reason: 'read from the cloth' })}
              disabled={open.length > 0}
            >
              The cloth was read: {read.label.toLowerCase()}. Take it
            </Button>
          )}
          {task.look ? (
            <Answers
              task={task}
              disabled={open.length > 0}
              early={toLay}
              onSeen={(seen) => end({ kind: 'seen', seen })}
            />
          ) : (
            <Button
              weight={toLay ? 'plain' : 'main'}
              data-next={toLay ? undefined : true}
              className="min-h-16 text-do"
              onClick={() => end({ kind: 'done' })}
              disabled={open.length > 0}
            >
              <Check size={22} aria-hidden="true" /> Done
            </Button>
          )}
          {task.state === 'RUNNING' && (
            <Button weight="quiet" className="min-h-12" onClick={() => props.onTell({ kind: 'undone' })}>
              Take the clock back
            </Button>
          )}
          {open.length > 0 && (
            <p className="text-note text-faint" role="status">
              Tick {plural(open.length, 'caution')} above first.
            </p>
          )}
        </div>
        <div className="flex flex-wrap items-center gap-x-4">
          {(task.look === 'cloth' || task.look === 'test-spot') && (
            <Link
              to={`/cloth?job=${job.id}&surface=${task.surfaceIds[0]}&task=${task.id}`}
              className="inline-flex min-h-12 items-center underline underline-offset-4"
            >
              Read the cloth by photo or reader
            </Link>
          )}
          <Otherwise task={task} onTell={props.onTell} />
        </div>
        {task.surfaceIds.length === 1 && (
          <details>
            <summary className="flex min-h-12 cursor-pointer items-center font-semibold">Photo</summary>
            <Photos job={job} surfaceId={task.surfaceIds[0]} first={moment(task)} />
          </details>
        )}
        {next && (
          <p className="border-t border-line pt-2 text-faint">
            Next: <strong className="text-ink">{next.title}</strong>
            {next.where && `, ${next.where}`}
          </p>
        )}
      </div>
      {layout && lit.size > 0 && (
        <div className="h-56 md:h-80" aria-hidden="true" inert>
          <CabinSheet
            layout={layout}
            label="Where"
            picked={lit}
            onPick={() => undefined}
            look={(panel) => ({ finish: finish.get(panel.id), blank: !finish.has(panel.id), state: '' })}
          />
        </div>
      )}
    </article>
  )
}

/** When in a job a photo taken at a step most likely is. */
const moment = (task: BenchTask) =>
  task.look === 'test-spot'
    ? 'TEST_SPOT'
    : task.look === 'cloth' || task.look === 'foam'
      ? 'HALF_AND_HALF'
      : 'DONE'
