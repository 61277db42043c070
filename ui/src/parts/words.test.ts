import { expect, test } from 'vitest'
import { clock, lasting, ml, range, say, when } from './words'

test('codes are read out as words', () => {
  expect(say('skin-oil')).toBe('skin oil')
  expect(say('HANDED_OVER')).toBe('handed over')
})

test.each([
  [0, '0:00'],
  [-4, '0:00'],
  [75, '1:15'],
  [3661, '1:01:01'],
])('%d seconds on a clock', (seconds, shown) => expect(clock(seconds)).toBe(shown))

test.each([
  [45, '45 s'],
  [420, '7 min'],
  [7200, '2 h'],
  [43200, '12 h'],
])('a wait of %d seconds in words', (seconds, shown) => expect(lasting(seconds)).toBe(shown))

test('amounts keep a tenth only where it matters', () => {
  expect(ml(11.12)).toBe('11.1 ml')
  expect(ml(750)).toBe('750 ml')
})

test('a range of one is one', () => expect(range(2, 2)).toBe('2'))

test('another day is named', () => {
  const today = new Date('2026-05-04T10:00:00')
  expect(when('2026-05-04T17:30:00', today)).toBe('17:30')
  expect(when('2026-05-05T08:00:00', today)).toBe('Tue 5 May, 08:00')
})
