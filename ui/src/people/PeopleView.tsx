import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Plus } from 'lucide-react'
import { Link, useSearchParams } from 'react-router'
import type { Schemas } from '../api/client'
import { customersQuery, fleetsQuery, vehiclesQuery } from '../api/queries'
import { ButtonLink, Field, inputForm } from '../parts/controls'
import { Empty, Loading, Trouble } from '../parts/Notice'
import { Say } from '../parts/words'
import { phrase } from './phrase'

/** Customers and vehicles side by side, narrowed by one search. */
export function PeopleView() {
  const [query, setQuery] = useSearchParams()
  const word = query.get('q') ?? ''
  const customers = useQuery({ ...customersQuery(word), placeholderData: keepPreviousData })
  const vehicles = useQuery({ ...vehiclesQuery(word), placeholderData: keepPreviousData })
  const fleets = useQuery(fleetsQuery)
  const error = customers.error ?? vehicles.error
  return (
    <div className="mx-auto grid w-full max-w-6xl grid-cols-[minmax(0,1fr)] gap-4 p-3 md:p-5">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-head sm:flex-1">{phrase('people-and-vehicles')}</h1>
        <div className="flex gap-2">
          <ButtonLink to="/customers/new">
            <Plus size={18} aria-hidden="true" /> {phrase('customer')}
          </ButtonLink>
          <ButtonLink to="/vehicles/new">
            <Plus size={18} aria-hidden="true" /> {phrase('vehicle')}
          </ButtonLink>
        </div>
        <label className="w-full sm:w-80">
          <Field label={phrase('name-phone-plate-fleet')}>
            <input
              type="search"
              className={inputForm}
              value={word}
              onChange={(e) => setQuery(e.target.value ? { q: e.target.value } : {}, { replace: true })}
            />
          </Field>
        </label>
      </div>
      {error && <Trouble error={error} again={() => void customers.refetch()} />}
      {(customers.isPending || vehicles.isPending) && !error && (
        <Loading what={phrase('fetching-people-and-vehicles')} />
      )}
      <div className="grid gap-4 md:grid-cols-2">
        {customers.data && <Customers customers={customers.data} word={word} />}
        {vehicles.data && <Vehicles vehicles={vehicles.data} word={word} />}
      </div>
      {fleets.data && fleets.data.length > 0 && <Fleets fleets={fleets.data} />}
    </div>
  )
}

function Customers({ customers, word }: { customers: Schemas['CustomerLine'][]; word: string }) {
  return (
    <section aria-label={phrase('customers')} className="lying">
      <h2 className="border-b border-line p-3 text-do">
        {phrase('customers-counted', { customers: customers.length })}
      </h2>
      {customers.length === 0 ? (
        <Empty title={word ? phrase('nobody-by-these-words') : phrase('nobody-yet')}>
          <ButtonLink to="/customers/new">{phrase('write-the-first-one-down')}</ButtonLink>
        </Empty>
      ) : (
        <ul className="divide-y divide-line">
          {customers.map((c) => (
            <li key={c.id}>
              <Link to={`/customers/${c.id}`} className={line}>
                <span className="min-w-0">
                  <span className="block font-semibold">{c.name}</span>
                  <span className="block truncate text-note text-faint">
                    {[c.phone, c.email].filter(Boolean).join(' · ') || phrase('no-phone-or-e-mail')}
                  </span>
                </span>
                <span className="text-note text-faint">
                  {phrase('vehicles-counted', { vehicles: c.vehicles })}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}

function Vehicles({ vehicles, word }: { vehicles: Schemas['VehicleLine'][]; word: string }) {
  return (
    <section aria-label={phrase('vehicles')} className="lying">
      <h2 className="border-b border-line p-3 text-do">
        {phrase('vehicles-counted', { vehicles: vehicles.length })}
      </h2>
      {vehicles.length === 0 ? (
        <Empty title={word ? phrase('no-vehicle-by-these-words') : phrase('no-vehicle-yet')}>
          <ButtonLink to="/new">{phrase('start-a-job-its-vehicle')}</ButtonLink>
        </Empty>
      ) : (
        <ul className="divide-y divide-line">
          {vehicles.map((v) => (
            <li key={v.id}>
              <Link to={`/vehicles/${v.id}`} className={line}>
                <span className="min-w-0">
                  <span className="block font-semibold">{v.label}</span>
                  <span className="block truncate text-note text-faint">
                    {[v.plate, Say(v.layout)].filter(Boolean).join(' · ')}
                  </span>
                </span>
                <span className="text-right text-note text-faint">
                  {v.customer ?? phrase('whose-is-not-noted')}
                  {v.fleet && <span className="block">{v.fleet}</span>}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}

function Fleets({ fleets }: { fleets: Schemas['FleetView'][] }) {
  return (
    <section aria-label={phrase('fleets')} className="lying p-3">
      <h2 className="text-do">{phrase('fleets')}</h2>
      <ul className="mt-1 flex flex-wrap gap-2">
        {fleets.map((f) => (
          <li key={f.id}>
            <ButtonLink to={`/people?q=${encodeURIComponent(f.name)}`}>{f.name}</ButtonLink>
          </li>
        ))}
      </ul>
    </section>
  )
}

const line = 'flex min-h-14 items-center justify-between gap-3 px-3 py-2 text-ink no-underline hover:bg-piece'
