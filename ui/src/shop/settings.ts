import type { Schemas } from '../api/client'

export type Settings = Schemas['ShopSettings']
export type Person = Schemas['Person']

/** A part of the shop's form: what is set so far, how to set more, and what is wrong with a field. */
export type SettingsPart = {
  form: Settings
  set: (part: Partial<Settings>) => void
  at: (field: string) => string | undefined
}

/** What was changed here, on what somebody else has saved meanwhile. */
export function onTop(form: Settings, was: Settings, now: Settings): Settings {
  const same = (field: keyof Settings) => JSON.stringify(form[field]) === JSON.stringify(was[field])
  const mine = (Object.keys(form) as (keyof Settings)[]).filter((f) => f !== 'version' && !same(f))
  return { ...now, ...Object.fromEntries(mine.map((field) => [field, form[field]])) }
}
