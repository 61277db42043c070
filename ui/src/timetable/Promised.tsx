import { useQuery } from '@tanstack/react-query'
import { offersQuery } from '../api/queries'
import { Button } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { say, when, worked } from '../parts/words'
import type { Table } from './layout'
import { useTimetable } from './useTimetable'
import { allOf } from '../words/lists'
import { phrase } from './phrase'

/** When the car is ready, against what was promised. */
export function Ready({ table }: { table: Table }) {
  const late = table.promised && table.readyAt > table.promised
  const rows = [
    [phrase('hands-off'), table.handsOffAt],
    [phrase('to-drive', { craft: table.craft }), table.driveAt],
    [phrase('to-sit-in'), table.sitAt],
    ...(table.curedAt > table.readyAt ? ([[phrase('fully-cured'), table.curedAt]] as const) : []),
  ] as const
  return (
    <section
      aria-label={phrase('ready')}
      className="lying flex flex-wrap items-center gap-x-8 gap-y-1 px-3 py-2"
    >
      <div>
        <h2 className="text-do">{phrase('ready-at', { readyAt: when(table.readyAt) })}</h2>
        {table.promised && (
          <p className={late ? 'font-semibold text-over' : 'text-tune'}>
            {late
              ? phrase('later-than-promised', { promised: when(table.promised) })
              : phrase('promised-and-kept', { promised: when(table.promised) })}
          </p>
        )}
      </div>
      <dl className="flex flex-wrap gap-x-6 gap-y-1">
        {rows.map(([label, at]) => (
          <div key={label}>
            <dt className="narrow text-note text-faint">{label}</dt>
            <dd>{when(at)}</dd>
          </div>
        ))}
        <div>
          <dt className="narrow text-note text-faint">{phrase('work')}</dt>
          <dd>
            {table.visits.length > 1
              ? phrase('in-visits', { work: worked(table.workMin), visits: table.visits.length })
              : worked(table.workMin)}
          </dd>
        </div>
      </dl>
      {table.conflicts.map((text) => (
        <p key={text} className="w-full text-over">
          {text}
        </p>
      ))}
    </section>
  )
}

/** What could be dropped or moved, best first; only where a promise would be missed. */
export function Offers({ jobId, table }: { jobId: string; table: Table }) {
  const late = Boolean(table.promised && table.readyAt > table.promised)
  const offers = useQuery({ ...offersQuery(jobId), enabled: late })
  const { take, putBack } = useTimetable(jobId)
  return (
    <>
      {table.leftOut.length > 0 && (
        <section aria-label={phrase('left-out')} className="lying p-3">
          <p>{phrase('left-for-another-visit', { leftOut: allOf(table.leftOut.map(say)) })}</p>
          <Button className="mt-1" disabled={putBack.isPending} onClick={() => putBack.mutate()}>
            {phrase('do-it-all')}
          </Button>
        </section>
      )}
      {late && (
        <section aria-label={phrase('to-keep-the-promise')} className="lying p-3">
          <h2 className="text-do">{phrase('to-keep-the-promise')}</h2>
          {offers.isPending && <p className="text-faint">{phrase('trying-what-could-be-moved')}</p>}
          {offers.error && <Trouble error={offers.error} />}
          {offers.data?.length === 0 && <p>{phrase('nothing-here-makes-it-sooner')}</p>}
          <ol className="divide-y divide-line">
            {offers.data?.map((offer) => (
              <li key={offer.kind} className="grid grid-cols-[1fr_auto] items-center gap-x-3 py-2">
                <span className="font-semibold">{offer.says}</span>
                <Button disabled={take.isPending} onClick={() => take.mutate(offer.kind)}>
                  {phrase('take-it')}
                </Button>
                <span className={`text-note ${offer.kept ? 'text-tune' : 'text-faint'}`}>
                  {offer.kept
                    ? phrase('keeps-it-ready', { readyAt: when(offer.readyAt) })
                    : phrase('sooner-yet-late-ready', { readyAt: when(offer.readyAt) })}
                </span>
              </li>
            ))}
          </ol>
          {take.error && <Trouble error={take.error} />}
        </section>
      )}
    </>
  )
}
