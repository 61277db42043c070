import { expect, test } from 'vitest'
import type { Schemas } from '../api/client'
import { laid } from './laid'

const panel: Schemas['Panel'] = {
  id: 'fl-headrest',
  zone: 'front-left-seat',
  part: 'headrest',
  label: 'Front left headrest',
  d: '',
  at: [0, 0],
  areaM2: 0.08,
  seamM: 0.6,
  role: 'seat',
  texture: 'fine',
  guess: 'leather/coated',
  tone: 'dark',
  features: [],
  near: [],
  side: 'left',
  withWheel: false,
  mirrored: false,
  likely: [],
}
const empty = { format: 'attune-job', version: 1, setting: { start: '2026-05-04T08:30' }, surfaces: [] }

test('a first finding takes the panel from its layout and leaves the rest unasked', () => {
  const after = laid(empty, [panel], { surfaceIds: ['fl-headrest'], finding: { soil: 'light' } })
  expect(after.surfaces[0]).toMatchObject({ areaM2: 0.08, condition: { soil: 'light' } })
  expect(after.surfaces[0]?.finish).toBeUndefined()
})

test('a second finding adds to the first', () => {
  const once = laid(empty, [panel], { surfaceIds: ['fl-headrest'], finding: { soil: 'light' } })
  const twice = laid(once, [panel], { surfaceIds: ['fl-headrest'], finding: { wear: 'worn' } })
  expect(twice.surfaces).toHaveLength(1)
  expect(twice.surfaces[0]?.condition).toEqual({ soil: 'light', wear: 'worn' })
})

test('clearing takes the panel out again', () => {
  const once = laid(empty, [panel], { surfaceIds: ['fl-headrest'], finding: { soil: 'light' } })
  expect(laid(once, [panel], { surfaceIds: ['fl-headrest'], finding: { cleared: true } }).surfaces).toEqual(
    [],
  )
})

test('the usual answers only what is not known yet', () => {
  const often = {
    ...panel,
    likely: [{ field: 'soil' as const, value: 'heavy', driverSide: false, why: 'entry side' }],
  }
  const fresh = laid(empty, [often], { surfaceIds: ['fl-headrest'], finding: { usual: true } })
  expect(fresh.surfaces[0]).toMatchObject({ finish: 'leather/coated', condition: { soil: 'heavy' } })
  const known = laid(empty, [often], {
    surfaceIds: ['fl-headrest'],
    finding: { finish: 'vinyl/coated-textile', soil: 'none' },
  })
  const after = laid(known, [often], { surfaceIds: ['fl-headrest'], finding: { usual: true } })
  expect(after.surfaces[0]).toMatchObject({ finish: 'vinyl/coated-textile', condition: { soil: 'none' } })
})
