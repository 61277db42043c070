import type { Schemas } from '../api/client'

type Task = Schemas['BenchTask']

export type Face = {
  /** What the hands should do, by the clock. */
  phase: 'sits' | 'wipe' | 'late' | 'waits' | 'works'
  /** Seconds until the next thing, or since it was due when late. */
  seconds: number
  words: string
}

/** How a running task stands at a moment, in seconds since it was started. */
export function face(
  task: Pick<Task, 'needsHands' | 'dwellS' | 'wipeByS' | 'plannedS'>,
  elapsed: number,
): Face {
  if (!task.needsHands) return { phase: 'waits', seconds: task.plannedS - elapsed, words: 'still to wait' }
  if (task.dwellS === undefined || task.wipeByS === undefined)
    return { phase: 'works', seconds: elapsed, words: `worked; planned ${Math.ceil(task.plannedS / 60)} min` }
  if (elapsed < task.dwellS) return { phase: 'sits', seconds: task.dwellS - elapsed, words: 'let it sit' }
  if (elapsed < task.wipeByS)
    return { phase: 'wipe', seconds: task.wipeByS - elapsed, words: 'to work and wipe before it dries' }
  return {
    phase: 'late',
    seconds: elapsed - task.wipeByS,
    words: 'past the window: re-wet lightly, then wipe',
  }
}

/** Which of several running clocks needs hands first: late ones, then the soonest due, waits last. */
export function urgency(f: Face): number {
  const order = { late: 0, wipe: 1, sits: 2, works: 3, waits: 4 }[f.phase]
  return order * 1_000_000 + (f.phase === 'late' ? -f.seconds : f.seconds)
}
