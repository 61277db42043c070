import { clockStart, elapsedOf, face, urgency, waitsFor } from './clocks'
import { lays, type Bench, type BenchTask } from './run'

/** What the hands do next in a round: to one panel, or to several in the same look. */
export type Deed = {
  mode: 'lay' | 'wipe' | 'look' | 'tick'
  /** All told the same at one press; never empty. */
  tasks: BenchTask[]
}

/** Wet panels at once: what is laid has to be wiped before it dries. */
const SITTING_AT_ONCE = 2

/** The card a step stands on; a run kept on the device before steps had one is told step by step. */
export const cardOf = (task: Partial<Pick<BenchTask, 'card'>> & Pick<BenchTask, 'id'>): string =>
  task.card ?? task.id

/** Cards that need hands, in the order of the walk. */
export const cardsOf = (tasks: BenchTask[]): string[] => [
  ...new Set(tasks.filter((t) => t.needsHands && t.state !== 'held').map(cardOf)),
]

/** Of the steps of one card, what is done next; nothing where all of it waits for something else. */
export function deedOf(
  here: BenchTask[],
  all: BenchTask[],
  now: number,
  picked: ReadonlySet<string>,
): Deed | undefined {
  const asked = here.filter((t) => picked.size === 0 || t.surfaceIds.some((id) => picked.has(id)))
  const running = asked
    .filter((t) => clockStart(t))
    .map((task) => ({ task, shown: face(task, elapsedOf(task, now)) }))
    .sort((a, b) => urgency(a.shown) - urgency(b.shown))
  const due = running.filter(({ shown }) => shown.phase !== 'sits').map(({ task }) => task)
  if (due[0]) return { mode: 'wipe', tasks: alike(due[0], due) }
  const sits = running.map(({ task }) => task)
  const free = asked.filter((t) => !clockStart(t) && waitsFor(t, all).length === 0)
  const next = free[0]
  const mayLay = next && isLaid(next) && sits.length < SITTING_AT_ONCE
  if (mayLay) return { mode: 'lay', tasks: [next] }
  if (sits[0]) return { mode: 'wipe', tasks: [sits[0]] }
  if (!next) return undefined
  const one = sets(next, all) ? [next] : alike(next, free)
  return { mode: next.look ? 'look' : 'tick', tasks: one }
}

/** Everything of a card that is next though it waits for something: for who insists. */
export const insisted = (here: BenchTask[]): Deed | undefined =>
  here[0] && { mode: here[0].look ? 'look' : 'tick', tasks: [here[0]] }

const isLaid = (task: BenchTask) => task.dwellS !== undefined && task.step !== 'level'

/** What has to be levelled inside a window is laid panel by panel, never all at one press. */
const sets = (task: BenchTask, all: BenchTask[]) =>
  lays.includes(task.step) &&
  all.some((t) => t.step === 'level' && t.wipeByS !== undefined && t.after.includes(task.id))

/** Those that one press answers as well: the same work at the same pass, with the same answers. */
const alike = (first: BenchTask, tasks: BenchTask[]) =>
  tasks.filter(
    (t) =>
      t.step === first.step &&
      t.productId === first.productId &&
      t.rung === first.rung &&
      t.look === first.look &&
      t.passes === first.passes &&
      t.passesLow === first.passesLow &&
      t.lastPass === first.lastPass,
  )

/** Its round in words; none in a run kept on the device before there were rounds. */
export const roundOf = (bench: Partial<Pick<Bench, 'rounds'>>, task: BenchTask) =>
  bench.rounds?.find((round) => round.id === task.roundId)
