import { isOver, type BenchTask } from './run'

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
  if (!task.needsHands) return { phase: 'waits', seconds: task.plannedS - elapsed, words: 'still to wait' }
  if (task.dwellS === undefined)
    return { phase: 'works', seconds: elapsed, words: `worked; planned ${Math.ceil(task.plannedS / 60)} min` }
  const level = task.step === 'level'
  if (elapsed < task.dwellS)
    return {
      phase: 'sits',
      seconds: task.dwellS - elapsed,
      words: level ? 'let it flash, do not touch it yet' : 'let it sit',
    }
  if (task.wipeByS === undefined)
    return { phase: 'wipe', seconds: elapsed - task.dwellS, words: 'taken up: level it now' }
  if (elapsed < task.wipeByS)
    return {
      phase: 'wipe',
      seconds: task.wipeByS - elapsed,
      words: level ? 'to wipe it off inside its window' : 'to work and wipe before it dries',
    }
  return { phase: 'late', seconds: elapsed - task.wipeByS, words: task.late ?? 'Past its window.' }
}

/** Since when a step's clock runs; undefined where none does. */
export const clockStart = (task: BenchTask): string | undefined =>
  isOver(task) || task.state === 'HELD'
    ? undefined
    : (task.clockFrom ?? (task.state === 'RUNNING' ? task.startedAt : undefined))

export const elapsedOf = (task: BenchTask, now: number): number => {
  const from = clockStart(task)
  return from ? (now - new Date(from).getTime()) / 1000 : 0
}

/** Which of several running clocks needs hands first: late ones, then the soonest due, waits last. */
export function urgency(f: Face): number {
  const order = { late: 0, wipe: 1, sits: 2, works: 3, waits: 4 }[f.phase]
  return order * 1_000_000 + (f.phase === 'late' ? -f.seconds : f.seconds)
}

/** The step to take in hand: what is late or to be wiped, soonest first; else the next in order. */
export function needsHands(open: BenchTask[], now: number): BenchTask | undefined {
  const due = open
    .filter((task) => clockStart(task))
    .map((task) => ({ task, shown: face(task, elapsedOf(task, now)) }))
    .filter(({ shown }) => shown.phase === 'late' || shown.phase === 'wipe')
    .sort((a, b) => urgency(a.shown) - urgency(b.shown))
  return due[0]?.task ?? open[0]
}
