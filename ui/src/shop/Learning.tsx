import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, need } from '../api/client'
import { learningQuery } from '../api/queries'
import { Tick } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { say, Say } from '../parts/words'
import { listed } from '../words/lists'
import { phrase } from './phrase'

const times = (factor: number) => `× ${factor.toFixed(2)}`

/** What the shop's own records say of its minutes and amounts, and whether it plans with that. */
export function Learning() {
  const client = useQueryClient()
  const learning = useQuery(learningQuery)
  const turn = useMutation({
    mutationFn: (on: boolean) => need(api.PUT('/api/v1/learning', { body: { on } })),
    onSuccess: (fresh) => {
      client.setQueryData(learningQuery.queryKey, fresh)
      void client.invalidateQueries({ queryKey: ['job'] })
    },
  })
  if (learning.isPending) return <Loading what={phrase('fetching-what-was-learnt')} />
  if (learning.isError) return <Trouble error={learning.error} />
  const { on, least, factors, steps } = learning.data
  return (
    <section aria-label={phrase('from-our-own-records')} className="lying grid gap-2 p-3">
      <h2 className="text-do">{phrase('from-our-own-records')}</h2>
      <p className="text-note text-faint">{phrase('what-work-really-took-against', { least })}</p>
      <Tick label={phrase('plan-with-it')} checked={on} onChange={(value) => turn.mutate(value)} />
      {turn.error && <Trouble error={turn.error} />}
      {factors.length + steps.length === 0 ? (
        <p>{phrase('nothing-yet-it-comes-with')}</p>
      ) : (
        <table className="w-full text-note">
          <thead className="text-left text-faint">
            <tr>
              <th className="py-1 font-semibold">{phrase('finish-and-soil-or-step')}</th>
              <th className="text-right font-semibold">{phrase('minutes')}</th>
              <th className="text-right font-semibold">{phrase('amount')}</th>
              <th className="text-right font-semibold">{phrase('cases')}</th>
            </tr>
          </thead>
          <tbody className="divide-y divide-line">
            {factors.map((f) => (
              <tr key={f.finish + f.soil} className={f.counts ? '' : 'text-faint'}>
                <td className="py-1">{listed(f.name, say(f.soil), !f.counts && phrase('too-few-yet'))}</td>
                <td className="text-right">{times(f.minutes)}</td>
                <td className="text-right">{times(f.passes)}</td>
                <td className="text-right">{f.cases}</td>
              </tr>
            ))}
            {steps.map((s) => (
              <tr key={s.step} className={s.counts ? '' : 'text-faint'}>
                <td className="py-1">{listed(Say(s.step), !s.counts && phrase('too-few-yet'))}</td>
                <td className="text-right">{times(s.minutes)}</td>
                <td></td>
                <td className="text-right">{s.cases}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  )
}
