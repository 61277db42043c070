import { ButtonLink } from './controls'
import { Empty } from './Notice'

/** Where a view of a job has nothing to stand on yet. */
export function NothingSurveyed({ jobId }: { jobId: string }) {
  return (
    <div className="p-4">
      <Empty title="Nothing is surveyed yet.">
        <ButtonLink to={`/jobs/${jobId}/survey`} weight="main">
          To the survey
        </ButtonLink>
      </Empty>
    </div>
  )
}
