import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Gauge, X } from 'lucide-react'
import { useState, type FormEvent } from 'react'
import { api, need, type Schemas } from '../api/client'
import { jobQuery, readingsQuery } from '../api/queries'
import { Button, Field, inputForm, Pick } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { when } from '../parts/words'
import { phrase } from './phrase'

type Reading = Schemas['ReadingView']

type Instrument = Reading['instrument']

export const instruments: Record<Instrument, string> = {
  gloss: phrase('gloss-meter-60'),
  moisture: phrase('moisture-meter'),
  'surface-temperature': phrase('surface-thermometer'),
  'cloth-colour': phrase('cloth-colour'),
  'air-temperature': phrase('room-temperature'),
  humidity: phrase('room-humidity'),
  'air-speed': phrase('draught'),
  ph: phrase('ph-pen'),
}
const onASurface: Instrument[] = ['gloss', 'moisture', 'surface-temperature', 'cloth-colour']
const inTheRoom: Instrument[] = ['air-temperature', 'humidity', 'air-speed']
const SHOWN = 6

const unit = (u: string) => (u === '0-100' ? 'of 100' : u)

/** Readings of one panel, or of the room; taken from an instrument or typed in. */
export function Readings({ job, surfaceId }: { job: Schemas['JobDetail']; surfaceId?: string }) {
  const client = useQueryClient()
  const all = useQuery(readingsQuery(job.id))
  const kinds = surfaceId ? onASurface : inTheRoom
  const [kind, setKind] = useState<Instrument>(surfaceId ? 'gloss' : 'air-temperature')
  const [typed, setTyped] = useState('')
  const fresh = () => {
    void client.invalidateQueries({ queryKey: readingsQuery(job.id).queryKey })
    void client.invalidateQueries({ queryKey: jobQuery(job.id).queryKey })
  }
  const take = useMutation({
    mutationFn: (body: Schemas['ReadingRequest']) =>
      need(api.POST('/api/v1/jobs/{id}/readings', { params: { path: { id: job.id } }, body })),
    onSuccess: () => {
      setTyped('')
      fresh()
    },
  })
  const remove = useMutation({
    mutationFn: async (readingId: string) => {
      await api.DELETE('/api/v1/jobs/{id}/readings/{readingId}', {
        params: { path: { id: job.id, readingId } },
      })
    },
    onSuccess: fresh,
  })
  const asTyped = (event: FormEvent) => {
    event.preventDefault()
    const value = typed.trim()
    const colour = kind === 'cloth-colour'
    take.mutate({
      instrument: kind,
      surfaceId,
      ...(colour ? { colour: value } : { value: Number(value.replace(',', '.')) }),
    })
  }
  const shown = (all.data ?? [])
    .filter((r) => kinds.includes(r.instrument) && r.surfaceId === surfaceId)
    .slice(0, SHOWN)
  return (
    <section aria-label={phrase('readings')} className="grid gap-2 border-t border-line pt-3">
      <h3 className="narrow text-note font-semibold text-faint">{phrase('readings')}</h3>
      <div className="grid items-end gap-2 sm:grid-cols-[1fr_auto]">
        <Pick
          label={phrase('instrument')}
          value={kind}
          options={kinds.map((value) => ({ value, label: instruments[value] }))}
          onChange={setKind}
        />
        <Button onClick={() => take.mutate({ instrument: kind, surfaceId })} disabled={take.isPending}>
          <Gauge size={18} aria-hidden="true" /> {phrase('take-a-reading')}
        </Button>
      </div>
      <form onSubmit={asTyped} className="grid grid-cols-[1fr_auto] items-end gap-2">
        <label>
          <Field label={kind === 'cloth-colour' ? phrase('or-typed-in-rrggbb') : phrase('or-typed-in')}>
            <input
              className={inputForm}
              inputMode={kind === 'cloth-colour' ? 'text' : 'decimal'}
              value={typed}
              maxLength={12}
              onChange={(e) => setTyped(e.target.value)}
            />
          </Field>
        </label>
        <Button type="submit" disabled={typed.trim() === '' || take.isPending}>
          {phrase('note-it')}
        </Button>
      </form>
      {take.error && <Trouble error={take.error} />}
      {shown.length > 0 && (
        <ul className="divide-y divide-line border-y border-line" aria-live="polite">
          {shown.map((r) => (
            <li key={r.id} className="grid grid-cols-[1fr_auto] items-center gap-x-2">
              <span className="py-1">
                <span className="text-note text-faint">
                  {instruments[r.instrument]}, {r.device}, {when(r.at)}
                </span>
                <span className="block">
                  <Shown reading={r} />
                </span>
                {r.says && <span className="block text-note">{r.says}</span>}
                {r.notYet && <span className="block font-semibold text-care">{r.notYet}</span>}
              </span>
              <Button
                weight="quiet"
                className="px-2"
                aria-label={phrase('take-out', { instruments: instruments[r.instrument], at: when(r.at) })}
                onClick={() => remove.mutate(r.id)}
              >
                <X size={18} aria-hidden="true" />
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}

function Shown({ reading }: { reading: Reading }) {
  if (reading.colour)
    return (
      <span className="inline-flex items-center gap-2 text-do font-semibold">
        <span
          aria-hidden="true"
          className="size-6 border border-ink/60"
          style={{ backgroundColor: reading.colour }}
        />
        {reading.colour}
      </span>
    )
  return (
    <span className={`text-do font-semibold ${reading.notYet ? 'line-through decoration-2' : ''}`}>
      {reading.value} {unit(reading.unit)}
    </span>
  )
}
