import type { Schemas } from '../api/client'

export type Bench = Schemas['BenchView']

/** A step; `laidAt` is this device's memory of a clock that ran before the last word on it. */
export type BenchTask = Schemas['BenchTask'] & { laidAt?: string }
export type Entry = Schemas['EntryRequest']
export type Seen = Schemas['SeenView']

const over = ['done', 'skipped', 'replaced', 'referred']
export const isOver = (task: BenchTask) => over.includes(task.state)
export const isOpen = (task: BenchTask) => task.state === 'waiting' || task.state === 'running'

type Follows = { next: NonNullable<BenchTask['outcome']>; says: string }

/** What follows from something seen now: later passes lead further. */
export function follows(task: BenchTask, seen: string): Follows | undefined {
  const answer = task.answers.find((a) => a.seen === seen)
  if (!answer) return undefined
  return task.lastPass > 0 && task.passes + 1 >= task.lastPass
    ? { next: answer.lastNext, says: answer.lastSays }
    : { next: answer.next, says: answer.says }
}

/** The rung the work has come to, a look's too. */
const rungOf = (bench: Bench, task: BenchTask) =>
  Math.max(
    task.rung,
    ...bench.tasks
      .filter((t) => t.state !== 'held' && task.covers.some((p) => onlyAt(t, p)))
      .map((t) => t.rung),
  )

/** Where a next rung is asked for and none is left above, what follows instead. */
function onTop(bench: Bench, task: BenchTask, seen: string) {
  const answer = task.answers.find((a) => a.seen === seen)
  const above = rungOf(bench, task) + 1
  const left = bench.tasks.some((t) => t.rung === above && task.covers.some((p) => onlyAt(t, p)))
  const climbs = follows(task, seen)?.next === 'next-rung'
  return climbs && !left && answer?.topNext
    ? { next: answer.topNext, says: answer.topSays ?? answer.lastSays }
    : undefined
}

const onlyAt = (task: BenchTask, panel: string) =>
  task.surfaceIds.length === 1 && task.surfaceIds[0] === panel

/**
 * The run with something told that the server has not heard yet, as the server will see it: its next
 * word replaces this.
 */
export function withEntry(bench: Bench, entry: Entry): Bench {
  return withTicks(folded(bench, entry), entry)
}

/** What was ticked here, or once for the visit, is not asked again. */
function withTicks(bench: Bench, entry: Entry): Bench {
  const ticked = entry.detail?.ticked ?? []
  if (ticked.length === 0) return bench
  const tasks = bench.tasks.map((task) => ({
    ...task,
    cautions: task.cautions.map((c) =>
      ticked.includes(c.code) && (c.tick === 'visit' || task.id === entry.taskId)
        ? { ...c, ticked: true }
        : c,
    ),
  }))
  return { ...bench, tasks }
}

function folded(bench: Bench, entry: Entry): Bench {
  if (entry.kind === 'paused' || entry.kind === 'resumed') {
    const paused =
      entry.kind === 'paused' ? { at: entry.at, by: entry.by ?? '', reason: entry.reason ?? '' } : undefined
    return { ...bench, paused }
  }
  const found: BenchTask | undefined = bench.tasks.find((t) => t.id === entry.taskId)
  if (!found) return bench
  const task = found
  const change = (make: (t: BenchTask) => Partial<BenchTask>, which = (t: BenchTask) => t.id === task.id) => {
    const tasks = bench.tasks.map((t) => (which(t) ? { ...t, ...make(t) } : t))
    return counted({ ...bench, tasks: clocked(tasks) })
  }
  const laidAt = task.state === 'running' ? task.startedAt : undefined
  const done = { state: 'done' as const, doneAt: entry.at, by: entry.by ?? '', laidAt }
  switch (entry.kind) {
    case 'started':
      return task.state === 'waiting'
        ? change((t) => ({
            state: 'running',
            startedAt: entry.at,
            clockFrom: t.dwellS === undefined ? t.clockFrom : entry.at,
          }))
        : bench
    case 'done':
      return isOpen(task) ? change(() => done) : bench
    case 'skipped':
      return isOpen(task) ? change(() => ({ ...done, state: 'skipped' })) : bench
    case 'undone':
      return change((t) => {
        const goesOn = t.state !== 'running' && t.laidAt !== undefined
        return {
          state: goesOn ? 'running' : 'waiting',
          startedAt: goesOn ? t.laidAt : undefined,
          laidAt: undefined,
          doneAt: undefined,
          outcome: undefined,
          says: undefined,
          passes: t.state === 'running' ? t.passes : Math.max(0, t.passes - 1),
          clockFrom: t.step === 'level' ? t.clockFrom : goesOn ? t.laidAt : undefined,
        }
      })
    case 'seen':
      return seen(bench, task, entry, change)
    default:
      return bench
  }
}

