const spoken: Record<string, string> = { 'food-drink': 'food or drink', 'shoe-scuff': 'shoe marks' }

/** A code as a practitioner would say it: skin-oil is skin oil. */
export const say = (code: string) => spoken[code] ?? code.replace(/[-_]/g, ' ').toLowerCase()

/** With a capital, for the start of a label. */
export const Say = (code: string) => {
  const words = say(code)
  return words.charAt(0).toUpperCase() + words.slice(1)
}

export const plural = (n: number, one: string, many = one + 's') => `${n} ${n === 1 ? one : many}`

export const ml = (value: number) => (value >= 100 ? Math.round(value) : Math.round(value * 10) / 10) + ' ml'

/** Seconds as m:ss, or h:mm:ss from an hour on; never negative. */
export function clock(seconds: number): string {
  const s = Math.max(0, Math.round(seconds))
  const parts = [Math.floor(s / 3600), Math.floor((s % 3600) / 60), s % 60] as const
  const tail = String(parts[2]).padStart(2, '0')
  return parts[0] > 0 ? `${parts[0]}:${String(parts[1]).padStart(2, '0')}:${tail}` : `${parts[1]}:${tail}`
}

/** Seconds in words for a wait: 45 s, 2.5 min, 7 min, 2 h. */
export function lasting(seconds: number): string {
  if (seconds < 120) return `${Math.round(seconds)} s`
  if (seconds < 600) return `${Math.round(seconds / 30) / 2} min`
  if (seconds < 5400) return `${Math.round(seconds / 60)} min`
  return `${Math.round(seconds / 360) / 10} h`
}

export const range = (low: number, high: number) => (low === high ? `${low}` : `${low} to ${high}`)

const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })
const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' })

/** A local time of the server as today's clock time, or with its day. */
export function when(local: string, today = new Date()): string {
  const date = new Date(local)
  return isToday(local, today) ? time.format(date) : `${day.format(date)}, ${time.format(date)}`
}

export const isToday = (local: string, today = new Date()) =>
  new Date(local).toDateString() === today.toDateString()
export const dayOf = (local: string) => day.format(new Date(local))
export const timeOf = (local: string) => time.format(new Date(local))
