import type { Schemas } from '../api/client'
import { localOf, msOf } from '../api/clock'
import { phrase } from './phrase'

export type Table = Schemas['TimetableView']
export type Task = Schemas['TaskView']
export type Block = Schemas['BlockView']

const MINUTE = 60_000

export const minutesBetween = (from: string, to: string) => (msOf(to) - msOf(from)) / MINUTE

/** A local time some minutes on, written as the server writes it. */
export function plusMinutes(local: string, minutes: number): string {
  return localOf(msOf(local) + minutes * MINUTE).slice(0, 19)
}

/** To the nearest so many minutes of the clock. */
export function snapped(local: string, step: number): string {
  const past = (msOf(local) / MINUTE) % 60
  return plusMinutes(local, Math.round(past / step) * step - past)
}

/** What the strip shows: a block of work, a rest, or waits that go on meanwhile. */
export type Bar = {
  id: string
  what: string
  where?: string
  person?: string
  /** The same as people are called. */
  who?: string
  zones: string[]
  start: string
  end: string
  rest: boolean
  lays: boolean
  pinned: boolean
  /** Later here is later ready. */
  decides: boolean
  /** Hands and standing by, in minutes; undefined for a wait that needs nobody. */
  hands?: number
  waits?: number
  panels: number
}

export type Placed = { bar: Bar; row: number; left: number; width: number }
export type Lane = { id: string; label: string; rows: number; placed: Placed[] }

/** More places than these are counted, so that what is done there can be read. */
const NAMED_MOST = 3

const blockBar = (block: Block): Bar => ({
  ...block,
  where: block.zones.length > NAMED_MOST ? phrase('places', { zones: block.zones.length }) : block.where,
  panels: new Set(block.rounds.flatMap((round) => round.surfaceIds)).size,
  hands: block.handsMin,
  waits: block.waitMin,
})

const names: Partial<Record<Task['step'], string>> = { dry: phrase('dries'), wait: phrase('cures') }

/** Waits at the same time as one, with how many panels they are of. */
export function waitBars(tasks: Task[]): Bar[] {
  const together: Bar[] = []
  for (const task of tasks) {
    if (task.person) continue
    const what = task.about ?? names[task.step] ?? phrase('waits')
    const zones = task.zone ? [task.zone] : []
    const open = together.find((bar) => bar.what === what && bar.end >= task.start)
    if (open) {
      open.end = task.end > open.end ? task.end : open.end
      open.panels += task.surfaceIds.length
      open.where = phrase('panels', { panels: open.panels })
      open.zones.push(...zones.filter((zone) => !open.zones.includes(zone)))
    } else {
      together.push({
        id: task.id,
        what,
        where: task.where,
        zones,
        start: task.start,
        end: task.end,
        rest: false,
        lays: false,
        pinned: false,
        decides: false,
        panels: task.surfaceIds.length,
      })
    }
  }
  return together
}

/** Puts bars that overlap into rows of their own, as few as can be. */
export function packed(bars: Bar[], from: string, until: string): { rows: number; placed: Placed[] } {
  const ends: number[] = []
  const most = minutesBetween(from, until)
  const placed: Placed[] = []
  for (const bar of bars) {
    const left = Math.max(0, minutesBetween(from, bar.start))
    const right = Math.min(most, minutesBetween(from, bar.end))
    if (right <= left) continue
    const free = ends.findIndex((end) => end <= left)
    const row = free < 0 ? ends.length : free
    ends[row] = right
    placed.push({ bar, row, left, width: right - left })
  }
  return { rows: Math.max(1, ends.length), placed }
}

/** The rows of one visit: by person with the waits below, or by zone with its waits in it. */
export function lanesOf(table: Table, by: 'person' | 'zone', from: string, until: string): Lane[] {
  const lane = (id: string, label: string, bars: Bar[]) => ({ id, label, ...packed(bars, from, until) })
  const called = new Map(table.lanes.map((person) => [person.id, person.label]))
  const work = table.blocks.map((block) => ({ ...blockBar(block), who: called.get(block.person) }))
  if (by === 'person') {
    const people = table.lanes.map(({ id, label }) =>
      lane(
        id,
        label,
        work.filter((bar) => bar.person === id),
      ),
    )
    const waits = lane('waits', phrase('drying-curing'), waitBars(table.tasks))
    return waits.placed.length > 0 ? [...people, waits] : people
  }
  const inZone = (id: string) => (bar: Bar) => bar.zones.includes(id)
  const known = new Set(table.zones.map((zone) => zone.id))
  const cabin = lane(
    'cabin',
    phrase('whole-cabin'),
    work.filter((bar) => !bar.zones.some((zone) => known.has(zone))),
  )
  const zones = table.zones.map(({ id, label }) =>
    lane(id, label, [
      ...work.filter(inZone(id)),
      ...waitBars(table.tasks.filter((task) => task.zone === id)),
    ]),
  )
  return [cabin, ...zones].filter((l) => l.placed.length > 0)
}

/** Full hours, halves or quarters inside a stretch, as near as they stay readable. */
export function marks(from: string, until: string, pxPerMinute: number): { at: string; left: number }[] {
  const step = pxPerMinute >= 6 ? 10 : pxPerMinute >= 3 ? 30 : 60
  const first = snapped(plusMinutes(from, step / 2 - 0.001), step)
  const found = []
  for (let at = first; minutesBetween(at, until) >= 0; at = plusMinutes(at, step)) {
    found.push({ at, left: minutesBetween(from, at) })
  }
  return found
}
