import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, need, type Schemas } from '../api/client'
import { customersQuery, fleetsQuery, layoutsQuery } from '../api/queries'
import { Button, Field, OneOf, Pick, TextField, Tick } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { phrase } from './phrase'

type Part = { form: Schemas['VehicleForm']; set: (part: Partial<Schemas['VehicleForm']>) => void }

const NOBODY = 'nobody'
const whole = (text: string) => (text.trim() === '' ? undefined : Number(text.replace(/\D/g, '')))

/** What is known of a vehicle. */
export function VehicleFields({ form, set }: Part) {
  const layouts = useQuery(layoutsQuery)
  return (
    <>
      <TextField
        label={phrase('maker-and-model')}
        value={form.label}
        onChange={(label) => set({ label })}
        maxLength={200}
        required
      />
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField
          label={phrase('plate-or-berth')}
          value={form.plate ?? ''}
          onChange={(plate) => set({ plate })}
          maxLength={20}
        />
        <TextField
          label={phrase('trim-level-as-the-builder')}
          value={form.trim ?? ''}
          onChange={(trim) => set({ trim })}
          maxLength={120}
        />
        <TextField
          label={phrase('built-year')}
          inputMode="numeric"
          value={form.builtYear === undefined ? '' : String(form.builtYear)}
          onChange={(v) => set({ builtYear: whole(v) })}
          maxLength={4}
        />
        <TextField
          label={phrase('odometer-km')}
          inputMode="numeric"
          value={form.odometerKm === undefined ? '' : String(form.odometerKm)}
          onChange={(v) => set({ odometerKm: whole(v) })}
          maxLength={9}
        />
      </div>
      <OneOf
        label={phrase('layout')}
        value={form.layout}
        onChange={(layout) => set({ layout })}
        options={(layouts.data ?? []).map((l) => ({ value: l.code, label: l.name }))}
      />
      <OneOf
        label={phrase('wheel-on-the')}
        value={form.drive ?? 'left'}
        onChange={(drive) => set({ drive })}
        options={[
          { value: 'left', label: phrase('left') },
          { value: 'right', label: phrase('right') },
        ]}
      />
      <OwnerField form={form} set={set} />
      <FleetField form={form} set={set} />
      <Tick
        label={phrase('what-was-used-on-it')}
        checked={form.historyKnown}
        onChange={(historyKnown) => set({ historyKnown })}
      />
    </>
  )
}

function OwnerField({ form, set }: Part) {
  const customers = useQuery(customersQuery(''))
  return (
    <Field label={phrase('whose-it-is')}>
      <Pick
        label={phrase('whose-it-is')}
        value={form.customerId ?? NOBODY}
        options={[
          { value: NOBODY, label: phrase('not-noted') },
          ...(customers.data ?? []).map((c) => ({ value: c.id, label: c.name, hint: c.phone })),
        ]}
        onChange={(v) => set({ customerId: v === NOBODY ? undefined : v })}
      />
    </Field>
  )
}

function FleetField({ form, set }: Part) {
  const client = useQueryClient()
  const fleets = useQuery(fleetsQuery)
  const [fleetName, setFleetName] = useState('')
  const addFleet = useMutation({
    mutationFn: () => need(api.POST('/api/v1/fleets', { body: { name: fleetName } })),
    onSuccess: (fleet) => {
      setFleetName('')
      set({ fleetId: fleet.id })
      void client.invalidateQueries({ queryKey: fleetsQuery.queryKey })
    },
  })
  return (
    <>
      <Field label={phrase('fleet')}>
        <Pick
          label={phrase('fleet')}
          value={form.fleetId ?? NOBODY}
          options={[
            { value: NOBODY, label: phrase('none') },
            ...(fleets.data ?? []).map((f) => ({ value: f.id, label: f.name })),
          ]}
          onChange={(v) => set({ fleetId: v === NOBODY ? undefined : v })}
        />
      </Field>
      <div className="grid grid-cols-[1fr_auto] items-end gap-2">
        <TextField
          label={phrase('or-a-new-fleet')}
          value={fleetName}
          onChange={setFleetName}
          maxLength={120}
        />
        <Button onClick={() => addFleet.mutate()} disabled={fleetName.trim() === '' || addFleet.isPending}>
          {phrase('add-fleet')}
        </Button>
      </div>
      {addFleet.error && <Trouble error={addFleet.error} />}
    </>
  )
}
