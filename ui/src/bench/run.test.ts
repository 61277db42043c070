import { describe, expect, it } from 'vitest'
import { localOf, msOf } from '../api/clock'
import { follows, laterWord, withEntry, type Bench, type BenchTask, type Entry } from './run'

const soil: BenchTask['answers'][number] = {
  seen: 'soil',
  label: 'Grey',
  next: 'again',
  says: 'Go on.',
  lastNext: 'next-rung',
  lastSays: 'Next.',
}
const colour: BenchTask['answers'][number] = {
  seen: 'colour',
  label: 'Colour',
  next: 'refer',
  says: 'Stop.',
  lastNext: 'refer',
  lastSays: 'Stop.',
}

const task = (id: string, of: Partial<BenchTask> = {}): BenchTask => ({
  id,
  card: 'r-seat',
  step: 'clean',
  title: 'Clean',
  surfaceIds: ['bolster'],
  covers: ['bolster'],
  where: 'Bolster',
  needsHands: true,
  lines: [],
  cautions: [],
  look: 'cloth',
  answers: [soil, colour],
  rung: 1,
  passes: 0,
  passesLow: 1,
  passesHigh: 2,
  lastPass: 2,
  plannedS: 600,
  state: 'waiting',
  by: '',
  after: [],
  ...of,
})

const bench: Bench = {
  jobId: 'j',
  title: 'A run',
  serverNow: '2026-05-04T09:00:00',
  startedAt: '2026-05-04T08:30:00',
  tasksTotal: 4,
  tasksDone: 0,
  pace: { handsOffAt: '', leftMin: 0, readyAt: '', planned: '', driveAt: '', sitAt: '', curedAt: '' },
  rounds: [],
  tasks: [
    task('clean-1'),
    task('clean-2'),
    task('test~2', { rung: 2, state: 'held', step: 'test-spot' }),
    task('clean~2', { rung: 2, state: 'held' }),
    task('check', { rung: 0, look: 'seams', answers: [], after: ['clean-1'] }),
    task('dry', { rung: 0, needsHands: false, look: undefined, answers: [], after: ['check'] }),
    task('coat', { step: 'coat', rung: 0, look: undefined, answers: [], after: ['dry'] }),
    task('level', { step: 'level', rung: 0, look: 'lamp', answers: [], after: ['coat'] }),
    task('rim', { surfaceIds: ['rim'], covers: ['rim'] }),
  ],
}

const entry = (taskId: string, kind: Entry['kind'], of: Partial<Entry> = {}): Entry => ({
  id: crypto.randomUUID(),
  taskId,
  kind,
  at: '2026-05-04T09:05:00',
  ...of,
})
const after = (...entries: Entry[]) => {
  const told = entries.reduce(withEntry, bench)
  return (id: string) => told.tasks.find((t) => t.id === id)!
}

describe('a run that has told what the server has not heard', () => {
  it('makes one more pass of soil, and a rung higher of soil after the last', () => {
    const seen = entry('clean-1', 'seen', { seen: 'soil' })
    expect(after(seen)('clean-1')).toMatchObject({ state: 'waiting', passes: 1, says: 'Go on.' })
    const twice = after(seen, { ...seen, id: 'b' })
    expect(twice('clean-1').state).toBe('done')
    expect(twice('clean-2').state).toBe('replaced')
    expect(twice('test~2').state).toBe('waiting')
    expect(twice('clean~2').state).toBe('waiting')
    expect(follows(twice('clean-1'), 'nothing of the kind')).toBeUndefined()
  })

  it('stops a panel, and only that panel, when its colour comes', () => {
    const stopped = after(entry('clean-1', 'seen', { seen: 'colour' }))
    for (const id of ['clean-1', 'clean-2', 'check', 'dry', 'coat'])
      expect(stopped(id).state).toBe('referred')
    expect(stopped('rim').state).toBe('waiting')
  })

  it('lets waits and coats run from what they follow', () => {
    const laid = after(entry('check', 'done'), entry('coat', 'done'))
    expect(laid('dry')).toMatchObject({ state: 'running', startedAt: '2026-05-04T09:05:00' })
    expect(laid('level').clockFrom).toBe('2026-05-04T09:05:00')
  })

  it('lets a clock run on when the answer after it is taken back', () => {
    const started = entry('clean-1', 'started')
    const wrong = after(started, entry('clean-1', 'seen', { seen: 'soil' }), entry('clean-1', 'undone'))
    expect(wrong('clean-1')).toMatchObject({ state: 'running', startedAt: started.at, passes: 0 })
    const twice = after(
      started,
      entry('clean-1', 'seen', { seen: 'soil' }),
      entry('clean-1', 'undone'),
      entry('clean-1', 'undone'),
    )
    expect(twice('clean-1')).toMatchObject({ state: 'waiting', startedAt: undefined })
  })

  it('takes a clock or a pass back, and stops for now', () => {
    const back = after(entry('rim', 'started'), entry('rim', 'undone'))
    expect(back('rim')).toMatchObject({ state: 'waiting', startedAt: undefined })
    expect(withEntry(bench, entry('', 'paused', { by: 'Mira' })).paused?.by).toBe('Mira')
    expect(withEntry(bench, entry('coat', 'done')).tasksDone).toBe(1)
  })

  it('writes times as the server does', () => {
    expect(localOf(msOf('2026-05-04T09:05:07.008'))).toBe('2026-05-04T09:05:07.008')
  })

  it('keeps the later word of the server, whichever comes in last', () => {
    const early = { ...bench, serverNow: '2026-05-04T09:00:01.100' }
    const late = { ...bench, serverNow: '2026-05-04T09:00:01.200' }
    expect(laterWord(late, early)).toBe(late)
    expect(laterWord(early, late)).toBe(late)
    expect(laterWord(undefined, early)).toBe(early)
    expect(laterWord({ ...late, jobId: 'another' }, early)).toBe(early)
  })
})
