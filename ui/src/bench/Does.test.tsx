import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { localOf } from '../api/clock'
import type { Deed } from './deeds'
import { Does } from './Does'
import type { BenchTask } from './run'

const NOW = new Date('2026-06-09T09:10:00').getTime()
const job = { id: 'job' } as Schemas['JobDetail']
type Seen = BenchTask['answers'][number]
const answer = (seen: Seen['seen'], label: string, next: Seen['next']): Seen => ({
  seen,
  label,
  next,
  says: '',
  lastNext: next,
  lastSays: '',
})

const task = (id: string, part: Partial<BenchTask> = {}): BenchTask => ({
  id,
  roundId: 'r-seat',
  card: 'r-seat',
  step: 'clean',
  title: 'Clean',
  surfaceIds: [id],
  covers: [id],
  where: id,
  needsHands: true,
  lines: [],
  cautions: [],
  look: 'cloth',
  answers: [answer('clean', 'Clean', 'done'), answer('soil', 'Grey or brown', 'again')],
  rung: 1,
  passes: 0,
  passesLow: 1,
  passesHigh: 2,
  lastPass: 2,
  dwellS: 40,
  wipeByS: 240,
  plannedS: 120,
  state: 'waiting',
  by: '',
  after: [],
  ...part,
})
const sat = (id: string, secondsAgo: number, part: Partial<BenchTask> = {}) => {
  const at = localOf(NOW - secondsAgo * 1000)
  return task(id, { state: 'running', startedAt: at, clockFrom: at, ...part })
}

function show(deed: Deed) {
  const tell = vi.fn()
  render(<Does job={job} deed={deed} now={NOW} read={undefined} onTell={tell} />)
  return tell
}
const press = (name: RegExp) => fireEvent.click(screen.getByRole('button', { name }))

afterEach(cleanup)

describe('one thing to press', () => {
  it('starts the clock of the panel that is laid', () => {
    const back = task('back')
    const tell = show({ mode: 'lay', tasks: [back] })
    press(/^Laid: start the clock/)
    expect(tell).toHaveBeenCalledWith([back], { kind: 'started', detail: undefined })
  })

  it('answers for all that is due, also by a number key', () => {
    const due = [sat('back', 60), sat('cushion', 50)]
    const tell = show({ mode: 'wipe', tasks: due })
    expect(screen.getByText(/^Told for 2 panels/)).toBeTruthy()
    fireEvent.keyDown(window.document.body, { key: '2' })
    expect(tell).toHaveBeenCalledWith(due, { kind: 'seen', seen: 'soil', detail: undefined })
  })

  it('does not ask about a pass that is planned anyway', () => {
    const first = sat('back', 60, { passesLow: 2, passesHigh: 3, lastPass: 3 })
    const tell = show({ mode: 'wipe', tasks: [first] })
    press(/^Wiped: pass 2 follows/)
    expect(tell).toHaveBeenCalledWith([first], { kind: 'seen', seen: 'soil', detail: undefined })
  })

  it('asks before what still sits is wiped, and notes how early it was', () => {
    const sits = sat('back', 10)
    const tell = show({ mode: 'wipe', tasks: [sits] })
    press(/^Clean/)
    expect(tell).not.toHaveBeenCalled()
    press(/^Wiped anyway/)
    expect(tell).toHaveBeenCalledWith([sits], {
      kind: 'seen',
      seen: 'clean',
      detail: undefined,
      reason: '0:30 early',
    })
  })

  it('waits for the cautions to be ticked, each once for all panels', () => {
    const caution = { code: 'IGNITION_OFF', text: 'Ignition off.', tick: 'step', ticked: false } as const
    const tell = show({
      mode: 'lay',
      tasks: [task('rim', { cautions: [caution] }), task('hub', { cautions: [caution] })],
    })
    const laid = screen.getByRole<HTMLButtonElement>('button', { name: /^Laid/ })
    expect(laid.disabled).toBe(true)
    fireEvent.click(screen.getByRole('checkbox'))
    expect(laid.disabled).toBe(false)
    fireEvent.click(laid)
    expect(tell.mock.calls[0]?.[1]).toMatchObject({ detail: { ticked: ['IGNITION_OFF'] } })
  })

  it('says laid of what stays on, and done of the rest', () => {
    show({ mode: 'tick', tasks: [task('x', { step: 'condition', look: undefined, dwellS: undefined })] })
    expect(screen.getByRole('button', { name: 'Laid' })).toBeTruthy()
    cleanup()
    show({ mode: 'tick', tasks: [task('x', { step: 'residue', look: undefined, dwellS: undefined })] })
    expect(screen.getByRole('button', { name: 'Done' })).toBeTruthy()
  })
})
