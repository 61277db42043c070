import type { Schemas } from '../api/client'
import { localOf, msOf } from '../api/clock'

export type Table = Schemas['TimetableView']
export type Task = Schemas['TaskView']

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

export type Placed = { task: Task; row: number; left: number; width: number }
export type Lane = { id: string; label: string; rows: number; placed: Placed[] }

/** Puts tasks that overlap into rows of their own, as few as can be. */
export function packed(tasks: Task[], from: string, until: string): { rows: number; placed: Placed[] } {
  const ends: number[] = []
  const most = minutesBetween(from, until)
  const placed: Placed[] = []
  for (const task of tasks) {
    const left = Math.max(0, minutesBetween(from, task.start))
    const right = Math.min(most, minutesBetween(from, task.end))
    if (right <= left) continue
    const free = ends.findIndex((end) => end <= left)
    const row = free < 0 ? ends.length : free
    ends[row] = right
    placed.push({ task, row, left, width: right - left })
  }
  return { rows: Math.max(1, ends.length), placed }
}

/** Waits at the same time as one, with how many panels they are of. */
export function merged(waits: Task[]): Task[] {
  const together: Task[] = []
  for (const wait of waits) {
    const open = together.find((t) => t.step === wait.step && t.about === wait.about && t.end >= wait.start)
    if (!open) together.push({ ...wait, surfaceIds: [...wait.surfaceIds] })
    else {
      open.end = wait.end > open.end ? wait.end : open.end
      open.surfaceIds.push(...wait.surfaceIds)
      open.where = `${open.surfaceIds.length} panels`
    }
  }
  return together
}

/** The rows of one visit: by person with the waits below, or by zone with its waits in it. */
export function lanesOf(table: Table, by: 'person' | 'zone', from: string, until: string): Lane[] {
  const lane = (id: string, label: string, tasks: Task[]) => ({ id, label, ...packed(tasks, from, until) })
  if (by === 'person') {
    const people = table.lanes.map(({ id, label }) =>
      lane(
        id,
        label,
        table.tasks.filter((t) => t.person === id),
      ),
    )
    const waits = lane('waits', 'Drying, curing', merged(table.tasks.filter((t) => !t.person)))
    return waits.placed.length > 0 ? [...people, waits] : people
  }
  const cabin = lane(
    'cabin',
    'Whole cabin',
    table.tasks.filter((t) => !t.zone),
  )
  const zones = table.zones.map(({ id, label }) =>
    lane(id, label, [
      ...table.tasks.filter((t) => t.zone === id && t.person),
      ...merged(table.tasks.filter((t) => t.zone === id && !t.person)),
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
