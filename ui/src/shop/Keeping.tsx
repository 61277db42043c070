import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, need, type Schemas } from '../api/client'
import { retentionQuery } from '../api/queries'
import { Button } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { dayOf } from '../parts/words'
import { Amount, faultAt, faultsOf } from '../shelf/record'
import { phrase } from './phrase'

/** How long customers' data is kept, and who is past it. */
export function Keeping() {
  const client = useQueryClient()
  const kept = useQuery(retentionQuery)
  const settle = (fresh: Schemas['RetentionView']) => client.setQueryData(retentionQuery.queryKey, fresh)
  if (kept.isError) return <Trouble error={kept.error} again={() => void kept.refetch()} />
  if (!kept.data) return null
  return (
    <section aria-label={phrase('customers-data')} className="no-print lying grid gap-2 p-3">
      <h2 className="text-do">{phrase('customers-data')}</h2>
      <p className="text-note text-faint">{phrase('how-long-names-contacts-and')}</p>
      <Years key={kept.data.years ?? 'never'} years={kept.data.years ?? undefined} onKept={settle} />
      {kept.data.overdue > 0 ? (
        <Past kept={kept.data} />
      ) : (
        <p>{kept.data.years ? phrase('nobody-is-past-it') : phrase('no-time-is-set-everybody')}</p>
      )}
    </section>
  )
}

function Years(props: { years?: number; onKept: (fresh: Schemas['RetentionView']) => void }) {
  const [years, setYears] = useState(props.years)
  const keep = useMutation({
    mutationFn: () => need(api.PUT('/api/v1/retention', { body: { years } })),
    onSuccess: props.onKept,
  })
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        keep.mutate()
      }}
    >
      <Amount
        label={phrase('kept-after-the-last-visit')}
        value={years}
        onChange={setYears}
        fault={faultAt(faultsOf(keep.error), 'years')}
      />
      <Button type="submit" disabled={keep.isPending || years === props.years}>
        {phrase('keep-so')}
      </Button>
    </form>
  )
}

/** Who would go, and the press that lets them go. */
function Past({ kept }: { kept: Schemas['RetentionView'] }) {
  const client = useQueryClient()
  const [sure, setSure] = useState(false)
  const forget = useMutation({
    mutationFn: () => need(api.POST('/api/v1/retention/forget', { body: { customers: kept.overdue } })),
    onSettled: () => {
      setSure(false)
      void client.invalidateQueries()
    },
  })
  const many = phrase('customers', { overdue: kept.overdue })
  return (
    <>
      <p className="font-semibold">{phrase('many-past-it', { many })}</p>
      <ul
        className="max-h-60 divide-y divide-line overflow-y-auto text-note"
        tabIndex={0}
        aria-label={phrase('past-it')}
      >
        {kept.first.map((c) => (
          <li key={c.id} className="flex min-h-11 items-center justify-between gap-2">
            <Link to={`/customers/${c.id}`}>{c.name}</Link>
            <span className="text-faint">
              {c.lastHere ? phrase('last-here', { lastHere: dayOf(c.lastHere) }) : phrase('never-here')}
            </span>
          </li>
        ))}
        {kept.overdue > kept.first.length && (
          <li className="py-1 text-faint">
            {phrase('and-more', { overdue: kept.overdue - kept.first.length })}
          </li>
        )}
      </ul>
      {forget.error && <Trouble error={forget.error} />}
      {sure ? (
        <div className="grid gap-2" role="group" aria-label={phrase('delete-them')}>
          <p>{phrase('their-data-goes-for-good')}</p>
          <div className="flex gap-2">
            <Button
              className="border-over text-over"
              disabled={forget.isPending}
              onClick={() => forget.mutate()}
            >
              {phrase('delete-for-good', { many })}
            </Button>
            <Button onClick={() => setSure(false)}>{phrase('keep')}</Button>
          </div>
        </div>
      ) : (
        <Button className="justify-self-start" onClick={() => setSure(true)}>
          {phrase('delete-them')}
        </Button>
      )}
    </>
  )
}
