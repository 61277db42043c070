import { expect, test } from 'vitest'
import { face, urgency } from './clocks'

const wet = { needsHands: true, dwellS: 60, wipeByS: 480, plannedS: 600 }
const drying = { needsHands: false, dwellS: undefined, wipeByS: undefined, plannedS: 900 }

test.each([
  [10, 'sits', 50],
  [60, 'wipe', 420],
  [479, 'wipe', 1],
  [500, 'late', 20],
])('a cleaner laid %d s ago', (elapsed, phase, seconds) => {
  expect(face(wet, elapsed)).toMatchObject({ phase, seconds })
})

test('a wait only counts down', () =>
  expect(face(drying, 300)).toMatchObject({ phase: 'waits', seconds: 600 }))

test('a late wipe comes before one that is due, and a wait comes last', () => {
  const order = [face(drying, 0), face(wet, 100), face(wet, 500), face(wet, 10)].sort(
    (a, b) => urgency(a) - urgency(b),
  )
  expect(order.map((f) => f.phase)).toEqual(['late', 'wipe', 'sits', 'waits'])
})
