import { sinceMs } from '../api/clock'
import { isOpen, isOver, type BenchTask } from './run'
import { phrase } from './phrase'

export type Face = {
  /** What the hands should do, by the clock. */
  phase: 'sits' | 'wipe' | 'late' | 'waits' | 'works'
  /** Seconds until the next thing, or since it was due when late. */
  seconds: number
  words: string
}

type Timed = Pick<BenchTask, 'needsHands' | 'step' | 'dwellS' | 'wipeByS' | 'plannedS' | 'late'>

/** How a running step stands at a moment, in seconds since its clock began. */
export function face(task: Timed, elapsed: number): Face {
  if (!task.needsHands)
    return { phase: 'waits', seconds: task.plannedS - elapsed, words: phrase('still-to-wait') }
  if (task.dwellS === undefined)
    return {
      phase: 'works',
      seconds: elapsed,
      words: phrase('worked-planned-min', { plannedS: Math.ceil(task.plannedS / 60) }),
    }
  const level = task.step === 'level'
  if (elapsed < task.dwellS)
    return {
      phase: 'sits',
      seconds: task.dwellS - elapsed,
      words: level ? phrase('let-it-flash-do-not') : phrase('let-it-sit-within'),
    }
  if (task.wipeByS === undefined)
    return { phase: 'wipe', seconds: elapsed - task.dwellS, words: 'taken up: level it now' }
  if (elapsed < task.wipeByS)
    return {
      phase: 'wipe',
      seconds: task.wipeByS - elapsed,
      words: level ? phrase('to-wipe-it-off-inside') : phrase('to-work-and-wipe-before'),
    }
  return { phase: 'late', seconds: elapsed - task.wipeByS, words: task.late ?? phrase('past-its-window') }
}

/** Since when a step's clock runs; undefined where none does. */
export const clockStart = (task: BenchTask): string | undefined =>
  isOver(task) || task.state === 'held'
    ? undefined
    : (task.clockFrom ?? (task.state === 'running' ? task.startedAt : undefined))

export const elapsedOf = (task: BenchTask, now: number): number => {
  const from = clockStart(task)
  return from ? sinceMs(from, now) / 1000 : 0
}

/** Which of several running clocks needs hands first: late ones, then the soonest due, waits last. */
export function urgency(f: Face): number {
  const order = { late: 0, wipe: 1, sits: 2, works: 3, waits: 4 }[f.phase]
  return order * 1_000_000 + (f.phase === 'late' ? -f.seconds : f.seconds)
}

const isFreshClimb = (before: BenchTask, task: BenchTask) =>
  before.rung > 1 &&
  task.rung === 0 &&
  isOpen(before) &&
  task.surfaceIds.some((panel) => before.surfaceIds.includes(panel))

/** What a step still waits for: what it comes after, and a rung its panels have climbed to. */
export function waitsFor(task: BenchTask, all: BenchTask[]): BenchTask[] {
  const place = all.indexOf(task)
  return all.filter(
    (before, i) =>
      (task.after.includes(before.id) && !isOver(before)) || (i < place && isFreshClimb(before, task)),
  )
}

/**
 * The step to take in hand: what is late or to be wiped, soonest first; else the next that waits for
 * nothing and is over before something laid has to be wiped; else what was laid and sits.
 */
export function needsHands(open: BenchTask[], now: number, all = open): BenchTask | undefined {
  const clocks = open
    .filter((task) => clockStart(task))
    .map((task) => ({ task, shown: face(task, elapsedOf(task, now)) }))
    .sort((a, b) => urgency(a.shown) - urgency(b.shown))
  const due = clocks.find(({ shown }) => shown.phase === 'late' || shown.phase === 'wipe')
  if (due) return due.task
  const laid = clocks.map(({ task }) => windowOf(task, -elapsedOf(task, now)))
  const free = open.filter((task) => !clockStart(task) && waitsFor(task, all).length === 0)
  return free.find((task) => fits(task, laid, open)) ?? clocks[0]?.task ?? free[0] ?? open[0]
}

type Window = { from: number; by: number; takes: number }

/** When something laid wants hands, in seconds from now. */
const windowOf = (task: BenchTask, laidAt: number): Window => ({
  from: laidAt + (task.dwellS ?? 0),
  by: laidAt + (task.wipeByS ?? Infinity),
  takes: task.step === 'level' ? task.plannedS : 0,
})

/** True when, with this done first, everything laid, and what it lays itself, is still begun in its window. */
function fits(task: BenchTask, laid: Window[], open: BenchTask[]): boolean {
  const levels = open.filter((t) => t.step === 'level' && t.after.includes(task.id))
  let now = task.plannedS
  return [...laid, ...levels.map((t) => windowOf(t, task.plannedS))]
    .sort((a, b) => a.by - b.by)
    .every((window) => {
      const begins = Math.max(now, window.from)
      now = begins + window.takes
      return begins <= window.by
    })
}
