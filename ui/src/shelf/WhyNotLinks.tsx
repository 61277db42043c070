import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { dayQuery } from '../api/queries'
import { phrase } from './phrase'

/** From a thing of the shelf to the jobs at hand, each with why it is or is not used there. */
export function WhyNotLinks({ itemId }: { itemId: string }) {
  const day = useQuery(dayQuery)
  const jobs = (day.data ?? [])
    .map((d) => d.job)
    .filter((job) => job.surveyed > 0 && job.state !== 'handed-over')
  if (jobs.length === 0) return null
  return (
    <section aria-label={phrase('why-not-in-a-job')} className="lying p-3">
      <h2 className="text-do">{phrase('why-or-why-not-in')}</h2>
      <ul>
        {jobs.map((job) => (
          <li key={job.id}>
            <Link
              to={`/jobs/${job.id}/matrix?item=${itemId}`}
              className="inline-flex min-h-11 items-center underline underline-offset-4"
            >
              {job.title}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  )
}
