import { useMutation } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, need, type Schemas } from '../api/client'
import { Button, TextField } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { SecretField } from './SecretField'
import { phrase } from './phrase'

/** Makes the first owner, or lets one back in, by the code from where Attune was started. */
export function OwnerForm(props: { again: boolean; onIn: (door: Schemas['DoorView']) => void }) {
  const [form, setForm] = useState({ code: '', name: '', passphrase: '' })
  const set = (part: Partial<typeof form>) => setForm((before) => ({ ...before, ...part }))
  const make = useMutation({
    mutationFn: () => need(api.POST('/api/v1/crew/owner', { body: form })),
    onSuccess: props.onIn,
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    make.mutate()
  }
  return (
    <form onSubmit={submit} className="lying grid max-w-md gap-3 p-4" aria-label={phrase('the-owner')}>
      <p className="text-note text-faint">
        {props.again ? (
          <>
            {phrase('a-new-code-is-made')} <code>./attune owner-reset</code>.
          </>
        ) : (
          phrase('the-code-was-printed-where')
        )}
      </p>
      <TextField
        label={phrase('code')}
        value={form.code}
        onChange={(code) => set({ code: code.toUpperCase() })}
        maxLength={20}
        required
      />
      <TextField
        label={phrase('your-name')}
        value={form.name}
        onChange={(name) => set({ name })}
        maxLength={80}
        required
      />
      <SecretField
        label={phrase('a-passphrase')}
        note={phrase('12-characters-or-more-several')}
        value={form.passphrase}
        onChange={(passphrase) => set({ passphrase })}
        fresh
      />
      <Button
        type="submit"
        weight="main"
        className="min-h-14"
        disabled={make.isPending || !form.code || !form.name.trim() || form.passphrase.length < 12}
      >
        {props.again ? phrase('come-back-in-as-owner') : phrase('make-me-the-owner')}
      </Button>
      {make.error && <Trouble error={make.error} />}
    </form>
  )
}
