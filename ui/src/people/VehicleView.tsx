import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Plus } from 'lucide-react'
import { useState, type FormEvent } from 'react'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import { api, need, type Schemas } from '../api/client'
import { customersQuery, fleetsQuery, historyQuery, layoutsQuery, vehicleQuery } from '../api/queries'
import { Button, ButtonLink, Field, OneOf, Pick, TextField, Tick } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { Standing } from './Standing'
import { dayOf, plural, Say } from '../parts/words'

type Form = Schemas['VehicleForm']
const NOBODY = 'nobody'
const whole = (text: string) => (text.trim() === '' ? undefined : Number(text.replace(/\D/g, '')))

export function VehicleView() {
  const { id } = useParams()
  const [query] = useSearchParams()
  const vehicle = useQuery({ ...vehicleQuery(id ?? ''), enabled: id !== undefined })
  if (id === undefined)
    return (
      <VehicleForm
        known={undefined}
        start={{
          label: '',
          layout: 'five-seat',
          historyKnown: false,
          customerId: query.get('customer') ?? undefined,
        }}
      />
    )
  if (vehicle.isPending) return <Loading what="the vehicle" />
  if (vehicle.isError)
    return (
      <div className="p-4">
        <Trouble error={vehicle.error} again={() => void vehicle.refetch()} />
      </div>
    )
  return (
    <VehicleForm key={`${id}-${vehicle.data.form.version}`} known={vehicle.data} start={vehicle.data.form} />
  )
}

