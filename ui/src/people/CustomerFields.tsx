import type { Schemas } from '../api/client'
import { AnyOf, OneOf, TextField } from '../parts/controls'
import { Say } from '../parts/words'

type Form = Schemas['CustomerForm']
type Part = { form: Form; set: (part: Partial<Form>) => void }

const uses: { value: Form['uses'][number]; label: string; hint: string }[] = [
  { value: 'PETS', label: 'Pets', hint: 'Hair in seams, claws on edges' },
  { value: 'DENIM', label: 'Denim', hint: 'Dye on pale seats: a barrier pays' },
  { value: 'CHILDREN', label: 'Children', hint: 'Food, shoes on seat backs' },
  { value: 'GLOVES', label: 'Gloves', hint: 'Wear on the rim without grease' },
  { value: 'SMOKING', label: 'Smoking', hint: 'Film on headliner and glass' },
  { value: 'WORK_CLOTHES', label: 'Work clothes', hint: 'Grit and grease' },
]
const choices = (...codes: string[]) => [
  { value: 'any', label: 'Not said' },
  ...codes.map((value) => ({ value, label: Say(value) })),
]
const said = (value: string) => (value === 'any' ? undefined : value)

/** What is known of a customer. */
export function CustomerFields({ form, set }: Part) {
  return (
    <>
      <TextField label="Name" value={form.name} onChange={(name) => set({ name })} maxLength={120} required />
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField
          label="Phone"
          type="tel"
          value={form.phone ?? ''}
          onChange={(phone) => set({ phone })}
          maxLength={40}
        />
        <TextField
          label="E-mail"
          type="email"
          value={form.email ?? ''}
          onChange={(email) => set({ email: email || undefined })}
          maxLength={200}
        />
      </div>
      <TextField
        label="Address"
        value={form.address ?? ''}
        onChange={(address) => set({ address })}
        maxLength={300}
      />
      <Usual form={form} set={set} />
      <TextField
        label="Wishes and notes"
        lines={3}
        value={form.notes ?? ''}
        onChange={(notes) => set({ notes })}
        maxLength={2000}
      />
    </>
  )
}

/** What their cars have to stand, and what they want where a job says nothing else. */
function Usual({ form, set }: Part) {
  return (
    <>
      <AnyOf
        label="What the cabin has to stand"
        value={form.uses}
        options={uses}
        onChange={(v) => set({ uses: v as Form['uses'] })}
      />
      <OneOf
        label="Standard"
        value={form.standard ?? 'any'}
        options={choices('tidy', 'thorough', 'exacting')}
        onChange={(v) => set({ standard: said(v) })}
      />
      <OneOf
        label="Sheen"
        value={form.sheen ?? 'any'}
        options={choices('matt', 'satin', 'gloss')}
        onChange={(v) => set({ sheen: said(v) })}
      />
      <OneOf
        label="Protection wanted, at most"
        value={form.protection ?? 'any'}
        options={choices('none', 'dressing', 'barrier', 'coating')}
        onChange={(v) => set({ protection: said(v) })}
      />
      <OneOf
        label="Climate the car lives in"
        value={form.climate ?? 'any'}
        options={choices('temperate', 'hot', 'cold-wet')}
        onChange={(v) => set({ climate: said(v) })}
      />
      <TextField
        label="Kilometres a year"
        inputMode="numeric"
        value={form.kmAYear === undefined ? '' : String(form.kmAYear)}
        onChange={(v) => set({ kmAYear: v.trim() === '' ? undefined : Number(v.replace(/\D/g, '')) })}
        maxLength={9}
      />
    </>
  )
}
