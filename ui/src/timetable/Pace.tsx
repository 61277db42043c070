import type { Schemas } from '../api/client'
import { msOf as ms } from '../api/clock'
import { CabinSheet } from '../parts/CabinSheet'
import { OrderMark } from '../parts/OrderMark'
import { useCabin } from '../parts/useCabin'
import { timeOf } from '../parts/words'
import { said } from './Lanes'
import type { Table } from './layout'
import { phrase } from './phrase'

/** The leapfrog of a coating: lay, wipe from, wipe by, area by area, drawn on the cabin and over time. */
export function Pace(props: {
  job: Schemas['JobDetail']
  table: Table
  picked?: string
  onPick: (taskId: string) => void
}) {
  const { job, table } = props
  const cabin = useCabin(job)
  const laid = table.tasks
    .filter((t) => t.step === 'coat' && t.wipeBy)
    .sort((a, b) => a.start.localeCompare(b.start))
  if (laid.length === 0) return null
  const from = ms(laid[0]!.start)
  const length = Math.max(...laid.map((t) => ms(t.wipeBy!))) - from
  const share = (local: string) => ((ms(local) - from) / length) * 100
  const places = new Map<string, number>()
  laid.forEach((t, i) => t.surfaceIds.forEach((id) => places.has(id) || places.set(id, i + 1)))
  const atPicked = laid.find((t) => t.id === props.picked)
  return (
    <section
      aria-label={phrase('coating-pace')}
      className="lying grid gap-x-4 p-3 lg:grid-cols-[20rem_minmax(0,1fr)]"
    >
      <h2 className="text-do lg:col-span-2">{phrase('coating-pace-areas', { laid: laid.length })}</h2>
      {cabin.data && (
        <div className="h-64 lg:h-96">
          <CabinSheet
            layout={cabin.data}
            label={phrase('cabin-in-coating-order')}
            picked={new Set(atPicked?.surfaceIds)}
            onPick={(id) => {
              const task = laid.find((t) => t.surfaceIds.includes(id))
              if (task) props.onPick(task.id)
            }}
            look={(panel) => {
              const order = places.get(panel.id)
              return {
                blank: order === undefined,
                state: order === undefined ? phrase('not-coated') : phrase('coated-as-number', { order }),
                mark: order !== undefined && <OrderMark order={order} size={1.5} />,
              }
            }}
          />
        </div>
      )}
      <table className="w-full self-start text-left">
        <thead className="text-note text-faint">
          <tr>
            <th scope="col">{phrase('area')}</th>
            <th scope="col">{phrase('lay')}</th>
            <th scope="col" className="pr-3">
              {phrase('from')}
            </th>
            <th scope="col">{phrase('wipe-by')}</th>
            <td className="w-1/3 max-md:hidden" />
          </tr>
        </thead>
        <tbody>
          {laid.map((t, i) => (
            <tr key={t.id} className="border-t border-line">
              <th scope="row" className="font-normal">
                <button
                  type="button"
                  className="min-h-9 text-left leading-tight underline max-md:min-h-12"
                  onClick={() => props.onPick(t.id)}
                >
                  {i + 1}. {t.where ?? said(t)}
                </button>
              </th>
              <td className="pr-3">{timeOf(t.start)}</td>
              <td className="pr-3">{t.wipeFrom && timeOf(t.wipeFrom)}</td>
              <td className="pr-3 font-semibold">{t.wipeBy && timeOf(t.wipeBy)}</td>
              <td className="relative max-md:hidden" aria-hidden="true">
                <span
                  className="absolute inset-y-2 bg-needle"
                  style={{ left: `${share(t.start)}%`, width: `${share(t.end) - share(t.start)}%` }}
                />
                <span
                  className="absolute inset-y-2 border-2 border-r-4 border-tune border-r-over"
                  style={{
                    left: `${share(t.wipeFrom ?? t.end)}%`,
                    width: `${share(t.wipeBy!) - share(t.wipeFrom ?? t.end)}%`,
                  }}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-note lg:col-span-2">{phrase('filled-laying-framed-when-it')}</p>
    </section>
  )
}
