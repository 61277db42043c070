import { ButtonLink } from './controls'
import { Empty } from './Notice'
import { phrase } from './phrase'

/** Where a view of a job has nothing to stand on yet. */
export function NothingSurveyed({ jobId }: { jobId: string }) {
  return (
    <div className="p-4">
      <Empty title={phrase('nothing-is-surveyed-yet')}>
        <ButtonLink to={`/jobs/${jobId}/survey`} weight="main">
          {phrase('to-the-survey')}
        </ButtonLink>
      </Empty>
    </div>
  )
}
