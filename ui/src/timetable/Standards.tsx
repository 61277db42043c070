import { useMutation, useQuery } from '@tanstack/react-query'
import { api, need } from '../api/client'
import { standardsQuery } from '../api/queries'
import { useJobSettled } from '../api/useJobSettled'
import { Trouble } from '../parts/Notice'
import { money, Say, when, worked } from '../parts/words'
import { phrase } from './phrase'

/** Tidy, thorough and exacting for the whole cabin: time against price. */
export function Standards({ jobId }: { jobId: string }) {
  const standards = useQuery(standardsQuery(jobId))
  const onSuccess = useJobSettled()
  const wish = useMutation({
    mutationFn: (standard: string) =>
      need(api.POST('/api/v1/jobs/{id}/standards/{standard}', { params: { path: { id: jobId, standard } } })),
    onSuccess,
  })
  return (
    <section aria-label={phrase('standards')} className="lying p-3">
      <h2 className="text-do">{phrase('standard-time-price')}</h2>
      {standards.isPending && <p className="text-faint">{phrase('working-out-all-three')}</p>}
      {standards.error && <Trouble error={standards.error} />}
      {standards.data && (
        <table className="w-full text-left">
          <thead className="text-note text-faint">
            <tr>
              <th scope="col">{phrase('standard')}</th>
              <th scope="col">{phrase('work')}</th>
              <th scope="col">{phrase('ready')}</th>
              <th scope="col" className="text-right">
                {phrase('net')}
              </th>
            </tr>
          </thead>
          <tbody>
            {standards.data.map((s) => (
              <tr key={s.standard} className={`border-t border-line ${s.current ? 'font-semibold' : ''}`}>
                <th scope="row" className="font-[inherit]">
                  {s.current ? (
                    <span className="text-needle">{Say(s.standard)}</span>
                  ) : (
                    <button
                      type="button"
                      className="min-h-11 underline underline-offset-4"
                      disabled={wish.isPending}
                      onClick={() => wish.mutate(s.standard)}
                    >
                      {Say(s.standard)}
                    </button>
                  )}
                </th>
                <td>{worked(s.workMin)}</td>
                <td className="text-note">{when(s.readyAt)}</td>
                <td className="text-right">{s.netMinor > 0 ? money(s.netMinor, s.currency) : '–'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {wish.error && <Trouble error={wish.error} />}
    </section>
  )
}
