import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { needsQuery } from '../api/queries'
import { OneOf } from '../parts/controls'
import { Empty, Loading, Trouble } from '../parts/Notice'
import { ml, money } from '../parts/words'
import { apart } from '../words/lists'
import { phrase } from './phrase'

/** What the coming jobs will use, and what of it has to be ordered. */
export function Needs() {
  const [days, setDays] = useState('7')
  const needs = useQuery({ ...needsQuery(Number(days)), staleTime: 0 })
  return (
    <div className="grid gap-3">
      <OneOf
        label={phrase('jobs-of-the-next')}
        value={days}
        options={[
          { value: '1', label: phrase('day') },
          { value: '7', label: phrase('week') },
          { value: '30', label: phrase('month') },
        ]}
        onChange={setDays}
      />
      {needs.isPending && <Loading what={phrase('fetching-what-the-jobs-need')} />}
      {needs.isError && <Trouble error={needs.error} again={() => void needs.refetch()} />}
      {needs.data?.length === 0 && <Empty title={phrase('no-surveyed-job-in-that')} />}
      {needs.data && needs.data.length > 0 && (
        <section aria-label={phrase('needs')} className="lying overflow-x-auto" tabIndex={0}>
          <table className="w-full min-w-[40rem] text-left">
            <thead className="text-note text-faint">
              <tr className="border-b border-line">
                {[phrase('product'), phrase('needed'), phrase('on-hand'), phrase('order'), phrase('for')].map(
                  (h) => (
                    <th key={h} scope="col" className="narrow px-3 py-2 font-semibold">
                      {h}
                    </th>
                  ),
                )}
              </tr>
            </thead>
            <tbody className="divide-y divide-line">
              {needs.data.map((n) => (
                <tr key={n.productId}>
                  <th scope="row" className="px-3 py-2 font-semibold">
                    <Link to={`/shelf/products/${n.productId}`}>{n.product}</Link>
                  </th>
                  <td className="px-3 whitespace-nowrap">{ml(n.neededMl)}</td>
                  <td className="px-3 whitespace-nowrap">
                    {n.onHandMl === undefined ? phrase('not-counted') : ml(n.onHandMl)}
                  </td>
                  <td className={`px-3 whitespace-nowrap ${n.packs ? 'font-semibold text-over' : ''}`}>
                    {n.packs === undefined
                      ? n.onHandMl === undefined
                        ? phrase('look')
                        : phrase('yes-pack-not-known')
                      : n.packs === 0
                        ? phrase('enough')
                        : phrase('of-packs', {
                            packs: n.packs,
                            size: ml(n.packMl ?? 0),
                            cost: money((n.priceMinor ?? 0) * n.packs, n.currency ?? 'EUR'),
                          })}
                  </td>
                  <td className="px-3 text-note text-faint">{apart(n.jobs)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
    </div>
  )
}
