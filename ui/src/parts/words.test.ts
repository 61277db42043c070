import { afterEach, describe, expect, it, test } from 'vitest'
import {
  clock,
  dayOf,
  degrees,
  kilometres,
  lasting,
  metres,
  ml,
  money,
  range,
  say,
  squareMetresShown,
  when,
  writeAs,
} from './words'

test('codes are read out as words', () => {
  expect(say('skin-oil')).toBe('skin oil')
  expect(say('handed-over')).toBe('handed over')
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
  const today = '2026-05-04T10:00:00.000'
  expect(when('2026-05-04T17:30:00', today)).toBe('17:30')
  expect(when('2026-05-05T08:00:00', today)).toBe('Tue 5 May, 08:00')
})

describe('a shop that thinks in ounces', () => {
  afterEach(() => writeAs({ units: 'metric', locale: 'en-GB' }))

  it('reads the same amounts in its own units and dates in its own order', () => {
    expect(dayOf('2026-11-25')).toBe('Wed 25 Nov')
    writeAs({ units: 'us', locale: 'en-US' })
    expect(ml(296)).toBe('10 fl oz')
    expect(degrees().shown(20)).toBe(68)
    expect(degrees().read(68)).toBe(20)
    expect(squareMetresShown(1)).toBe('10.8 sq ft')
    expect(metres(2)).toBe('6.6 ft')
    expect(kilometres(100)).toBe('62 mi')
    expect(dayOf('2026-11-25')).toBe('Wed, Nov 25')
  })

  it('writes money as its language does', () => {
    expect(money(1450, 'EUR')).toBe('€14.50')
    writeAs({ units: 'metric', locale: 'de-DE' })
    expect(money(1450, 'EUR')).toBe('14,50\u00a0€')
  })
})
