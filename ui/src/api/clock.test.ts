import { afterEach, describe, expect, it } from 'vitest'
import { heardTime, msOf, sinceMs } from './clock'

const hours = (from: string, now: string) => sinceMs(from, msOf(now)) / 3_600_000

afterEach(() => heardTime('2026-06-09T08:15'))

describe('how long something has waited', () => {
  it('is what the wall shows on any other day', () => {
    heardTime('2026-06-09T08:15')
    expect(hours('2026-06-09T07:45', '2026-06-09T08:15')).toBe(0.5)
  })

  it('is an hour less than the wall shows once clocks were put forward', () => {
    heardTime('2026-03-29T04:00', '2026-03-29T01:00/2026-03-29T02:00')
    expect(hours('2026-03-29T00:30', '2026-03-29T04:00')).toBe(2.5)
    expect(hours('2026-03-29T02:30', '2026-03-29T04:00')).toBe(1.5)
  })

  it('is an hour more once they were put back, and the shorter of two while the hour is doubled', () => {
    heardTime('2026-10-25T03:00', '2026-10-25T02:00/2026-10-25T01:00')
    expect(hours('2026-10-25T00:30', '2026-10-25T03:00')).toBe(3.5)
    expect(hours('2026-10-25T01:30', '2026-10-25T03:00')).toBe(1.5)
    expect(hours('2026-10-25T00:30', '2026-10-25T01:30')).toBe(1)
  })

  it('goes on with the device where nothing was heard since', () => {
    heardTime('2026-10-25T00:45')
    expect(hours('2026-10-25T00:30', '2026-10-25T02:30')).toBe(2)
  })
})
