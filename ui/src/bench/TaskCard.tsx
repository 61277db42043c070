import { Check } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import type { Cabin } from '../parts/cabin'
import { CabinSheet } from '../parts/CabinSheet'
import { Button } from '../parts/controls'
import { clock, lasting, plural } from '../parts/words'
import { Answers } from './Answers'
import { BigClock } from './Clocks'
import { clockStart, elapsedOf, face } from './clocks'
import { Instructions, NotYet } from './Instructions'
import { Measure } from './Measure'
import { Otherwise } from './Otherwise'
import { Photos } from '../survey/Photos'
import { lays, type BenchTask } from './run'
import type { Tell } from './useBench'

export function TaskCard(props: {
  job: Schemas['JobDetail']
  task: BenchTask
  /** What it should come after, and is not over yet. */
  waits: BenchTask[]
  next: BenchTask | undefined
  isNextFree: boolean
  onNext: (id: string) => void
  /** Checks of the same seat or door that one look answers as well. */
  alike: BenchTask[]
  onAllClean: () => void
  now: number
  /** What was said of what was told last: not said again here. */
  said: string | undefined
  layout: Cabin | undefined
  read: string | undefined
  onTell: (what: Omit<Tell, 'taskId'>) => void
}) {
  const { job, task, next, now, layout } = props
  const [ticked, setTicked] = useState<string[]>([])
  const [early, setEarly] = useState<Omit<Tell, 'taskId'>>()
  const toTick = task.cautions.filter((c) => c.tick !== 'NONE' && !c.ticked)
  const toRead = task.cautions.filter((c) => c.tick === 'NONE' || c.ticked)
  const open = toTick.filter((c) => c.tick !== 'MAY' && !ticked.includes(c.code))
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

  const work = (
    <>
      {toTick.map((c) => (
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
            <Check size={22} aria-hidden="true" /> {lays.includes(task.step) ? 'Laid' : 'Done'}
          </Button>
        )}
        {props.alike.length > 0 && (
          <Button className="min-h-14" disabled={open.length > 0} onClick={props.onAllClean}>
            Clean, and so {props.alike.length === 1 ? 'is' : 'are'}{' '}
            {props.alike.length > 2
              ? `the other ${props.alike.length} here`
              : props.alike.map((t) => t.where).join('; ')}
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
    </>
  )

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
        {props.waits.length > 0 && <NotYet waits={props.waits} now={now} />}
        {task.says && !props.said?.startsWith(task.says) && (
          <p className="border-l-4 border-l-needle pl-3 font-semibold" data-said>
            {task.says}
          </p>
        )}
        {running && work}
        <Instructions task={task} toRead={toRead} />
        {!running && work}
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
          <button
            type="button"
            className="min-h-12 border-t border-line pt-2 text-left text-faint"
            onClick={() => props.onNext(next.id)}
          >
            {shown?.phase === 'sits' && props.isNextFree ? 'Meanwhile' : 'Next'}:{' '}
            <strong className="text-ink">{next.title}</strong>
            {next.where && `, ${next.where}`}
          </button>
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
