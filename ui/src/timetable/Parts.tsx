import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Button, Pick, TextField } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { when } from '../parts/words'
import type { Table } from './layout'
import { useTimetable } from './useTimetable'
import { allOf } from '../words/lists'
import { phrase } from './phrase'

/** Parts that have to come first, and the panels they are fitted to. */
export function Parts({ job, table }: { job: Schemas['JobDetail']; table: Table }) {
  const { order } = useTimetable(job.id)
  const [adding, setAdding] = useState(false)
  const names = (ids: string[]) => allOf(ids.map((id) => job.labels[id] ?? id))
  return (
    <section aria-label={phrase('parts-on-order')} className="lying grid gap-2 p-3">
      <h2 className="text-do">{phrase('parts-on-order')}</h2>
      {table.parts.length > 0 && (
        <ul className="divide-y divide-line">
          {table.parts.map((part) => (
            <li
              key={part.name + part.arrives}
              className="grid grid-cols-[1fr_auto] items-center gap-x-3 py-1"
            >
              <span className="font-semibold">{part.name}</span>
              <Button
                weight="quiet"
                disabled={order.isPending}
                onClick={() => order.mutate(table.parts.filter((p) => p !== part))}
              >
                {phrase('take-off')}
              </Button>
              <span className="text-note text-faint">
                {phrase('there', { arrives: when(part.arrives), surfaceIds: names(part.surfaceIds) })}
              </span>
            </li>
          ))}
        </ul>
      )}
      {adding ? (
        <NewPart
          job={job}
          start={table.start}
          busy={order.isPending}
          onAdd={(part) => order.mutate([...table.parts, part], { onSuccess: () => setAdding(false) })}
          onBack={() => setAdding(false)}
        />
      ) : (
        <Button onClick={() => setAdding(true)}>{phrase('wait-for-a-part')}</Button>
      )}
      {order.error && <Trouble error={order.error} />}
    </section>
  )
}

function NewPart(props: {
  job: Schemas['JobDetail']
  start: string
  busy: boolean
  onAdd: (part: Schemas['PartRequest']) => void
  onBack: () => void
}) {
  const surfaces = props.job.document.surfaces
  const [name, setName] = useState('')
  const [panel, setPanel] = useState(surfaces[0]?.id ?? '')
  const [arrives, setArrives] = useState(props.start.slice(0, 16))
  return (
    <form
      className="grid gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        props.onAdd({ name, surfaceIds: [panel], arrives: arrives.length === 16 ? `${arrives}:00` : arrives })
      }}
    >
      <TextField label={phrase('part')} value={name} onChange={setName} required />
      <Pick
        label={phrase('fitted-to')}
        value={panel}
        options={surfaces.map((s) => ({ value: s.id, label: props.job.labels[s.id] ?? s.id }))}
        onChange={setPanel}
      />
      <TextField
        label={phrase('in-the-shop-from')}
        type="datetime-local"
        value={arrives}
        onChange={setArrives}
        required
      />
      <div className="flex flex-wrap gap-2">
        <Button weight="main" type="submit" disabled={props.busy || !name.trim()}>
          {phrase('plan-for-it')}
        </Button>
        <Button weight="quiet" onClick={props.onBack}>
          {phrase('not-now')}
        </Button>
      </div>
    </form>
  )
}
