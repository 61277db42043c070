import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, need, type Schemas } from '../api/client'
import { customersQuery, fleetsQuery, layoutsQuery } from '../api/queries'
import { Button, Field, OneOf, Pick, TextField, Tick } from '../parts/controls'
import { Trouble } from '../parts/Notice'

type Part = { form: Schemas['VehicleForm']; set: (part: Partial<Schemas['VehicleForm']>) => void }

const NOBODY = 'nobody'
const whole = (text: string) => (text.trim() === '' ? undefined : Number(text.replace(/\D/g, '')))

/** What is known of a vehicle. */
export function VehicleFields({ form, set }: Part) {
  const layouts = useQuery(layoutsQuery)
  return (
    <>
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
      <OwnerField form={form} set={set} />
      <FleetField form={form} set={set} />
      <Tick
        label="What was used on it before is known, even if that is nothing"
        checked={form.historyKnown}
        onChange={(historyKnown) => set({ historyKnown })}
      />
    </>
  )
}

function OwnerField({ form, set }: Part) {
  const customers = useQuery(customersQuery(''))
  return (
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
      {addFleet.error && <Trouble error={addFleet.error} />}
    </>
  )
}
