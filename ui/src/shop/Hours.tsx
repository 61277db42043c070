import { TextField } from '../parts/controls'
import { Amount } from '../shelf/record'
import { Days } from './Days'
import type { SettingsPart } from './settings'
import { Staff } from './Staff'
import { phrase } from './phrase'

/** When the shop is open, when its people rest, and who they are. */
export function Hours({ form, set, at }: SettingsPart) {
  const breaks = form.breaks ?? { everyMin: NaN, min: NaN }
  return (
    <fieldset className="grid gap-3">
      <legend className="text-do font-semibold">{phrase('hours-and-hands')}</legend>
      <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
        <TextField
          label={phrase('opens')}
          type="time"
          value={form.opens}
          onChange={(opens) => set({ opens })}
          fault={at('opens')}
        />
        <TextField
          label={phrase('closes')}
          type="time"
          value={form.closes}
          onChange={(closes) => set({ closes })}
          fault={at('closes')}
        />
        <Amount
          label={phrase('one-stroke-of-a-trigger')}
          value={form.triggerMl}
          onChange={(v) => set({ triggerMl: v ?? NaN })}
          fault={at('triggerMl')}
        />
      </div>
      <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
        <Amount
          label={phrase('a-rest-after-min-of')}
          value={breaks.everyMin}
          onChange={(everyMin) => set({ breaks: { ...breaks, everyMin: everyMin ?? NaN } })}
          fault={at('breaks/everyMin')}
        />
        <Amount
          label={phrase('a-rest-is-min')}
          value={breaks.min}
          onChange={(min) => set({ breaks: { ...breaks, min: min ?? NaN } })}
          fault={at('breaks/min')}
        />
      </div>
      <Days label={phrase('closed-on')} days={form.closed} onChange={(closed) => set({ closed })} />
      <Staff form={form} set={set} at={at} />
    </fieldset>
  )
}
