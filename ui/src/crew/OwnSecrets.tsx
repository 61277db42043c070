import { useMutation } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, ApiError, type Fault } from '../api/client'
import { Button } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { SecretField } from './SecretField'
import { phrase } from './phrase'

/** One’s own PIN and passphrase, changed by the one there is. */
export function OwnSecrets() {
  const [form, setForm] = useState({ now: '', pin: '', passphrase: '' })
  const set = (part: Partial<typeof form>) => setForm((before) => ({ ...before, ...part }))
  const change = useMutation({
    mutationFn: async () => {
      const { response, error } = await api.PUT('/api/v1/crew/me', {
        body: { now: form.now, pin: form.pin || undefined, passphrase: form.passphrase || undefined },
      })
      const problem = (error ?? {}) as { detail?: string; faults?: Fault[] }
      if (!response.ok)
        throw new ApiError(
          response.status,
          problem.detail ?? phrase('something-went-wrong'),
          problem.faults ?? [],
        )
    },
    onSuccess: () => setForm({ now: '', pin: '', passphrase: '' }),
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    change.mutate()
  }
  return (
    <details>
      <summary className="flex min-h-11 cursor-pointer items-center font-semibold">
        {phrase('change-my-pin-or-passphrase')}
      </summary>
      <form onSubmit={submit} className="grid gap-3 pt-2">
        <SecretField
          label={phrase('passphrase-or-pin-as-it')}
          value={form.now}
          onChange={(now) => set({ now })}
        />
        <SecretField
          label={phrase('new-pin-4-to-8')}
          value={form.pin}
          onChange={(pin) => set({ pin })}
          digits
          fresh
        />
        <SecretField
          label={phrase('new-passphrase-12-characters')}
          value={form.passphrase}
          onChange={(passphrase) => set({ passphrase })}
          fresh
        />
        <Button type="submit" disabled={change.isPending || (!form.pin && !form.passphrase)}>
          {phrase('change')}
        </Button>
        {change.isSuccess && <p role="status">{phrase('changed')}</p>}
        {change.error && <Trouble error={change.error} />}
      </form>
    </details>
  )
}
