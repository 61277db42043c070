import { describe, expect, it } from 'vitest'
import { titleOf } from './useTitle'

describe('the name of a page', () => {
  it.each([
    ['/jobs/1/bench', 'Denim haze off', 'Bench · Denim haze off · Attune'],
    ['/jobs/1/match/fl-back', 'Denim haze off', 'Match · Denim haze off · Attune'],
    ['/jobs/1/timetable', undefined, 'Times · Attune'],
    ['/shelf', 'Shelf', 'Shelf · Attune'],
    ['/', undefined, 'Day · Attune'],
    ['/nowhere', undefined, 'Attune'],
  ])('%s, headed %s: %s', (path, heading, title) => {
    expect(titleOf(path, heading)).toBe(title)
  })
})
