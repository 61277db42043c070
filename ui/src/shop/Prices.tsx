import { Amount } from '../shelf/record'
import { Selling } from './Selling'
import type { SettingsPart } from './settings'
import { phrase } from './phrase'

/** What an hour costs, and what is sold. */
export function Prices({ form, set, at }: SettingsPart) {
  return (
    <fieldset className="grid gap-3">
      <legend className="text-do font-semibold">{phrase('prices')}</legend>
      <div className="grid gap-4 sm:grid-cols-2">
        <Amount
          label={phrase('an-hour-of-work', { currency: form.currency })}
          value={form.hourlyRate ?? undefined}
          onChange={(hourlyRate) => set({ hourlyRate })}
          note={phrase('before-tax-quotes-are-made')}
          fault={at('hourlyRate')}
        />
        <Amount
          label={phrase('tax')}
          value={form.taxPercent ?? undefined}
          onChange={(taxPercent) => set({ taxPercent })}
          fault={at('taxPercent')}
        />
      </div>
      <Selling
        selling={form.selling}
        currency={form.currency}
        onChange={(selling) => set({ selling })}
        at={at}
      />
    </fieldset>
  )
}
