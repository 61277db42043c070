import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, need, type Schemas } from '../api/client'
import { retentionQuery } from '../api/queries'
import { Button } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { dayOf, plural } from '../parts/words'
import { Amount, faultAt, faultsOf } from '../shelf/record'

/** How long customers' data is kept, and who is past it. */
export function Keeping() {
  const client = useQueryClient()
  const kept = useQuery(retentionQuery)
  const settle = (fresh: Schemas['RetentionView']) => client.setQueryData(retentionQuery.queryKey, fresh)
  if (kept.isError) return <Trouble error={kept.error} again={() => void kept.refetch()} />
  if (!kept.data) return null
  return (
    <section aria-label="Customers’ data" className="no-print lying grid gap-2 p-3">
      <h2 className="text-do">Customers’ data</h2>
      <p className="text-note text-faint">
        How long names, contacts and wishes are kept after the last visit. Nobody is deleted unasked.
      </p>
      <Years key={kept.data.years ?? 'never'} years={kept.data.years ?? undefined} onKept={settle} />
      {kept.data.overdue > 0 ? (
        <Past kept={kept.data} />
      ) : (
        <p>{kept.data.years ? 'Nobody is past it.' : 'No time is set: everybody is kept.'}</p>
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
        label="Kept after the last visit, years"
        value={years}
        onChange={setYears}
        fault={faultAt(faultsOf(keep.error), 'years')}
      />
      <Button type="submit" disabled={keep.isPending || years === props.years}>
        Keep so
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
  const many = plural(kept.overdue, 'customer')
  return (
    <>
      <p className="font-semibold">{many} past it</p>
      <ul
        className="max-h-60 divide-y divide-line overflow-y-auto text-note"
        tabIndex={0}
        aria-label="Past it"
      >
        {kept.first.map((c) => (
          <li key={c.id} className="flex min-h-11 items-center justify-between gap-2">
            <Link to={`/customers/${c.id}`}>{c.name}</Link>
            <span className="text-faint">{c.lastHere ? `last here ${dayOf(c.lastHere)}` : 'never here'}</span>
          </li>
        ))}
        {kept.overdue > kept.first.length && (
          <li className="py-1 text-faint">and {kept.overdue - kept.first.length} more</li>
        )}
      </ul>
      {forget.error && <Trouble error={forget.error} />}
      {sure ? (
        <div className="grid gap-2" role="group" aria-label="Delete them">
          <p>
            Their data goes for good; backups made before still hold it until they are thrown away. Vehicles
            and what was used on them stay.
          </p>
          <div className="flex gap-2">
            <Button
              className="border-over text-over"
              disabled={forget.isPending}
              onClick={() => forget.mutate()}
            >
              Delete {many} for good
            </Button>
            <Button onClick={() => setSure(false)}>Keep</Button>
          </div>
        </div>
      ) : (
        <Button className="justify-self-start" onClick={() => setSure(true)}>
          Delete them
        </Button>
      )}
    </>
  )
}
