import { Tick } from '../parts/controls'
import { Amount } from '../shelf/record'
import type { SettingsPart } from './settings'

/** What mixes are made with. */
export function Water({ form, set, at }: SettingsPart) {
  return (
    <fieldset className="grid gap-3">
      <legend className="text-do font-semibold">Water for mixes</legend>
      <div className="grid gap-4 sm:grid-cols-2">
        <Amount
          label="Tap water, pH"
          value={form.tapPh}
          onChange={(v) => set({ tapPh: v ?? NaN })}
          disabled={form.deionised}
          fault={at('tapPh')}
        />
        <Amount
          label="Its alkalinity, mmol/l"
          value={form.alkalinity}
          onChange={(v) => set({ alkalinity: v ?? NaN })}
          disabled={form.deionised}
          note="From the waterworks; hard water pulls a thin mix"
          fault={at('alkalinity')}
        />
      </div>
      <Tick
        label="Mixes are made with de-ionised water"
        checked={form.deionised}
        onChange={(deionised) => set({ deionised })}
      />
    </fieldset>
  )
}
