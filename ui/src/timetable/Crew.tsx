import { useQuery } from '@tanstack/react-query'
import { shopQuery } from '../api/queries'
import { AnyOf, OneOf } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import type { Table } from './layout'
import { useTimetable } from './useTimetable'
import { phrase } from './phrase'

const counts = ['1', '2', '3', '4'].map((n) => ({ value: n, label: n }))

/** Who does it: by name, or only how many. */
export function Crew({ jobId, table }: { jobId: string; table: Table }) {
  const shop = useQuery(shopQuery)
  const { staff } = useTimetable(jobId)
  return (
    <section aria-label={phrase('who-does-it')} className="lying grid gap-2 p-3">
      <h2 className="text-do">{phrase('who-does-it')}</h2>
      <AnyOf
        label={phrase('by-name')}
        value={table.crew}
        options={(shop.data?.people ?? []).map((p) => ({
          value: p.name,
          label: p.coats ? p.name : phrase('does-not-coat', { name: p.name }),
        }))}
        disabled={staff.isPending}
        onChange={(crew) => staff.mutate({ crew, people: table.people })}
      />
      {table.crew.length === 0 && (
        <OneOf
          label={phrase('nobody-named-but-how-many')}
          value={String(table.people)}
          options={counts}
          disabled={staff.isPending}
          onChange={(n) => staff.mutate({ crew: [], people: Number(n) })}
        />
      )}
      {staff.error && <Trouble error={staff.error} />}
    </section>
  )
}