function VehicleForm({ known, start }: { known: Schemas['VehicleView'] | undefined; start: Form }) {
  const client = useQueryClient()
  const navigate = useNavigate()
  const layouts = useQuery(layoutsQuery)
  const customers = useQuery(customersQuery(''))
  const fleets = useQuery(fleetsQuery)
  const [form, setForm] = useState<Form>(start)
  const [fleetName, setFleetName] = useState('')
  const set = (part: Partial<Form>) => setForm((before) => ({ ...before, ...part }))
  const settle = (fresh: Schemas['VehicleView']) => {
    client.setQueryData(vehicleQuery(fresh.id).queryKey, fresh)
    for (const key of ['vehicles', 'customers', 'customer', 'day'])
      void client.invalidateQueries({ queryKey: [key] })
    void client.invalidateQueries({ queryKey: historyQuery(fresh.id).queryKey })
  }
  const save = useMutation({
    mutationFn: () =>
      need(
        known
          ? api.PUT('/api/v1/vehicles/{id}', { params: { path: { id: known.id } }, body: form })
          : api.POST('/api/v1/vehicles', { body: form }),
      ),
    onSuccess: (fresh) => {
      settle(fresh)
      if (!known) void navigate(`/vehicles/${fresh.id}`, { replace: true })
    },
  })
  const merge = useMutation({
    mutationFn: (other: string) =>
      need(
        api.POST('/api/v1/vehicles/{id}/merge', {
          params: { path: { id: known?.id ?? '' } },
          body: { other },
        }),
      ),
    onSuccess: settle,
  })
  const addFleet = useMutation({
    mutationFn: () => need(api.POST('/api/v1/fleets', { body: { name: fleetName } })),
    onSuccess: (fleet) => {
      setFleetName('')
      set({ fleetId: fleet.id })
      void client.invalidateQueries({ queryKey: fleetsQuery.queryKey })
    },
  })
  const changed = JSON.stringify(form) !== JSON.stringify(known?.form)
  const submit = (event: FormEvent) => {
    event.preventDefault()
    save.mutate()
  }
  return (
    <div
      className={`mx-auto grid w-full max-w-6xl gap-5 p-3 md:p-6 ${known ? 'md:grid-cols-[1.2fr_1fr]' : 'md:max-w-2xl'}`}
    >
      <div className="flex flex-wrap items-end justify-between gap-3 md:col-span-full">
        <div>
          <h1 className="text-head">{known ? known.form.label : 'New vehicle'}</h1>
          {known?.customer && (
            <p>
              Of <Link to={`/customers/${known.customer.id}`}>{known.customer.name}</Link>
              {known.fleet && `, fleet ${known.fleet.name}`}
            </p>
          )}
        </div>
        {known && (
          <ButtonLink to={`/new?vehicle=${known.id}`} weight="main">
            <Plus size={18} aria-hidden="true" /> New job on it
          </ButtonLink>
        )}
      </div>
      <form
        onSubmit={submit}
        className={`grid content-start gap-4 ${known ? 'md:order-last' : ''} max-md:order-last`}
      >
        <TextField
          label="Maker and model"
          value={form.label}
          onChange={(label) => set({ label })}
          maxLength={200}
          required
        />
        <div className="grid gap-4 sm:grid-cols-2">
          <TextField
            label="Plate or berth"
            value={form.plate ?? ''}
            onChange={(plate) => set({ plate })}
            maxLength={20}
          />
          <TextField
            label="Trim level, as the builder calls it"
            value={form.trim ?? ''}
            onChange={(trim) => set({ trim })}
            maxLength={120}
          />
          <TextField
            label="Built, year"
            inputMode="numeric"
            value={form.builtYear === undefined ? '' : String(form.builtYear)}
            onChange={(v) => set({ builtYear: whole(v) })}
            maxLength={4}
          />
          <TextField
            label="Odometer, km"
            inputMode="numeric"
            value={form.odometerKm === undefined ? '' : String(form.odometerKm)}
            onChange={(v) => set({ odometerKm: whole(v) })}
            maxLength={9}
          />
        </div>
        <OneOf
          label="Layout"
          value={form.layout}
          onChange={(layout) => set({ layout })}
          options={(layouts.data ?? []).map((l) => ({ value: l.code, label: l.name }))}
        />
        <OneOf
          label="Wheel on the"
          value={form.drive ?? 'left'}
          onChange={(drive) => set({ drive })}
          options={[
            { value: 'left', label: 'Left' },
            { value: 'right', label: 'Right' },
          ]}
        />
        <Field label="Whose it is">
          <Pick
            label="Whose it is"
            value={form.customerId ?? NOBODY}
            options={[
              { value: NOBODY, label: 'Not noted' },
              ...(customers.data ?? []).map((c) => ({ value: c.id, label: c.name, hint: c.phone })),
            ]}
            onChange={(v) => set({ customerId: v === NOBODY ? undefined : v })}
          />
        </Field>
        <Field label="Fleet">
          <Pick
            label="Fleet"
            value={form.fleetId ?? NOBODY}
            options={[
              { value: NOBODY, label: 'None' },
              ...(fleets.data ?? []).map((f) => ({ value: f.id, label: f.name })),
            ]}
            onChange={(v) => set({ fleetId: v === NOBODY ? undefined : v })}
          />
        </Field>
        <div className="grid grid-cols-[1fr_auto] items-end gap-2">
          <TextField label="Or a new fleet" value={fleetName} onChange={setFleetName} maxLength={120} />
          <Button onClick={() => addFleet.mutate()} disabled={fleetName.trim() === '' || addFleet.isPending}>
            Add fleet
          </Button>
        </div>
        <Tick
          label="What was used on it before is known, even if that is nothing"
          checked={form.historyKnown}
          onChange={(historyKnown) => set({ historyKnown })}
        />
        {(save.error ?? addFleet.error) && <Trouble error={save.error ?? addFleet.error} />}
        <div className="flex flex-wrap items-center gap-3">
          <Button
            type="submit"
            weight="main"
            disabled={save.isPending || !changed || form.label.trim() === ''}
          >
            Save
          </Button>
          <span role="status" className="text-note text-faint">
            {known && !changed && 'Saved'}
          </span>
        </div>
      </form>
      {known && (
        <div className="grid content-start gap-4">
          <section aria-label="How it stands" className="lying p-3">
            <Standing vehicleId={known.id} />
          </section>
          <History id={known.id} />
          {known.likelySame.length > 0 && (
            <section aria-label="Perhaps the same vehicle" className="lying border-l-4 border-l-care p-3">
              <h2 className="text-do">Perhaps the same vehicle</h2>
              <p className="text-note text-faint">Its jobs and what was used come over, and it is gone.</p>
              <ul className="mt-2 divide-y divide-line">
                {known.likelySame.map((other) => (
                  <li key={other.id} className="flex items-center justify-between gap-3 py-1">
                    <span>
                      {other.label}
                      <span className="block text-note text-faint">
                        {[other.plate, other.customer].filter(Boolean).join(' · ') || 'no plate, no customer'}
                      </span>
                    </span>
                    <Button onClick={() => merge.mutate(other.id)} disabled={merge.isPending}>
                      Take it in
                    </Button>
                  </li>
                ))}
              </ul>
              {merge.error && <Trouble error={merge.error} />}
            </section>
          )}
        </div>
      )}
    </div>
  )
}

