import { marked } from '../words/phrases'
import { localOf, msOf, nowMs } from '../api/clock'
import { phrase } from './phrase'

const spoken: Record<string, string> = {
  'food-drink': phrase('food-or-drink'),
  'shoe-scuff': phrase('shoe-marks'),
  wait: phrase('cure'),
}

const plain = (code: string) => spoken[code] ?? code.replace(/[-_]/g, ' ').toLowerCase()

/** A code as a practitioner would say it: skin-oil is skin oil. */
export const say = (code: string) => marked(plain(code))

/** With a capital, for the start of a label. */
export const Say = (code: string) => {
  const words = plain(code)
  return marked(words.charAt(0).toUpperCase() + words.slice(1))
}

/** How the shop writes amounts and dates; set once its settings are known. */
const shop = { us: false, locale: 'en-GB' }
const ML_PER_FL_OZ = 29.5735
const SQUARE_FEET_PER_M2 = 10.7639
const FEET_PER_M = 3.28084
const KM_PER_MILE = 1.609344

const short = (value: number) => (value >= 100 ? Math.round(value) : Math.round(value * 10) / 10)

export const ml = (value: number) =>
  shop.us ? phrase('fl-oz', { value: short(value / ML_PER_FL_OZ) }) : phrase('ml', { value: short(value) })
export const squareMetresShown = (value: number) =>
  shop.us
    ? phrase('sq-ft', { value: short(value * SQUARE_FEET_PER_M2) })
    : phrase('m2', { value: Math.round(value * 1000) / 1000 })
export const metres = (value: number) =>
  shop.us
    ? phrase('ft', { value: short(value * FEET_PER_M) })
    : phrase('m', { value: Math.round(value * 100) / 100 })
export const kilometres = (value: number) =>
  shop.us
    ? phrase('mi', { value: String(Math.round(value / KM_PER_MILE)) })
    : phrase('km', { value: String(Math.round(value)) })

/** Degrees as the shop reads them, for a field: the unit, and both ways. */
export const degrees = () =>
  shop.us
    ? {
        unit: '°F',
        shown: (c: number) => Math.round(c * 18 + 320) / 10,
        read: (f: number) => Math.round(((f - 32) / 1.8) * 10) / 10,
      }
    : { unit: '°C', shown: (c: number) => c, read: (c: number) => c }

/** Kilometres as the shop reads them, for a field. */
export const distances = () =>
  shop.us
    ? {
        unit: 'mi',
        shown: (km: number) => short(km / KM_PER_MILE),
        read: (miles: number) => Math.round(miles * KM_PER_MILE * 10) / 10,
      }
    : { unit: 'km', shown: (km: number) => km, read: (km: number) => km }

/** Seconds as m:ss, or h:mm:ss from an hour on; never negative. */
export function clock(seconds: number): string {
  const s = Math.max(0, Math.round(seconds))
  const parts = [Math.floor(s / 3600), Math.floor((s % 3600) / 60), s % 60] as const
  const tail = String(parts[2]).padStart(2, '0')
  return parts[0] > 0 ? `${parts[0]}:${String(parts[1]).padStart(2, '0')}:${tail}` : `${parts[1]}:${tail}`
}

/** Seconds in words for a wait: 45 s, 2.5 min, 7 min, 2 h. */
export function lasting(seconds: number): string {
  if (seconds < 120) return phrase('s', { seconds: Math.round(seconds) })
  if (seconds < 600) return phrase('min', { minutes: Math.round(seconds / 30) / 2 })
  if (seconds < 5400) return phrase('min', { minutes: Math.round(seconds / 60) })
  return phrase('h', { hours: Math.round(seconds / 360) / 10 })
}

/** Minutes of work: 45 min, 2 h 05. */
export const worked = (minutes: number) =>
  minutes < 60
    ? phrase('min', { minutes })
    : phrase('h-min', {
        hours: Math.floor(minutes / 60),
        minutes: String(minutes % 60).padStart(2, '0'),
      })

export const range = (low: number, high: number) =>
  low === high ? `${low}` : phrase('range', { low: String(low), high: String(high) })

let time: Intl.DateTimeFormat
let day: Intl.DateTimeFormat
let dayAndYear: Intl.DateTimeFormat

/** Takes the shop's units and language of dates. */
export function writeAs(settings: { units: string; locale: string }) {
  shop.us = settings.units === 'us'
  shop.locale = settings.locale
  time = new Intl.DateTimeFormat(shop.locale, { hour: '2-digit', minute: '2-digit', timeZone: 'UTC' })
  const parts = { day: 'numeric', month: 'short', timeZone: 'UTC' } as const
  day = new Intl.DateTimeFormat(shop.locale, { weekday: 'short', ...parts })
  dayAndYear = new Intl.DateTimeFormat(shop.locale, { ...parts, year: 'numeric' })
}
writeAs({ units: 'metric', locale: 'en-GB' })

/** An amount of money from its smallest unit. */
export const money = (minor: number, currency: string) =>
  new Intl.NumberFormat(shop.locale, { style: 'currency', currency }).format(minor / 100)

/** A local time of the server as today's clock time, or with its day. */
export function when(local: string, now = localOf(nowMs())): string {
  return isToday(local, now)
    ? timeOf(local)
    : phrase('day-and-time', { day: dayOf(local), time: timeOf(local) })
}

export const isToday = (local: string, now = localOf(nowMs())) => local.slice(0, 10) === now.slice(0, 10)

const NEAR_MS = 300 * 24 * 3_600_000

/** A day; further off than ten months, with its year. */
export const dayOf = (local: string, now = nowMs()) =>
  (Math.abs(msOf(local) - now) > NEAR_MS ? dayAndYear : day).format(msOf(local))
export const timeOf = (local: string) => time.format(msOf(local))

/** What is done or stands, and where, if that is said: "Clean: front left seat". */
export const placed = (what: string, where?: string | number | false | null) =>
  where === undefined || where === null || where === false || where === ''
    ? what
    : phrase('placed', { what, where })

/** A reading in the unit of its instrument; the moisture meter's scale has none. */
export const measured = (value: number, unit?: string) =>
  unit === '0-100' ? phrase('of-100', { value }) : `${value} ${unit ?? ''}`.trim()
