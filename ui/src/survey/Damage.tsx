import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, need, type Schemas } from '../api/client'
import { damageQuery } from '../api/queries'
import { Button, Field, inputForm } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { say, when } from '../parts/words'
import { allOf } from '../words/lists'
import { phrase } from './phrase'

/** Damage that was there before, for the customer to see and to put their name to. */
export function Damage({ job, onPick }: { job: Schemas['JobDetail']; onPick: (surfaceId: string) => void }) {
  const client = useQueryClient()
  const damage = useQuery(damageQuery(job.id))
  const [name, setName] = useState('')
  const sign = useMutation({
    mutationFn: () =>
      need(
        api.POST('/api/v1/jobs/{id}/damage/acknowledgement', {
          params: { path: { id: job.id } },
          body: { name },
        }),
      ),
    onSuccess: (fresh) => {
      setName('')
      client.setQueryData(damageQuery(job.id).queryKey, fresh)
    },
  })
  if (!damage.data || damage.data.items.length === 0) return null
  const { items, acknowledgedBy, acknowledgedAt, stillSame } = damage.data
  const submit = (event: FormEvent) => {
    event.preventDefault()
    sign.mutate()
  }
  return (
    <section aria-label={phrase('damage-already-there')} className="lying grid gap-3 p-3">
      <h2 className="text-do">{phrase('damage-already-there')}</h2>
      <ul className="divide-y divide-line border-y border-line">
        {items.map((item) => (
          <li key={item.surfaceId}>
            <button
              type="button"
              className="flex min-h-11 w-full items-center justify-between gap-3 text-left"
              onClick={() => onPick(item.surfaceId)}
            >
              <span className="font-semibold">{item.panel}</span>
              <span>{allOf(item.what.map(say))}</span>
            </button>
          </li>
        ))}
      </ul>
      {acknowledgedBy && acknowledgedAt && (
        <p className={stillSame ? 'text-tune' : 'border-l-4 border-l-care pl-3'}>
          {stillSame
            ? phrase('acknowledged-by', { acknowledgedBy, acknowledgedAt: when(acknowledgedAt) })
            : phrase('something-was-found-since-show', {
                acknowledgedBy,
                acknowledgedAt: when(acknowledgedAt),
              })}
        </p>
      )}
      {!stillSame && (
        <form onSubmit={submit} className="grid grid-cols-[1fr_auto] items-end gap-2">
          <label>
            <Field label={phrase('customers-name-having-seen')}>
              <input
                className={inputForm}
                value={name}
                maxLength={120}
                autoComplete="off"
                onChange={(e) => setName(e.target.value)}
                required
              />
            </Field>
          </label>
          <Button type="submit" weight="main" disabled={sign.isPending || name.trim() === ''}>
            {phrase('acknowledge')}
          </Button>
        </form>
      )}
      {sign.error && <Trouble error={sign.error} />}
    </section>
  )
}
