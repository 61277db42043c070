import { useMutation, useQuery } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import { api, need } from '../api/client'
import type { components } from '../api/schema'
import { layoutsQuery, vehicleQuery, vehiclesQuery } from '../api/queries'
import { Button, OneOf, TextField } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { phrase } from './phrase'

type Draft = {
  label: string
  plate: string
  title: string
  layout: string
  drive: string
  builtYear: string
  odometerKm: string
}

const empty: Draft = {
  label: '',
  plate: '',
  title: '',
  layout: 'five-seat',
  drive: 'left',
  builtYear: '',
  odometerKm: '',
}
type Layouts = components['schemas']['LayoutChoice'][]
const hasDriveSide = (layouts: Layouts | undefined, code: string) =>
  layouts?.some((layout) => layout.code === code && layout.hasDriveSide)
const whole = (text: string) => (text.trim() === '' ? undefined : Number(text.replace(/[\s.,]/g, '')))
const LEAST_LETTERS = 3

export function NewJobView() {
  const navigate = useNavigate()
  const [query, setQuery] = useSearchParams()
  const layouts = useQuery(layoutsQuery)
  const vehicleId = query.get('vehicle') ?? undefined
  const [draft, setDraft] = useState(empty)
  const set = (part: Partial<Draft>) => setDraft((before) => ({ ...before, ...part }))
  const typed = draft.label.trim()
  const known = useQuery({
    ...vehiclesQuery(typed),
    enabled: !vehicleId && typed.length >= LEAST_LETTERS,
  })
  const create = useMutation({
    mutationFn: () =>
      need(
        api.POST('/api/v1/jobs', {
          body: vehicleId
            ? { title: draft.title, vehicleId }
            : {
                title: draft.title,
                vehicle: {
                  label: draft.label,
                  plate: draft.plate.trim() || undefined,
                  layout: draft.layout,
                  drive: hasDriveSide(layouts.data, draft.layout) ? draft.drive : undefined,
                  builtYear: whole(draft.builtYear),
                  odometerKm: whole(draft.odometerKm),
                },
              },
        }),
      ),
    onSuccess: (job) => void navigate(`/jobs/${job.id}/survey`),
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    create.mutate()
  }
  const offered = !vehicleId && typed.length >= LEAST_LETTERS ? (known.data ?? []).slice(0, 4) : []
  return (
    <form onSubmit={submit} className="mx-auto grid w-full max-w-2xl gap-5 p-3 md:p-6">
      <h1 className="text-head">{phrase('new-job')}</h1>
      {vehicleId ? (
        <Chosen id={vehicleId} onAnother={() => setQuery({}, { replace: true })} />
      ) : (
        <TextField
          label={phrase('vehicle-maker-and-model')}
          value={draft.label}
          onChange={(label) => set({ label })}
          placeholder={phrase('maker-and-model')}
          maxLength={200}
          required
        />
      )}
      {offered.length > 0 && (
        <div role="group" aria-label={phrase('known-vehicles')} className="-mt-3 grid gap-1.5">
          <span className="narrow text-note font-semibold text-faint">{phrase('been-here-before')}</span>
          {offered.map((v) => (
            <Button
              key={v.id}
              className="justify-start border-dashed text-left"
              onClick={() => setQuery({ vehicle: v.id }, { replace: true })}
            >
              {[v.label, v.plate, v.customer].filter(Boolean).join(' · ')}
            </Button>
          ))}
        </div>
      )}
      <TextField
        label={phrase('what-the-customer-wants')}
        value={draft.title}
        onChange={(title) => set({ title })}
        placeholder={phrase('denim-haze-off-then-coat')}
        maxLength={200}
        required
      />
      {!vehicleId && <NewVehicle draft={draft} set={set} />}
      {create.isError && <Trouble error={create.error} />}
      <div>
        <Button type="submit" weight="main" disabled={create.isPending}>
          {phrase('start-the-survey')}
        </Button>
      </div>
    </form>
  )
}

/** The vehicle the job is on. */
function Chosen({ id, onAnother }: { id: string; onAnother: () => void }) {
  const chosen = useQuery(vehicleQuery(id))
  return (
    <div className="lying flex flex-wrap items-center justify-between gap-3 p-3">
      {chosen.isPending && <Loading what={phrase('fetching-the-vehicle')} />}
      {chosen.isError && <Trouble error={chosen.error} />}
      {chosen.data && (
        <span>
          <span className="block text-do font-semibold">{chosen.data.form.label}</span>
          <span className="text-note text-faint">
            {[chosen.data.form.plate, chosen.data.customer?.name].filter(Boolean).join(' · ')}
          </span>
        </span>
      )}
      <Button onClick={onAnother}>{phrase('another-vehicle')}</Button>
    </div>
  )
}

/** What has to be known of a vehicle that was never here. */
function NewVehicle({ draft, set }: { draft: Draft; set: (part: Partial<Draft>) => void }) {
  const layouts = useQuery(layoutsQuery)
  return (
    <>
      {layouts.isPending && <Loading what={phrase('fetching-layouts')} />}
      {layouts.data && (
        <OneOf
          label={phrase('layout')}
          value={draft.layout}
          onChange={(layout) => set({ layout })}
          options={layouts.data.map((l) => ({
            value: l.code,
            label: l.panels > 0 ? phrase('panels', { name: l.name, panels: l.panels }) : l.name,
          }))}
        />
      )}
      {hasDriveSide(layouts.data, draft.layout) && (
        <OneOf
          label={phrase('wheel-on-the')}
          value={draft.drive}
          onChange={(drive) => set({ drive })}
          options={[
            { value: 'left', label: phrase('left') },
            { value: 'right', label: phrase('right') },
          ]}
        />
      )}
      <div className="grid gap-5 sm:grid-cols-3">
        <TextField
          label={phrase('plate-or-berth')}
          value={draft.plate}
          onChange={(plate) => set({ plate })}
          maxLength={20}
        />
        <TextField
          label={phrase('built-year-if-known')}
          inputMode="numeric"
          value={draft.builtYear}
          onChange={(builtYear) => set({ builtYear })}
          maxLength={6}
        />
        <TextField
          label={phrase('odometer-km-if-it-has')}
          inputMode="numeric"
          value={draft.odometerKm}
          onChange={(odometerKm) => set({ odometerKm })}
          maxLength={12}
        />
      </div>
      {layouts.isError && <Trouble error={layouts.error} />}
    </>
  )
}
