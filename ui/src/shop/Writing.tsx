import { Field, OneOf, Pick, TextField } from '../parts/controls'
import type { SettingsPart } from './settings'
import { phrase } from './phrase'

const languages = [
  { value: 'en-GB', label: phrase('english-25-nov') },
  { value: 'en-US', label: phrase('english-nov-25') },
  { value: 'de-DE', label: phrase('deutsch') },
  { value: 'fr-FR', label: phrase('fran-ais') },
  { value: 'es-ES', label: phrase('espa-ol') },
  { value: 'it-IT', label: phrase('italiano') },
  { value: 'nl-NL', label: phrase('nederlands') },
  { value: 'sv-SE', label: phrase('svenska') },
]

/** Units, currency and dates. */
export function Writing({ form, set, at }: SettingsPart) {
  return (
    <fieldset className="grid gap-3">
      <legend className="text-do font-semibold">{phrase('how-things-are-written')}</legend>
      <OneOf
        label={phrase('units-on-screen')}
        value={form.units}
        options={[
          { value: 'metric', label: phrase('metric') },
          { value: 'us', label: phrase('us') },
        ]}
        onChange={(units) => set({ units })}
      />
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField
          label={phrase('currency')}
          value={form.currency}
          maxLength={3}
          onChange={(v) => set({ currency: v.toUpperCase() })}
          fault={at('currency')}
        />
        <Field label={phrase('dates-in')}>
          <Pick
            label={phrase('dates-in')}
            value={form.locale}
            options={languages}
            onChange={(locale) => set({ locale })}
          />
        </Field>
      </div>
    </fieldset>
  )
}
