import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { historyQuery } from '../api/queries'
import { Loading, Trouble } from '../parts/Notice'
import { dayOf, Say, placed } from '../parts/words'
import { allOf, apart } from '../words/lists'
import { phrase } from './phrase'

/** How a visit's work went: time, what came with what, sheen, exposure. */
function HowItWent({ run }: { run: Schemas['RunOfVisit'] }) {
  const lines = [
    run.workedMin > 0
      ? [phrase('worked-min-planned', { workedMin: run.workedMin, plannedMin: run.plannedMin })]
      : [],
    run.sheen.length > 0 ? [phrase('sheen-read', { sheen: apart(run.sheen) })] : [],
    run.exposure.length > 0 ? [phrase('exposure', { exposure: apart(run.exposure) })] : [],
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
              {phrase('what-was-enough-on-this')}
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
  if (history.isPending) return <Loading what={phrase('fetching-its-history')} />
  if (history.isError) return <Trouble error={history.error} again={() => void history.refetch()} />
  const { visits, assumed } = history.data
  return (
    <section aria-label={phrase('visits')} className="lying p-3">
      <h2 className="text-do">{phrase('visits-counted', { visits: visits.length })}</h2>
      {assumed.length > 0 && (
        <div className="mt-2 border-l-4 border-l-care pl-3">
          <p className="font-semibold">{phrase('nothing-is-known-of-earlier')}</p>
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
                {v.state === 'handed-over' ? phrase('nothing-wet-was-used') : phrase('not-handed-over-yet')}
              </span>
            ) : (
              <ul className="text-note">
                {v.run && <HowItWent run={v.run} />}
                {v.used.map((u) => (
                  <li key={u.step + u.product}>
                    {placed(Say(u.step), u.product)}{' '}
                    <span className="text-faint">
                      {phrase('on', {
                        panels: allOf([
                          ...u.panels.slice(0, 3),
                          u.panels.length > 3 && phrase('and-more-panels', { panels: u.panels.length - 3 }),
                        ]),
                      })}
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
