import { useMutation } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useSearchParams } from 'react-router'
import { api, ApiError, type Fault } from '../api/client'
import { Button, TextField } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { useTheme } from '../parts/useTheme'
import { phrase } from './phrase'

/** Where a device gives the code it was shown, once, and is let in. */
export function PairView() {
  useTheme()
  const [search] = useSearchParams()
  const [code, setCode] = useState(search.get('code') ?? '')
  const [name, setName] = useState('')
  const pair = useMutation({
    mutationFn: async () => {
      const { response, error } = await api
        .POST('/api/v1/network/devices', { body: { code, name } })
        .catch(() => {
          throw new ApiError(0, phrase('attune-does-not-answer-is'), [])
        })
      const problem = (error ?? {}) as { detail?: string; faults?: Fault[] }
      if (!response.ok)
        throw new ApiError(
          response.status,
          problem.detail ?? phrase('something-went-wrong'),
          problem.faults ?? [],
        )
    },
    onSuccess: () => window.location.assign('/'),
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    pair.mutate()
  }
  return (
    <main className="mx-auto grid w-full max-w-md gap-4 p-4">
      <h1 className="text-head">{phrase('let-this-device-in')}</h1>
      <p>{phrase('somebody-at-the-shops-machine')}</p>
      <form onSubmit={submit} className="lying grid gap-3 p-4">
        <TextField
          label={phrase('six-digits')}
          value={code}
          onChange={(text) => setCode(text.replace(/\D/g, '').slice(0, 6))}
          inputMode="numeric"
          maxLength={6}
          required
        />
        <TextField
          label={phrase('what-the-device-is-called')}
          value={name}
          onChange={setName}
          maxLength={60}
          required
        />
        <Button
          type="submit"
          weight="main"
          className="min-h-14"
          disabled={code.length !== 6 || !name.trim() || pair.isPending}
        >
          {phrase('let-it-in')}
        </Button>
        {pair.error && <Trouble error={pair.error} />}
      </form>
    </main>
  )
}