/** How a visit's work went: time, what came with what, sheen, exposure. */
function HowItWent({ run }: { run: Schemas['RunOfVisit'] }) {
  const lines = [
    run.workedMin > 0 ? [`Worked ${run.workedMin} min, planned ${run.plannedMin}`] : [],
    run.sheen.length > 0 ? [`Sheen, ${run.sheen.join('; ')}`] : [],
    run.exposure.length > 0 ? [`Exposure, ${run.exposure.join('; ')}`] : [],
  ].flat()
  return (
    <>
      {lines.map((text) => (
        <li key={text}>{text}</li>
      ))}
      {run.came.length > 0 && (
        <li>
          <details>
            <summary className="flex min-h-11 cursor-pointer items-center font-semibold">
              What was enough on this car
            </summary>
            <ul className="list-[square] pl-5">
              {run.came.map((text) => (
                <li key={text}>{text}</li>
              ))}
            </ul>
          </details>
        </li>
      )}
    </>
  )
}

/** Visits, and what was used at each. */
function History({ id }: { id: string }) {
  const history = useQuery(historyQuery(id))
  if (history.isPending) return <Loading what="its history" />
  if (history.isError) return <Trouble error={history.error} again={() => void history.refetch()} />
  const { visits, assumed } = history.data
  return (
    <section aria-label="Visits" className="lying p-3">
      <h2 className="text-do">{plural(visits.length, 'visit')}</h2>
      {assumed.length > 0 && (
        <div className="mt-2 border-l-4 border-l-care pl-3">
          <p className="font-semibold">Nothing is known of earlier care, so this is assumed:</p>
          <ul className="list-[square] pl-5">
            {assumed.map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ul>
        </div>
      )}
      <ol className="mt-2 divide-y divide-line">
        {visits.map((v) => (
          <li key={v.jobId} className="py-2">
            <Link to={`/jobs/${v.jobId}`} className="font-semibold">
              {dayOf(v.day)}: {v.title}
            </Link>
            {v.used.length === 0 ? (
              <span className="block text-note text-faint">
                {v.state === 'HANDED_OVER' ? 'nothing wet was used' : 'not handed over yet'}
              </span>
            ) : (
              <ul className="text-note">
                {v.run && <HowItWent run={v.run} />}
                {v.used.map((u) => (
                  <li key={u.step + u.product}>
                    {Say(u.step)}: {u.product}{' '}
                    <span className="text-faint">
                      on {u.panels.slice(0, 3).join('; ')}
                      {u.panels.length > 3 && ` and ${plural(u.panels.length - 3, 'more panel')}`}
                    </span>
                  </li>
                ))}
              </ul>
            )}
          </li>
        ))}
      </ol>
    </section>
  )
}