function seen(
  bench: Bench,
  task: BenchTask,
  entry: Entry,
  change: (make: (t: BenchTask) => Partial<BenchTask>, which?: (t: BenchTask) => boolean) => Bench,
): Bench {
  const then = onTop(bench, task, entry.seen ?? '') ?? follows(task, entry.seen ?? '')
  if (!then || (!isOpen(task) && then.next !== 'refer')) return bench
  const judged = {
    passes: task.passes + 1,
    outcome: then.next,
    says: then.says,
    by: entry.by ?? '',
    laidAt: task.state === 'running' ? task.startedAt : undefined,
  }
  const ended = { ...judged, state: 'done' as const, doneAt: entry.at }
  switch (then.next) {
    case 'again':
    case 'lighter':
    case 'hidden-spot':
    case 'wait':
      return change((t) => ({
        ...judged,
        state: 'waiting',
        startedAt: undefined,
        clockFrom: t.step === 'level' ? t.clockFrom : undefined,
      }))
    case 'refer': {
      const stopped = (t: BenchTask) =>
        t.id === task.id || (!isOver(t) && task.covers.some((panel) => onlyAt(t, panel)))
      return change(
        (t) => ({ ...(t.id === task.id ? ended : { doneAt: entry.at }), state: 'referred', says: then.says }),
        stopped,
      )
    }
    case 'next-rung': {
      const rung = rungOf(bench, task)
      const looksAgain = task.look === 'seams'
      const opens = (t: BenchTask) =>
        t.state === 'held' && t.rung === rung + 1 && task.covers.some((p) => onlyAt(t, p))
      const replaced = (t: BenchTask) =>
        isOpen(t) && t.id !== task.id && t.rung === rung && rung > 0 && task.covers.some((p) => onlyAt(t, p))
      return change(
        (t) =>
          t.id === task.id
            ? looksAgain
              ? { ...judged, state: 'waiting' }
              : ended
            : opens(t)
              ? { state: 'waiting' }
              : { state: 'replaced' },
        (t) => t.id === task.id || opens(t) || replaced(t),
      )
    }
    default:
      return change(() => ended)
  }
}

export const lays = ['condition', 'protect', 'barrier', 'coat', 'dress', 'refinish']

/** A levelling clock runs since its area was laid; a wait since what it follows is over. */
function clocked(tasks: BenchTask[]): BenchTask[] {
  const byId = new Map(tasks.map((t) => [t.id, t]))
  return tasks.map((t) => {
    const before = t.after.map((id) => byId.get(id)).filter((b) => b !== undefined)
    if (t.step === 'level') {
      const laid = before.find((b) => lays.includes(b.step))
      return { ...t, clockFrom: laid?.doneAt }
    }
    const free = !t.needsHands && t.state === 'waiting' && before.length > 0 && before.every(isOver)
    const from = before
      .map((b) => b.doneAt ?? '')
      .sort()
      .at(-1)
    return free && from ? { ...t, state: 'running', startedAt: from } : t
  })
}

const counts = (t: BenchTask) => t.needsHands && t.state !== 'held' && t.state !== 'replaced'

function counted(bench: Bench): Bench {
  const hands = bench.tasks.filter(counts)
  return { ...bench, tasksTotal: hands.length, tasksDone: hands.filter(isOver).length }
}

/** Of two words of the server the one it said later. */
export const laterWord = (a: Bench | undefined, b: Bench): Bench =>
  a && a.jobId === b.jobId && a.serverNow > b.serverNow ? a : b
