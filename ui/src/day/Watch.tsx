import { useQuery } from '@tanstack/react-query'
import { AlarmClock, CarFront, Droplets, PackageOpen } from 'lucide-react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { watchQuery } from '../api/queries'
import { dayOf, when } from '../parts/words'

type Thing = Schemas['WatchView']

const signs = { PROMISE_AT_RISK: AlarmClock, CURING: CarFront, CARE_DUE: Droplets, LOW_STOCK: PackageOpen }
const leads = { PROMISE_AT_RISK: 'timetable', CURING: 'handover', CARE_DUE: 'care', LOW_STOCK: '' }

/** What wants an eye kept on. */
export function Watch() {
  const watch = useQuery({ ...watchQuery, refetchOnMount: 'always' })
  if (!watch.data || watch.data.length === 0) return null
  return (
    <section aria-label="To watch" className="mt-4">
      <h2 className="mb-2 text-do">To watch</h2>
      <ul className="lying divide-y divide-line">
        {watch.data.map((thing) => (
          <Line key={thing.kind + thing.vehicleLabel + thing.says + thing.at} thing={thing} />
        ))}
      </ul>
    </section>
  )
}

function Line({ thing }: { thing: Thing }) {
  const Sign = signs[thing.kind]
  const risk = thing.kind === 'PROMISE_AT_RISK'
  return (
    <li>
      <Link
        to={thing.jobId ? `/jobs/${thing.jobId}/${leads[thing.kind]}` : '/shelf?part=needs'}
        className="flex min-h-14 items-center gap-3 px-4 py-2 text-ink no-underline hover:bg-piece"
      >
        <Sign size={20} aria-hidden="true" className={`shrink-0 ${risk ? 'text-over' : 'text-faint'}`} />
        <span className="min-w-0 flex-1">
          <span className="font-semibold">{thing.vehicleLabel}</span>: {thing.says}
        </span>
        <span className={`text-right text-note ${risk ? 'font-semibold text-over' : 'text-faint'}`}>
          {risk && thing.readyAt
            ? `ready ${when(thing.readyAt)}, promised ${when(thing.at)}`
            : thing.kind === 'CURING'
              ? `until ${when(thing.at)}`
              : thing.kind === 'LOW_STOCK'
                ? 'order'
                : dayOf(thing.at)}
        </span>
      </Link>
    </li>
  )
}
