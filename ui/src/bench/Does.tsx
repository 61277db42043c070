import { Check } from 'lucide-react'
import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Button } from '../parts/controls'
import { clock, lasting } from '../parts/words'
import { Answers } from './Answers'
import { BigClock } from './Clocks'
import { clockStart, elapsedOf, face } from './clocks'
import type { Deed } from './deeds'
import { Measure } from './Measure'
import { lays, type BenchTask } from './run'
import type { Tell } from './useBench'
import { phrase } from './phrase'

type Told = Omit<Tell, 'taskId'>

/** What is pressed: laid, wiped with what the cloth shows, or done; first what has to be ticked. */
export function Does(props: {
  job: Schemas['JobDetail']
  deed: Deed
  now: number
  read: string | undefined
  onTell: (tasks: BenchTask[], what: Told) => void
}) {
  const { job, deed, now } = props
  const task = deed.tasks[0] as BenchTask
  const [ticked, setTicked] = useState<string[]>([])
  const [early, setEarly] = useState<Told>()
  const toTick = byCode(deed.tasks.flatMap((t) => t.cautions)).filter((c) => c.tick !== 'none' && !c.ticked)
  const open = toTick.filter((c) => c.tick !== 'may' && !ticked.includes(c.code))
  const shown = clockStart(task) ? face(task, elapsedOf(task, now)) : undefined
  const toLay = deed.mode === 'lay' || (task.dwellS !== undefined && task.step !== 'level' && !shown)
  const detail = ticked.length > 0 ? { ticked } : undefined
  const tell = (what: Told) => props.onTell(deed.tasks, { detail, ...what })
  const end = (what: Told) => (shown?.phase === 'sits' ? setEarly(what) : tell(what))
  const read = props.read && task.answers.find((a) => a.seen === props.read)
  // passes that are planned anyway are not asked about: the cloth is read when it may be enough
  const more = deed.mode === 'wipe' && task.passes + 1 < task.passesLow && soilOf(task)

  return (
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
      {shown && <BigClock task={task} now={now} />}
      {(task.look === 'meter' || task.look === 'seams') && (
        <Measure jobId={job.id} task={task} instrument={task.look === 'meter' ? 'moisture' : 'gloss'} />
      )}
      <div className="grid gap-2">
        {early && shown?.phase === 'sits' && (
          <div role="alert" className="grid gap-2 border-4 border-dashed border-under p-3">
            <p className="text-do font-semibold">
              {phrase('early-let-it-sit-yet', { seconds: clock(shown.seconds) })}
            </p>
            <div className="grid grid-cols-2 gap-2">
              <Button weight="main" className="min-h-14" onClick={() => setEarly(undefined)}>
                {phrase('let-it-sit')}
              </Button>
              <Button
                className="min-h-14"
                onClick={() => {
                  setEarly(undefined)
                  tell({ reason: phrase('early', { seconds: clock(shown.seconds) }), ...early })
                }}
              >
                {phrase('wiped-all-the-same')}
              </Button>
            </div>
          </div>
        )}
        {toLay && (
          <Button
            weight="main"
            data-next
            className="min-h-16 text-do"
            onClick={() => tell({ kind: 'started' })}
            disabled={open.length > 0}
          >
            {phrase('laid-start-the-clock', { dwellS: lasting(task.dwellS ?? 0) })}
          </Button>
        )}
        {read && (
          <Button
            weight="main"
            className="min-h-16 text-do"
            onClick={() => end({ kind: 'seen', seen: read.seen, reason: phrase('read-from-the-cloth') })}
            disabled={open.length > 0}
          >
            {phrase('the-cloth-was-read-take', { label: read.label.toLowerCase() })}
          </Button>
        )}
        {more && (
          <Button
            weight="main"
            data-next
            className="min-h-16 text-do"
            onClick={() => end({ kind: 'seen', seen: more })}
            disabled={open.length > 0}
          >
            <Check size={22} aria-hidden="true" /> {phrase('wiped-pass-follows', { passes: task.passes + 2 })}
          </Button>
        )}
        {task.look ? (
          <Answers
            task={task}
            disabled={open.length > 0}
            early={toLay || Boolean(more)}
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
            <Check size={22} aria-hidden="true" />{' '}
            {lays.includes(task.step) ? phrase('laid') : phrase('done')}
          </Button>
        )}
        {deed.tasks.length > 1 && (
          <p className="text-note text-faint">
            {phrase('told-for-panels-tap-one', { tasks: deed.tasks.length })}
          </p>
        )}
        {task.state === 'running' && (
          <Button
            weight="quiet"
            className="min-h-12"
            onClick={() => props.onTell([task], { kind: 'undone' })}
          >
            {phrase('take-the-clock-back')}
          </Button>
        )}
        {open.length > 0 && (
          <p className="text-note text-faint" role="status">
            {phrase('tick-cautions-above-first', { open: open.length })}
          </p>
        )}
      </div>
    </>
  )
}

/** What a pass shows that leads to the next one. */
const soilOf = (task: BenchTask) => task.answers.find((a) => a.next === 'again')?.seen

const byCode = (cautions: BenchTask['cautions']) => [...new Map(cautions.map((c) => [c.code, c])).values()]
