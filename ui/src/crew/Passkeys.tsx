import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api } from '../api/client'
import { Button, TextField } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { when, placed } from '../parts/words'
import { passkeysQuery } from './crewQueries'
import { doorQuery } from './door'
import { hasPasskeys, makePasskey } from './passkey'
import { phrase } from './phrase'

/** One’s own passkeys: a finger or a face on one’s own device in place of a passphrase. */
export function Passkeys() {
  const client = useQueryClient()
  const kept = useQuery(passkeysQuery)
  const [label, setLabel] = useState('')
  const fresh = () => {
    void client.invalidateQueries({ queryKey: passkeysQuery.queryKey })
    void client.invalidateQueries({ queryKey: doorQuery.queryKey })
  }
  const add = useMutation({
    mutationFn: makePasskey,
    onSuccess: () => {
      setLabel('')
      fresh()
    },
  })
  const remove = useMutation({
    mutationFn: (handle: string) =>
      api.DELETE('/api/v1/crew/me/passkeys/{handle}', { params: { path: { handle } } }),
    onSettled: fresh,
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    add.mutate(label)
  }
  if (kept.isError) return <Trouble error={kept.error} again={() => void kept.refetch()} />
  return (
    <details>
      <summary className="flex min-h-11 cursor-pointer items-center font-semibold">
        {placed(phrase('my-passkeys'), kept.data?.length || undefined)}
      </summary>
      <ul className="divide-y divide-line" aria-label={phrase('my-passkeys')}>
        {kept.data?.map((passkey) => (
          <li key={passkey.handle} className="flex items-center justify-between gap-2 py-1">
            <span>
              <span className="block">{passkey.label}</span>
              <span className="text-note text-faint">{phrase('last-used', { at: when(passkey.used) })}</span>
            </span>
            <Button
              aria-label={phrase('forget-named', { label: passkey.label })}
              disabled={remove.isPending}
              onClick={() => remove.mutate(passkey.handle)}
            >
              {phrase('forget')}
            </Button>
          </li>
        ))}
      </ul>
      {hasPasskeys() ? (
        <form onSubmit={submit} className="grid gap-3 pt-2">
          <TextField
            label={phrase('what-you-call-it')}
            value={label}
            maxLength={60}
            placeholder={phrase('my-phone')}
            onChange={setLabel}
          />
          <Button type="submit" disabled={add.isPending || label.trim() === ''}>
            {phrase('make-a-passkey-on-this')}
          </Button>
          {add.error && <Trouble error={add.error} />}
        </form>
      ) : (
        <p className="text-note text-faint">{phrase('a-passkey-belongs-to-a')}</p>
      )}
    </details>
  )
}
