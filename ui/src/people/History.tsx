import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { historyQuery } from '../api/queries'
import { Loading, Trouble } from '../parts/Notice'
import { dayOf, plural, Say } from '../parts/words'

/** How a visit's work went: time, what came with what, sheen, exposure. */
function HowItWent({ run }: { run: Schemas['RunOfVisit'] }) {
  const lines = [
    run.workedMin > 0 ? [`Worked ${run.workedMin} min, planned ${run.plannedMin}`] : [],
    run.sheen.length > 0 ? [`Sheen, ${run.sheen.join('; ')}`] : [],
    run.exposure.length > 0 ? [`Exposure, ${run.exposure.join('; ')}`] : [],
  ].flat()
  return (
    <>
      {lines.map((text) => (
        <li key={text}>{text}</li>
      ))}
      {run.came.length > 0 && (
        <li>
          <details>
            <summary className="flex min-h-11 cursor-pointer items-center font-semibold">
              What was enough on this car
            </summary>
            <ul className="list-[square] pl-5">
              {run.came.map((text) => (
                <li key={text}>{text}</li>
              ))}
            </ul>
          </details>
        </li>
      )}
    </>
  )
}

/** Visits, and what was used at each. */
export function History({ id }: { id: string }) {
  const history = useQuery(historyQuery(id))
  if (history.isPending) return <Loading what="its history" />
  if (history.isError) return <Trouble error={history.error} again={() => void history.refetch()} />
  const { visits, assumed } = history.data
  return (
    <section aria-label="Visits" className="lying p-3">
      <h2 className="text-do">{plural(visits.length, 'visit')}</h2>
      {assumed.length > 0 && (
        <div className="mt-2 border-l-4 border-l-care pl-3">
          <p className="font-semibold">Nothing is known of earlier care, so this is assumed:</p>
          <ul className="list-[square] pl-5">
            {assumed.map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ul>
        </div>
      )}
      <ol className="mt-2 divide-y divide-line">
        {visits.map((v) => (
          <li key={v.jobId} className="py-2">
            <Link to={`/jobs/${v.jobId}`} className="font-semibold">
              {dayOf(v.day)}: {v.title}
            </Link>
            {v.used.length === 0 ? (
              <span className="block text-note text-faint">
                {v.state === 'HANDED_OVER' ? 'nothing wet was used' : 'not handed over yet'}
              </span>
            ) : (
              <ul className="text-note">
                {v.run && <HowItWent run={v.run} />}
                {v.used.map((u) => (
                  <li key={u.step + u.product}>
                    {Say(u.step)}: {u.product}{' '}
                    <span className="text-faint">
                      on {u.panels.slice(0, 3).join('; ')}
                      {u.panels.length > 3 && ` and ${plural(u.panels.length - 3, 'more panel')}`}
                    </span>
                  </li>
                ))}
              </ul>
            )}
          </li>
        ))}
      </ol>
    </section>
  )
}
