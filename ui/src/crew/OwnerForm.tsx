import { useMutation } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, need, type Schemas } from '../api/client'
import { Button, TextField } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { SecretField } from './SecretField'

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
    <form onSubmit={submit} className="lying grid max-w-md gap-3 p-4" aria-label="The owner">
      <p className="text-note text-faint">
        {props.again ? (
          <>
            A new code is made on the machine Attune runs on, with <code>./attune owner-reset</code>.
          </>
        ) : (
          'The code was printed where Attune was started, and is good once.'
        )}
      </p>
      <TextField
        label="Code"
        value={form.code}
        onChange={(code) => set({ code: code.toUpperCase() })}
        maxLength={20}
        required
      />
      <TextField
        label="Your name"
        value={form.name}
        onChange={(name) => set({ name })}
        maxLength={80}
        required
      />
      <SecretField
        label="A passphrase"
        note="12 characters or more; several words are easier to keep than signs."
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
        {props.again ? 'Come back in as owner' : 'Make me the owner'}
      </Button>
      {make.error && <Trouble error={make.error} />}
    </form>
  )
}
