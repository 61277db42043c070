import { clock } from '../parts/words'
import { clockStart, elapsedOf, face, urgency, type Face } from './clocks'
import type { BenchTask } from './run'
import { listed } from '../words/lists'
import { inked } from '../parts/drawn'
import { phrase } from './phrase'

const frames: Record<Face['phase'], string> = {
  late: 'border-over border-4',
  wipe: 'border-tune border-4',
  sits: 'border-under border-4 border-dashed',
  works: 'border-line border-2',
  waits: 'border-line border-2 border-dotted',
}

const heads: Record<Face['phase'], string> = {
  late: phrase('late'),
  wipe: phrase('wipe-now'),
  sits: phrase('sitting'),
  works: phrase('working'),
  waits: phrase('waiting'),
}

/** Running clocks, the one that needs hands first at the left; waits shrink to a line. */
export function Clocks(props: {
  tasks: BenchTask[]
  now: number
  /** True for what the card in hand shows already. */
  isInHand?: (task: BenchTask) => boolean
  onPick: (id: string) => void
}) {
  const faces = props.tasks
    .filter((task) => clockStart(task))
    .map((task) => ({ task, shown: face(task, elapsedOf(task, props.now)) }))
    .sort((a, b) => urgency(a.shown) - urgency(b.shown))
  const hands = faces.filter((f) => f.shown.phase !== 'waits' && !props.isInHand?.(f.task))
  const waits = faces.filter((f) => f.shown.phase === 'waits' && f.shown.seconds > 0)
  if (hands.length === 0 && waits.length === 0) return null
  return (
    <section aria-label={phrase('clocks')} className="grid gap-2">
      {hands.length > 0 && (
        <ul className="flex gap-2 overflow-x-auto">
          {hands.map(({ task, shown }) => (
            <li key={task.id} className="shrink-0">
              <button
                type="button"
                onClick={() => props.onPick(task.id)}
                data-phase={shown.phase}
                className={`grid min-h-14 min-w-44 rounded-piece bg-paper px-3 py-2 text-left ${frames[shown.phase]}`}
              >
                <span className="narrow text-note font-semibold">{heads[shown.phase]}</span>
                <span className="text-head leading-none font-bold">
                  {shown.phase === 'late' && '+'}
                  {clock(shown.seconds)}
                </span>
                <span className="max-w-56 truncate text-note">{task.where}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
      {waits.length > 0 && (
        <p className="text-note text-faint">
          {phrase.drawn('waits-run-by-themselves-the', {
            waits: waits.length,
            next: listed(
              waits[0]!.task.title.toLowerCase(),
              waits[0]!.task.where,
              clock(waits[0]!.shown.seconds),
            ),
            b: inked,
          })}
        </p>
      )}
    </section>
  )
}

/** The clock of the step in hand, large. */
export function BigClock({ task, now }: { task: BenchTask; now: number }) {
  const shown = face(task, elapsedOf(task, now))
  return (
    <div
      className={`flex flex-wrap items-center gap-x-4 rounded-piece bg-paper px-4 py-2 ${frames[shown.phase]}`}
      data-phase={shown.phase}
    >
      <p className="text-clock leading-none font-bold" role="timer">
        {shown.phase === 'late' && '+'}
        {clock(shown.seconds)}
      </p>
      <div className="min-w-32 flex-1">
        <p className="narrow font-semibold">{heads[shown.phase]}</p>
        <p>{shown.words}</p>
      </div>
    </div>
  )
}
