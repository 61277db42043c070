import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { needsQuery } from '../api/queries'
import { OneOf } from '../parts/controls'
import { Empty, Loading, Trouble } from '../parts/Notice'
import { ml, money, plural } from '../parts/words'

/** What the coming jobs will use, and what of it has to be ordered. */
export function Needs() {
  const [days, setDays] = useState('7')
  const needs = useQuery({ ...needsQuery(Number(days)), staleTime: 0 })
  return (
    <div className="grid gap-3">
      <OneOf
        label="Jobs of the next"
        value={days}
        options={[
          { value: '1', label: 'Day' },
          { value: '7', label: 'Week' },
          { value: '30', label: 'Month' },
        ]}
        onChange={setDays}
      />
      {needs.isPending && <Loading what="what the jobs need" />}
      {needs.isError && <Trouble error={needs.error} again={() => void needs.refetch()} />}
      {needs.data?.length === 0 && <Empty title="No surveyed job in that time needs anything." />}
      {needs.data && needs.data.length > 0 && (
        <section aria-label="Needs" className="lying overflow-x-auto" tabIndex={0}>
          <table className="w-full min-w-[40rem] text-left">
            <thead className="text-note text-faint">
              <tr className="border-b border-line">
                {['Product', 'Needed', 'On hand', 'Order', 'For'].map((h) => (
                  <th key={h} scope="col" className="narrow px-3 py-2 font-semibold">
                    {h}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody className="divide-y divide-line">
              {needs.data.map((n) => (
                <tr key={n.productId}>
                  <th scope="row" className="px-3 py-2 font-semibold">
                    <Link to={`/shelf/products/${n.productId}`}>{n.product}</Link>
                  </th>
                  <td className="px-3">{ml(n.neededMl)}</td>
                  <td className="px-3">{n.onHandMl === undefined ? 'not counted' : ml(n.onHandMl)}</td>
                  <td className={`px-3 ${n.packs ? 'font-semibold text-over' : ''}`}>
                    {n.packs === undefined
                      ? n.onHandMl === undefined
                        ? 'look'
                        : 'yes, pack not known'
                      : n.packs === 0
                        ? 'enough'
                        : `${plural(n.packs, 'pack')} of ${ml(n.packMl ?? 0)}, ${money((n.priceMinor ?? 0) * n.packs, n.currency ?? 'EUR')}`}
                  </td>
                  <td className="px-3 text-note text-faint">{n.jobs.join('; ')}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
    </div>
  )
}
