import { describe, expect, it } from 'vitest'
import { clockStart, face, needsHands, urgency, waitsFor } from './clocks'
import type { BenchTask } from './run'

const rim = {
  needsHands: true,
  step: 'clean' as BenchTask['step'],
  dwellS: 60,
  wipeByS: 240,
  plannedS: 600,
  late: 'Re-wet it.',
}
const area = { ...rim, step: 'level' as const, dwellS: 120, wipeByS: 240 }

describe('a clock', () => {
  it('says how long yet, then that it is time, then what to do when it is late', () => {
    expect(face(rim, 20)).toMatchObject({ phase: 'sits', seconds: 40 })
    expect(face(rim, 100)).toMatchObject({ phase: 'wipe', seconds: 140 })
    expect(face(rim, 300)).toEqual({ phase: 'late', seconds: 60, words: 'Re-wet it.' })
  })

  it('puts late work first, then what is due soonest, waits last', () => {
    const late = urgency(face(rim, 300))
    const later = urgency(face(rim, 260))
    const due = urgency(face(area, 200))
    const sits = urgency(face(area, 20))
    const waits = urgency(face({ ...rim, needsHands: false }, 5))
    expect([waits, sits, due, later, late].sort((a, b) => a - b)).toEqual([late, later, due, sits, waits])
  })

  const step = (id: string, more: Partial<BenchTask> = {}) =>
    ({
      id,
      step: 'coat',
      state: 'waiting',
      needsHands: true,
      rung: 0,
      plannedS: 40,
      after: [] as string[],
      surfaceIds: [id],
      ...more,
    }) as BenchTask
  const laid = step('level-1', { ...area, clockFrom: '2026-05-04T09:00:00' })
  const at = (clock: string) => new Date(`2026-05-04T${clock}`).getTime()

  it('brings what is due to hand before what is only next', () => {
    expect(needsHands([step('coat-3'), laid], at('09:01:00'))?.id).toBe('coat-3')
    expect(needsHands([step('coat-3'), laid], at('09:02:30'))?.id).toBe('level-1')
    expect(needsHands([], at('09:03:00'))).toBeUndefined()
  })

  it('lays nothing that would not be over before something laid has to be wiped', () => {
    const long = step('clean-console', { plannedS: 200 })
    const open = [long, step('coat-3'), laid]
    expect(needsHands(open, at('09:01:00'))?.id).toBe('coat-3')
    expect(needsHands([long, laid], at('09:01:00'))?.id).toBe('level-1')
    expect(needsHands([long, laid], at('09:00:30'))?.id).toBe('clean-console')
  })

  it('lays no more areas than can be levelled in their windows', () => {
    const coat = step('coat-9')
    const its = step('level-9', { ...area, after: ['coat-9'], plannedS: 60 })
    const laidAt = (seconds: number, id: string) =>
      step(id, { ...area, plannedS: 60, clockFrom: `2026-05-04T09:00:${String(seconds).padStart(2, '0')}` })
    const two = [laidAt(0, 'level-1'), laidAt(10, 'level-2')]
    expect(needsHands([coat, its, ...two], at('09:01:00'), [coat, its, ...two])?.id).toBe('coat-9')
    const four = [...two, laidAt(20, 'level-3'), laidAt(30, 'level-4')]
    expect(needsHands([coat, its, ...four], at('09:01:30'))?.id).toBe('level-1')
  })

  it('leaves alone what still waits, and takes what is free before it', () => {
    const dries = step('dry-seat', { needsHands: false, state: 'running', step: 'dry' })
    const meter = step('meter', { after: ['dry-seat'] })
    const firmer = step('clean-rim~2', { rung: 2, surfaceIds: ['rim'] })
    const check = step('check-rim', { surfaceIds: ['rim'] })
    const all = [dries, meter, firmer, check]
    expect(waitsFor(meter, all)).toEqual([dries])
    expect(waitsFor(check, all)).toEqual([firmer])
    expect(needsHands([meter, check], at('09:00:00'), all)?.id).toBe('meter') // nothing is free: the first, with its wait
    expect(needsHands([meter, firmer, check], at('09:00:00'), all)?.id).toBe('clean-rim~2')
  })

  it('runs for a coated area since it was laid, and for nothing that is over', () => {
    const laid = { step: 'level', state: 'waiting', clockFrom: '2026-05-04T09:00:00' } as BenchTask
    expect(clockStart(laid)).toBe('2026-05-04T09:00:00')
    expect(clockStart({ ...laid, state: 'done' })).toBeUndefined()
    expect(face({ ...area, wipeByS: undefined }, 130)).toMatchObject({ phase: 'wipe', seconds: 10 })
  })
})
