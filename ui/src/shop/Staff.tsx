import { useQuery } from '@tanstack/react-query'
import { Plus, X } from 'lucide-react'
import { membersQuery } from '../crew/crewQueries'
import { Button, TextField, Tick } from '../parts/controls'
import { Days } from './Days'
import type { Person, SettingsPart } from './settings'
import { phrase } from './phrase'

const working = ['owner', 'specialist', 'technician']

/** Who does jobs, with their hours; whoever signs in is called as there. */
export function Staff({ form, set, at }: SettingsPart) {
  const members = useQuery(membersQuery)
  const { people } = form
  const not = (members.data ?? []).filter(
    (m) => working.includes(m.role) && !people.some((p) => p.member === m.id || p.name === m.name),
  )
  const add = (person: Person) => set({ people: [...people, person] })
  return (
    <>
      <ul className="grid gap-2">
        {people.map((p, i) => (
          <PersonRow
            key={i}
            number={i + 1}
            person={p}
            form={form}
            at={(field) => at(`people/${i}/${field}`)}
            onChange={(part) => set({ people: people.map((q, j) => (i === j ? { ...q, ...part } : q)) })}
            onRemove={() => set({ people: people.filter((_, j) => j !== i) })}
          />
        ))}
      </ul>
      <div className="flex flex-wrap gap-2">
        {not.map((m) => (
          <Button key={m.id} onClick={() => add({ name: m.name, member: m.id, coats: false })}>
            <Plus size={18} aria-hidden="true" /> {m.name}
          </Button>
        ))}
        <Button onClick={() => add({ name: '', coats: false })}>
          <Plus size={18} aria-hidden="true" /> {phrase('person')}
        </Button>
      </div>
      {at('people') && <p className="text-note text-over">{at('people')}</p>}
    </>
  )
}

function PersonRow(props: {
  number: number
  person: Person
  form: SettingsPart['form']
  at: SettingsPart['at']
  onChange: (part: Partial<Person>) => void
  onRemove: () => void
}) {
  const { number, person: p, form, at, onChange } = props
  return (
    <li className="grid grid-cols-2 items-end gap-x-3 gap-y-1 border-t border-line pt-2 sm:grid-cols-[1.4fr_1fr_1fr]">
      {p.member ? (
        <p className="max-sm:col-span-full">
          <span className="block font-semibold">{p.name}</span>
          <span className="text-note text-faint">{phrase('called-as-under-who-works')}</span>
        </p>
      ) : (
        <TextField
          label={phrase('person-numbered', { number })}
          value={p.name}
          onChange={(name) => onChange({ name })}
          maxLength={80}
          fault={at('name')}
        />
      )}
      <TextField
        label={phrase('comes')}
        type="time"
        value={p.comes ?? form.opens}
        onChange={(comes) => onChange({ comes: comes === form.opens ? undefined : comes })}
      />
      <TextField
        label={phrase('goes')}
        type="time"
        value={p.goes ?? form.closes}
        onChange={(goes) => onChange({ goes: goes === form.closes ? undefined : goes })}
        fault={at('goes')}
      />
      <div className="col-span-full">
        <div className="flex items-center justify-between gap-3">
          <Tick label={phrase('may-coat')} checked={p.coats} onChange={(coats) => onChange({ coats })} />
          <Button
            weight="quiet"
            aria-label={phrase('remove-named', { name: p.name || `person ${number}` })}
            disabled={form.people.length === 1}
            onClick={props.onRemove}
          >
            <X size={18} aria-hidden="true" /> {phrase('remove')}
          </Button>
        </div>
        <Days
          label={phrase('is-off-on', { name: p.name || phrase('person-numbered', { number }) })}
          days={p.off}
          not={form.closed}
          onChange={(off) => onChange({ off })}
          fault={at('off')}
        />
      </div>
    </li>
  )
}
