import { Field, OneOf, Pick, TextField } from '../parts/controls'
import type { SettingsPart } from './settings'

const languages = [
  { value: 'en-GB', label: 'English, 25 Nov' },
  { value: 'en-US', label: 'English, Nov 25' },
  { value: 'de-DE', label: 'Deutsch' },
  { value: 'fr-FR', label: 'Français' },
  { value: 'es-ES', label: 'Español' },
  { value: 'it-IT', label: 'Italiano' },
  { value: 'nl-NL', label: 'Nederlands' },
  { value: 'sv-SE', label: 'Svenska' },
]

/** Units, currency and dates. */
export function Writing({ form, set, at }: SettingsPart) {
  return (
    <fieldset className="grid gap-3">
      <legend className="text-do font-semibold">How things are written</legend>
      <OneOf
        label="Units on screen"
        value={form.units}
        options={[
          { value: 'metric', label: 'Metric' },
          { value: 'us', label: 'US' },
        ]}
        onChange={(units) => set({ units })}
      />
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField
          label="Currency"
          value={form.currency}
          maxLength={3}
          onChange={(v) => set({ currency: v.toUpperCase() })}
          fault={at('currency')}
        />
        <Field label="Dates in">
          <Pick
            label="Dates in"
            value={form.locale}
            options={languages}
            onChange={(locale) => set({ locale })}
          />
        </Field>
      </div>
    </fieldset>
  )
}
