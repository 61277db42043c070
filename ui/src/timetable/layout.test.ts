import { describe, expect, it } from 'vitest'
import {
  lanesOf,
  marks,
  minutesBetween,
  packed,
  plusMinutes,
  snapped,
  waitBars,
  type Bar,
  type Block,
  type Table,
  type Task,
} from './layout'

const task = (id: string, start: string, end: string, more: Partial<Task> = {}): Task => ({
  id,
  step: 'clean',
  surfaceIds: [],
  section: 0,
  start: `2026-06-01T${start}`,
  end: `2026-06-01T${end}`,
  pinned: false,
  after: [],
  ...more,
})

const bar = (id: string, start: string, end: string): Bar => ({
  id,
  what: 'Clean',
  zones: [],
  start: `2026-06-01T${start}`,
  end: `2026-06-01T${end}`,
  rest: false,
  lays: false,
  pinned: false,
  decides: false,
  panels: 1,
})

const block = (id: string, start: string, end: string, more: Partial<Block> = {}): Block => ({
  id,
  what: 'Clean',
  zones: [],
  person: 'mira',
  start: `2026-06-01T${start}`,
  end: `2026-06-01T${end}`,
  handsMin: 10,
  waitMin: 0,
  rest: false,
  lays: false,
  pinned: false,
  decides: false,
  rounds: [],
  ...more,
})

describe('the timetable on paper', () => {
  it('adds minutes to a local time over midnight', () => {
    expect(plusMinutes('2026-06-01T23:50:00', 20)).toBe('2026-06-02T00:10:00')
    expect(minutesBetween('2026-06-01T09:00:00', '2026-06-01T10:30:30')).toBe(90.5)
  })

  it('snaps to the clock', () => {
    expect(snapped('2026-06-01T09:07:29', 5)).toBe('2026-06-01T09:05:00')
    expect(snapped('2026-06-01T09:07:31', 5)).toBe('2026-06-01T09:10:00')
  })

  it('stacks what overlaps and lines up what does not', () => {
    const { rows, placed } = packed(
      [
        bar('a', '09:00:00', '10:00:00'),
        bar('b', '09:30:00', '11:00:00'),
        bar('c', '10:00:00', '10:30:00'),
        bar('yesterday', '07:00:00', '08:00:00'),
      ],
      '2026-06-01T09:00:00',
      '2026-06-01T10:45:00',
    )
    expect(rows).toBe(2)
    expect(placed.map((p) => [p.bar.id, p.row, p.left, p.width])).toEqual([
      ['a', 0, 0, 60],
      ['b', 1, 30, 75],
      ['c', 0, 60, 30],
    ])
  })

  it('has a row for every person and one for the waits, or one for every zone', () => {
    const table = {
      lanes: [{ id: 'mira', label: 'Mira' }],
      zones: [{ id: 'rear', label: 'Rear' }],
      blocks: [
        block('receive', '09:00:00', '09:10:00', { zones: ['cabin'] }),
        block('clean', '09:10:00', '09:20:00', { zones: ['rear'] }),
      ],
      tasks: [
        task('clean', '09:10:00', '09:20:00', { person: 'mira', zone: 'rear' }),
        task('dry', '09:20:00', '09:50:00', { step: 'dry', zone: 'rear' }),
      ],
    } as unknown as Table
    const [from, until] = ['2026-06-01T09:00:00', '2026-06-01T12:00:00'] as const
    const said = (by: 'person' | 'zone') =>
      lanesOf(table, by, from, until).map((l) => [l.label, l.placed.map((p) => p.bar.id)])
    expect(said('person')).toEqual([
      ['Mira', ['receive', 'clean']],
      ['Drying, curing', ['dry']],
    ])
    expect(said('zone')).toEqual([
      ['Whole cabin', ['receive']],
      ['Rear', ['clean', 'dry']],
    ])
  })

  it('shows waits at the same time as one', () => {
    const dry = (start: string, end: string, panel: string) =>
      task(panel, start, end, { step: 'dry', surfaceIds: [panel] })
    const found = waitBars([
      dry('09:00:00', '09:30:00', 'one'),
      dry('09:10:00', '10:00:00', 'two'),
      task('cure', '09:20:00', '11:00:00', { step: 'wait', surfaceIds: ['one'] }),
      dry('10:30:00', '10:45:00', 'three'),
    ])
    expect(found.map((b) => [b.what, b.end.slice(11, 16), b.panels])).toEqual([
      ['Dries', '10:00', 2],
      ['Cures', '11:00', 1],
      ['Dries', '10:45', 1],
    ])
  })

  it('marks as many times as can be read', () => {
    const at = (px: number) => marks('2026-06-01T09:10:00', '2026-06-01T11:00:00', px).map((m) => m.left)
    expect(at(1)).toEqual([50, 110])
    expect(at(3)).toEqual([20, 50, 80, 110])
  })
})
