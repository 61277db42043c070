import { useQuery } from '@tanstack/react-query'
import {
  AlarmClock,
  CarFront,
  DatabaseBackup,
  Droplets,
  HardDrive,
  PackageOpen,
  Timer,
  UserMinus,
} from 'lucide-react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { watchQuery } from '../api/queries'
import { dayOf, when } from '../parts/words'
import { phrase } from './phrase'

type Thing = Schemas['WatchView']

const signs = {
  clock: Timer,
  'promise-at-risk': AlarmClock,
  curing: CarFront,
  'care-due': Droplets,
  'low-stock': PackageOpen,
  backup: DatabaseBackup,
  room: HardDrive,
  retention: UserMinus,
}
const leads = {
  clock: 'bench',
  'promise-at-risk': 'timetable',
  curing: 'handover',
  'care-due': 'care',
  'low-stock': '',
  backup: '',
  room: '',
  retention: '',
}

/** Where it leads that is about no job. */
const elsewhere: Partial<Record<Thing['kind'], string>> = {
  'low-stock': '/shelf?part=needs',
  backup: '/shop',
  room: '/shop',
  retention: '/shop',
}

/** What cannot wait: something to wipe, a promise that will not be kept, a disk that is full. */
export const urgent: Thing['kind'][] = ['clock', 'promise-at-risk', 'room']
export const later: Thing['kind'][] = ['curing', 'care-due', 'low-stock', 'backup', 'retention']

/** What wants an eye kept on. */
export function Watch({ title, kinds }: { title: string; kinds: Thing['kind'][] }) {
  const watch = useQuery({ ...watchQuery, refetchOnMount: 'always', refetchInterval: 30_000 })
  const things = watch.data?.filter((thing) => kinds.includes(thing.kind)) ?? []
  if (things.length === 0) return null
  return (
    <section aria-label={title}>
      <h2 className="mb-2 text-do">{title}</h2>
      <ul className="lying divide-y divide-line">
        {things.map((thing) => (
          <Line key={thing.kind + thing.vehicleLabel + thing.says + thing.at} thing={thing} />
        ))}
      </ul>
    </section>
  )
}

const said = (thing: Thing) =>
  ({
    clock: phrase('by', { at: when(thing.at) }),
    'promise-at-risk': phrase('promised', { at: when(thing.at) }),
    curing: phrase('until', { at: when(thing.at) }),
    'care-due': dayOf(thing.at),
    'low-stock': phrase('order'),
    backup: phrase('tell-the-owner'),
    room: phrase('tell-the-owner'),
    retention: phrase('tell-the-owner'),
  })[thing.kind]

function Line({ thing }: { thing: Thing }) {
  const Sign = signs[thing.kind]
  const risk = thing.kind === 'promise-at-risk'
  return (
    <li>
      <Link
        to={thing.jobId ? `/jobs/${thing.jobId}/${leads[thing.kind]}` : (elsewhere[thing.kind] ?? '/')}
        className="flex min-h-14 items-center gap-3 px-4 py-2 text-ink no-underline hover:bg-piece"
      >
        <Sign size={20} aria-hidden="true" className={`shrink-0 ${risk ? 'text-over' : 'text-faint'}`} />
        <span className="min-w-0 flex-1 md:flex md:items-center md:gap-3">
          <span className="block md:flex-1">
            <span className="font-semibold">{thing.vehicleLabel}</span>: {thing.says}
          </span>
          <span
            className={`block text-note md:text-right ${risk ? 'font-semibold text-over' : 'text-faint'}`}
          >
            {risk && thing.readyAt
              ? phrase('ready-promised', { readyAt: when(thing.readyAt), at: when(thing.at) })
              : said(thing)}
          </span>
        </span>
      </Link>
    </li>
  )
}
