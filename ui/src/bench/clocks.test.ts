import { describe, expect, it } from 'vitest'
import { clockStart, face, needsHands, urgency } from './clocks'
import type { BenchTask } from './run'

const rim = { needsHands: true, step: 'clean', dwellS: 60, wipeByS: 240, plannedS: 600, late: 'Re-wet it.' }
const area = { ...rim, step: 'level', dwellS: 120, wipeByS: 240 }

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

  it('brings what is due to hand before what is only next', () => {
    const next = { id: 'coat-3', step: 'coat', state: 'WAITING', needsHands: true } as BenchTask
    const laid = { ...area, id: 'level-1', state: 'WAITING', clockFrom: '2026-05-04T09:00:00' } as BenchTask
    const at = (clock: string) => new Date(`2026-05-04T${clock}`).getTime()
    expect(needsHands([next, laid], at('09:01:00'))?.id).toBe('coat-3')
    expect(needsHands([next, laid], at('09:03:00'))?.id).toBe('level-1')
    expect(needsHands([], at('09:03:00'))).toBeUndefined()
  })

  it('runs for a coated area since it was laid, and for nothing that is over', () => {
    const laid = { step: 'level', state: 'WAITING', clockFrom: '2026-05-04T09:00:00' } as BenchTask
    expect(clockStart(laid)).toBe('2026-05-04T09:00:00')
    expect(clockStart({ ...laid, state: 'DONE' })).toBeUndefined()
    expect(face({ ...area, wipeByS: undefined }, 130)).toMatchObject({ phase: 'wipe', seconds: 10 })
  })
})
