import { useMutation, useQuery } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useNavigate } from 'react-router'
import { api, need } from '../api/client'
import { layoutsQuery } from '../api/queries'
import { Button, Field, inputForm, OneOf } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'

type Draft = {
  vehicleLabel: string
  title: string
  layout: string
  drive: string
  builtYear: string
  odometerKm: string
}

const empty: Draft = {
  vehicleLabel: '',
  title: '',
  layout: 'five-seat',
  drive: 'left',
  builtYear: '',
  odometerKm: '',
}
/** Layouts with one wheel, on one side. */
const drivenFrom = (layout: string) =>
  ['two-seat', 'four-seat', 'five-seat', 'seven-seat', 'van'].includes(layout)
const whole = (text: string) => (text.trim() === '' ? undefined : Number(text.replace(/[\s.,]/g, '')))

export function NewJobView() {
  const layouts = useQuery(layoutsQuery)
  const navigate = useNavigate()
  const [draft, setDraft] = useState(empty)
  const set = (part: Partial<Draft>) => setDraft((before) => ({ ...before, ...part }))
  const create = useMutation({
    mutationFn: () =>
      need(
        api.POST('/api/v1/jobs', {
          body: {
            vehicleLabel: draft.vehicleLabel,
            title: draft.title,
            layout: draft.layout,
            drive: drivenFrom(draft.layout) ? draft.drive : undefined,
            builtYear: whole(draft.builtYear),
            odometerKm: whole(draft.odometerKm),
          },
        }),
      ),
    onSuccess: (job) => void navigate(`/jobs/${job.id}/survey`),
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    create.mutate()
  }
  return (
    <form onSubmit={submit} className="mx-auto grid w-full max-w-2xl gap-5 p-3 md:p-6">
      <h1 className="text-head">New job</h1>
      <label>
        <Field label="What stands there">
          <input
            className={inputForm}
            value={draft.vehicleLabel}
            onChange={(e) => set({ vehicleLabel: e.target.value })}
            placeholder="Maker, model, plate or berth"
            maxLength={200}
            required
            autoFocus
          />
        </Field>
      </label>
      <label>
        <Field label="What is wanted, in a few words">
          <input
            className={inputForm}
            value={draft.title}
            onChange={(e) => set({ title: e.target.value })}
            placeholder="Denim haze off, then coat"
            maxLength={200}
            required
          />
        </Field>
      </label>
      {layouts.isPending && <Loading what="layouts" />}
      {layouts.data && (
        <OneOf
          label="Layout"
          value={draft.layout}
          onChange={(layout) => set({ layout })}
          options={layouts.data.map((l) => ({
            value: l.code,
            label: l.panels > 0 ? `${l.name}, ${l.panels} panels` : l.name,
          }))}
        />
      )}
      {drivenFrom(draft.layout) && (
        <OneOf
          label="Wheel on the"
          value={draft.drive}
          onChange={(drive) => set({ drive })}
          options={[
            { value: 'left', label: 'Left' },
            { value: 'right', label: 'Right' },
          ]}
        />
      )}
      <div className="grid gap-5 sm:grid-cols-2">
        <label>
          <Field label="Built, year (if known)">
            <input
              className={inputForm}
              inputMode="numeric"
              pattern="[0-9 .,]*"
              title="Digits only"
              value={draft.builtYear}
              onChange={(e) => set({ builtYear: e.target.value })}
            />
          </Field>
        </label>
        <label>
          <Field label="Odometer, km (if it has one)">
            <input
              className={inputForm}
              inputMode="numeric"
              pattern="[0-9 .,]*"
              title="Digits only"
              value={draft.odometerKm}
              onChange={(e) => set({ odometerKm: e.target.value })}
            />
          </Field>
        </label>
      </div>
      {layouts.isError && <Trouble error={layouts.error} />}
      {create.isError && <Trouble error={create.error} />}
      <div>
        <Button type="submit" weight="main" disabled={create.isPending}>
          Lay the cabin open
        </Button>
      </div>
    </form>
  )
}
