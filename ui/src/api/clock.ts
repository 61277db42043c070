/**
 * The shop's clock. The server says its local time with every answer; screens go by that, whatever
 * clock and zone their device has. Local times are read as if they were UTC, so that no hour of a
 * day is missing or doubled when clocks change.
 */

let aheadMs: number | undefined
let heardMs = 0

/** What the wall showed before and after clocks were put forward or back in the last days. */
let changed: { before: number; after: number } | undefined

/** Milliseconds on a scale of local time of what the server writes as YYYY-MM-DDTHH:MM[:SS[.mmm]]. */
export const msOf = (local: string): number => Date.parse(`${local}Z`)

/** The same for a library that asks for dates. */
export const dateOf = (local: string): Date => new Date(msOf(local))

/** A moment as the server writes times: local, to the millisecond. */
export const localOf = (ms: number): string => new Date(ms).toISOString().slice(0, 23)

/** Takes what the server said the time is, and how its clocks were changed of late. */
export function heardTime(local: string | null, change: string | null = null) {
  const ms = local === null ? NaN : msOf(local)
  if (Number.isNaN(ms)) return
  aheadMs = ms - Date.now()
  heardMs = ms
  const [before = NaN, after = NaN] = change?.split('/').map(msOf) ?? []
  changed = before + after ? { before, after } : undefined
}

/**
 * How long it has been since a local time, in milliseconds: what dries does not know of the clock on
 * the wall. Where the wall shows an hour twice the shorter time is taken, so that no wait ends early.
 */
export function sinceMs(local: string, now: number): number {
  const from = msOf(local)
  if (!changed) return now - from
  const { before, after } = changed
  const last = Math.max(before, after)
  const over = from < Math.min(before, after) && now >= last && heardMs >= last
  return now - from - (over ? after - before : 0)
}

/** Now at the shop; by the device until the server has said anything. */
export function nowMs(): number {
  const device = Date.now()
  return device + (aheadMs ?? -new Date(device).getTimezoneOffset() * 60_000)
}

/** Now on the device, only to tell how long ago something was heard. */
export const deviceMs = (): number => Date.now()
