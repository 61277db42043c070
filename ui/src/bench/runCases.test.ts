import { describe, expect, it } from 'vitest'
import { withEntry, type Bench, type BenchTask, type Entry } from './run'
import cases from './run-cases.json'

type Told = {
  taskId: string
  kind: Entry['kind']
  seen?: Entry['seen']
  then: Record<string, string | undefined>
}

const start = { tasks: cases.tasks as unknown as BenchTask[] } as Bench

const state = (task: BenchTask) =>
  task.needsHands && task.state !== 'replaced' ? `${task.state} ${task.passes}` : task.state

/** Every case is what the server made of it; see RunCasesTest there. */
describe('a run without a line comes to what the server makes of it', () => {
  it.each((cases.runs as Told[][]).map((run, i) => [i + 1, run] as const))('case %i', (_, run) => {
    let bench = start
    run.forEach(({ taskId, kind, seen, then }, n) => {
      const at = `2026-05-04T09:${String(n).padStart(2, '0')}:00`
      bench = withEntry(bench, { id: String(n), taskId, kind, seen, at })
      const is = Object.fromEntries(bench.tasks.map((t) => [t.id, state(t)]))
      const was = Object.fromEntries(start.tasks.map((t) => [t.id, state(t)]))
      expect(is, `after ${n + 1}: ${kind} ${seen ?? ''} ${taskId}`).toEqual({ ...was, ...then })
    })
  })
})
