import { Tick } from '../parts/controls'
import { Amount } from '../shelf/record'
import type { SettingsPart } from './settings'
import { phrase } from './phrase'

/** What mixes are made with. */
export function Water({ form, set, at }: SettingsPart) {
  return (
    <fieldset className="grid gap-3">
      <legend className="text-do font-semibold">{phrase('water-for-mixes')}</legend>
      <div className="grid gap-4 sm:grid-cols-2">
        <Amount
          label={phrase('tap-water-ph')}
          value={form.tapPh}
          onChange={(v) => set({ tapPh: v ?? NaN })}
          disabled={form.deionised}
          fault={at('tapPh')}
        />
        <Amount
          label={phrase('its-alkalinity-mmol-l')}
          value={form.alkalinity}
          onChange={(v) => set({ alkalinity: v ?? NaN })}
          disabled={form.deionised}
          note={phrase('from-the-waterworks-hard-water')}
          fault={at('alkalinity')}
        />
      </div>
      <Tick
        label={phrase('mixes-are-made-with-de')}
        checked={form.deionised}
        onChange={(deionised) => set({ deionised })}
      />
    </fieldset>
  )
}
