import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Plus, X } from 'lucide-react'
import { useState, type FormEvent } from 'react'
import { api, need, type Schemas } from '../api/client'
import { shopQuery } from '../api/queries'
import { Button, ButtonLink, Field, OneOf, Pick, TextField, Tick } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { Amount, faultAt, faultsOf } from '../shelf/record'
import { Crew } from '../crew/Crew'
import { Backups } from './Backups'
import { Days } from './Days'
import { Devices } from './Devices'
import { Keeping } from './Keeping'
import { Learning } from './Learning'
import { Papers } from './Papers'
import { Selling } from './Selling'

type Settings = Schemas['ShopSettings']

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

export function ShopView() {
  const shop = useQuery(shopQuery)
  if (shop.isPending) return <Loading what="the shop" />
  if (shop.isError)
    return (
      <div className="p-4">
        <Trouble error={shop.error} again={() => void shop.refetch()} />
      </div>
    )
  return <ShopForm key={shop.data.version} start={shop.data} />
}

function ShopForm({ start }: { start: Settings }) {
  const client = useQueryClient()
  const [form, setForm] = useState(start)
  const set = (part: Partial<Settings>) => setForm((before) => ({ ...before, ...part }))
  const save = useMutation({
    mutationFn: () => need(api.PUT('/api/v1/shop', { body: form })),
    onSuccess: (fresh) => {
      client.setQueryData(shopQuery.queryKey, fresh)
      void client.invalidateQueries({ queryKey: ['job'] })
      void client.invalidateQueries({ queryKey: ['shelf'] })
    },
  })
  const breaks = form.breaks ?? { everyMin: NaN, min: NaN }
  const at = (field: string) => faultAt(faultsOf(save.error), field)
  const changed = JSON.stringify(form) !== JSON.stringify(start)
  const submit = (event: FormEvent) => {
    event.preventDefault()
    save.mutate()
  }
  const person = (i: number, part: Partial<Schemas['Person']>) =>
    set({ people: form.people.map((p, j) => (i === j ? { ...p, ...part } : p)) })
  return (
    <div className="mx-auto grid w-full max-w-5xl gap-5 p-3 md:grid-cols-[1.4fr_1fr] md:p-6">
      <form onSubmit={submit} className="grid content-start gap-6">
        <div className="flex flex-wrap items-end justify-between gap-3">
          <h1 className="text-head">Shop</h1>
          <ButtonLink to="/rules">House rules</ButtonLink>
        </div>
        <TextField
          label="Name on hand-overs and labels"
          value={form.name}
          onChange={(name) => set({ name })}
          maxLength={120}
          fault={at('name')}
        />
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
        <fieldset className="grid gap-3">
          <legend className="text-do font-semibold">Hours and hands</legend>
          <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
            <TextField
              label="Opens"
              type="time"
              value={form.opens}
              onChange={(opens) => set({ opens })}
              fault={at('opens')}
            />
            <TextField
              label="Closes"
              type="time"
              value={form.closes}
              onChange={(closes) => set({ closes })}
              fault={at('closes')}
            />
            <Amount
              label="One stroke of a trigger, ml"
              value={form.triggerMl}
              onChange={(v) => set({ triggerMl: v ?? NaN })}
              fault={at('triggerMl')}
            />
          </div>
          <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
            <Amount
              label="A rest after, min of work"
              value={breaks.everyMin}
              onChange={(everyMin) => set({ breaks: { ...breaks, everyMin: everyMin ?? NaN } })}
              fault={at('breaks/everyMin')}
            />
            <Amount
              label="A rest is, min"
              value={breaks.min}
              onChange={(min) => set({ breaks: { ...breaks, min: min ?? NaN } })}
              fault={at('breaks/min')}
            />
          </div>
          <Days label="Closed on" days={form.closed} onChange={(closed) => set({ closed })} />
          <ul className="grid gap-2">
            {form.people.map((p, i) => (
              <li
                key={i}
                className="grid grid-cols-2 items-end gap-x-3 gap-y-1 border-t border-line pt-2 sm:grid-cols-[1.4fr_1fr_1fr_auto]"
              >
                <TextField
                  label={`Person ${i + 1}`}
                  value={p.name}
                  onChange={(name) => person(i, { name })}
                  maxLength={80}
                />
                <TextField
                  label="Comes"
                  type="time"
                  value={p.comes ?? form.opens}
                  onChange={(comes) => person(i, { comes: comes === form.opens ? undefined : comes })}
                />
                <TextField
                  label="Goes"
                  type="time"
                  value={p.goes ?? form.closes}
                  onChange={(goes) => person(i, { goes: goes === form.closes ? undefined : goes })}
                  fault={at(`people/${i}/goes`)}
                />
                <Button
                  weight="quiet"
                  className="px-2"
                  aria-label={`Take out person ${i + 1}`}
                  disabled={form.people.length === 1}
                  onClick={() => set({ people: form.people.filter((_, j) => j !== i) })}
                >
                  <X size={18} aria-hidden="true" />
                </Button>
                <div className="col-span-full">
                  <Tick label="May coat" checked={p.coats} onChange={(coats) => person(i, { coats })} />
                  <Days
                    label={`${p.name || `Person ${i + 1}`} is off on`}
                    days={p.off}
                    not={form.closed}
                    onChange={(off) => person(i, { off })}
                    fault={at(`people/${i}/off`)}
                  />
                </div>
              </li>
            ))}
          </ul>
          <Button
            className="justify-self-start"
            onClick={() => set({ people: [...form.people, { name: '', coats: false }] })}
          >
            <Plus size={18} aria-hidden="true" /> Person
          </Button>
          {at('people') && <p className="text-note text-over">{at('people')}</p>}
        </fieldset>
        <fieldset className="grid gap-3">
          <legend className="text-do font-semibold">Prices</legend>
          <div className="grid gap-4 sm:grid-cols-2">
            <Amount
              label={`An hour of work, ${form.currency}`}
              value={form.hourlyRate ?? undefined}
              onChange={(hourlyRate) => set({ hourlyRate })}
              note="Before tax; quotes are made with it"
              fault={at('hourlyRate')}
            />
            <Amount
              label="Tax, %"
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
        <Papers papers={form.papers} onChange={(papers) => set({ papers })} at={at} />
        {save.error && <Trouble error={save.error} />}
        <div className="flex items-center gap-3">
          <Button type="submit" weight="main" disabled={save.isPending || !changed}>
            Save
          </Button>
          <span role="status" className="text-note text-faint">
            {changed ? '' : 'Saved'}
          </span>
        </div>
      </form>
      <div className="grid content-start gap-3">
        <Crew />
        <Devices />
        <Keeping />
        <Backups />
        <Learning />
      </div>
    </div>
  )
}
