import type { Schemas } from '../api/client'
import { AnyOf, OneOf, TextField } from '../parts/controls'
import { Say } from '../parts/words'
import { phrase } from './phrase'

type Form = Schemas['CustomerForm']
type Part = { form: Form; set: (part: Partial<Form>) => void }

const uses: { value: Form['uses'][number]; label: string; hint: string }[] = [
  { value: 'pets', label: phrase('pets'), hint: phrase('hair-in-seams-claws-on') },
  { value: 'denim', label: phrase('denim'), hint: phrase('dye-on-pale-seats-a') },
  { value: 'children', label: phrase('children'), hint: phrase('food-shoes-on-seat-backs') },
  { value: 'gloves', label: phrase('gloves'), hint: phrase('wear-on-the-rim-without') },
  { value: 'smoking', label: phrase('smoking'), hint: phrase('film-on-headliner-and-glass') },
  { value: 'work-clothes', label: phrase('work-clothes'), hint: phrase('grit-and-grease') },
]
const choices = (...codes: string[]) => [
  { value: 'any', label: phrase('not-said') },
  ...codes.map((value) => ({ value, label: Say(value) })),
]
const said = (value: string) => (value === 'any' ? undefined : value)

/** What is known of a customer. */
export function CustomerFields({ form, set }: Part) {
  return (
    <>
      <TextField
        label={phrase('name')}
        value={form.name}
        onChange={(name) => set({ name })}
        maxLength={120}
        required
      />
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField
          label={phrase('phone')}
          type="tel"
          value={form.phone ?? ''}
          onChange={(phone) => set({ phone })}
          maxLength={40}
        />
        <TextField
          label={phrase('e-mail')}
          type="email"
          value={form.email ?? ''}
          onChange={(email) => set({ email: email || undefined })}
          maxLength={200}
        />
      </div>
      <TextField
        label={phrase('address')}
        value={form.address ?? ''}
        onChange={(address) => set({ address })}
        maxLength={300}
      />
      <Usual form={form} set={set} />
      <TextField
        label={phrase('wishes-and-notes')}
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
        label={phrase('what-the-cabin-has-to')}
        value={form.uses}
        options={uses}
        onChange={(v) => set({ uses: v as Form['uses'] })}
      />
      <OneOf
        label={phrase('standard')}
        value={form.standard ?? 'any'}
        options={choices('tidy', 'thorough', 'exacting')}
        onChange={(v) => set({ standard: said(v) })}
      />
      <OneOf
        label={phrase('sheen')}
        value={form.sheen ?? 'any'}
        options={choices('matt', 'satin', 'gloss')}
        onChange={(v) => set({ sheen: said(v) })}
      />
      <OneOf
        label={phrase('protection-wanted-at-most')}
        value={form.protection ?? 'any'}
        options={choices('none', 'dressing', 'barrier', 'coating')}
        onChange={(v) => set({ protection: said(v) })}
      />
      <OneOf
        label={phrase('climate-the-car-lives-in')}
        value={form.climate ?? 'any'}
        options={choices('temperate', 'hot', 'cold-wet')}
        onChange={(v) => set({ climate: said(v) })}
      />
      <TextField
        label={phrase('kilometres-a-year')}
        inputMode="numeric"
        value={form.kmAYear === undefined ? '' : String(form.kmAYear)}
        onChange={(v) => set({ kmAYear: v.trim() === '' ? undefined : Number(v.replace(/\D/g, '')) })}
        maxLength={9}
      />
    </>
  )
}
