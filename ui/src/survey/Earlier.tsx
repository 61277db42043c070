import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { historyQuery, shelfQuery } from '../api/queries'
import { dayOf, placed } from '../parts/words'
import { apart, listed } from '../words/lists'
import { phrase } from './phrase'

/** What was used on one panel before. */
export function Earlier({ history }: { history: Schemas['HistoryFile'][] | undefined }) {
  const shelf = useQuery({ ...shelfQuery, enabled: Boolean(history?.length) })
  if (!history?.length) return null
  const name = (id: string | undefined) =>
    shelf.data?.products.find((p) => p.id === id)?.name ?? id ?? 'something'
  return (
    <section aria-label={phrase('earlier-visits')} className="border-t border-line pt-3">
      <h3 className="narrow text-note font-semibold text-faint">{phrase('used-here-before')}</h3>
      <ul className="mt-1 grid gap-1">
        {history.map((h, i) => (
          <li key={i}>
            {placed(
              dayOf(h.date),
              listed(
                name(h.productId),
                h.ratio !== 'ready' && h.ratio,
                h.passes !== undefined &&
                  (h.coated
                    ? phrase('in-coats', { passes: h.passes })
                    : phrase('in-passes', { passes: h.passes })),
                h.ph !== undefined && phrase('ph-about', { ph: Math.round(h.ph * 10) / 10 }),
              ),
            )}
            {h.coated && <strong className="block">{phrase('it-carries-a-coating')}</strong>}
          </li>
        ))}
      </ul>
    </section>
  )
}

/** The vehicle's visits, or what is assumed while nothing is known. */
export function Visits({ job }: { job: Schemas['JobDetail'] }) {
  const history = useQuery(historyQuery(job.vehicleId))
  if (!history.data) return null
  const earlier = history.data.visits.filter((v) => v.jobId !== job.id)
  return (
    <section aria-label={phrase('history-of-the-vehicle')} className="lying grid gap-2 p-3">
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="text-do">{phrase('before-this-visit')}</h2>
        <Link to={`/vehicles/${job.vehicleId}`} className="inline-flex min-h-11 items-center">
          {phrase('the-vehicle')}
        </Link>
      </div>
      {history.data.assumed.length > 0 && (
        <div className="border-l-4 border-l-care pl-3">
          <p className="font-semibold">{phrase('nothing-is-known-of-earlier')}</p>
          <ul className="list-[square] pl-5">
            {history.data.assumed.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </div>
      )}
      {earlier.length > 0 && (
        <ul className="divide-y divide-line">
          {earlier.map((v) => (
            <li key={v.jobId} className="py-1">
              <strong className="font-semibold">{dayOf(v.day)}</strong>: {v.title}
              {v.used.length > 0 && (
                <span className="block text-note text-faint">
                  {apart(
                    v.used.map((u) =>
                      phrase('product-on-panels', { product: u.product, panels: u.panels.length }),
                    ),
                  )}
                </span>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
