import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { Photos } from '../survey/Photos'
import { Otherwise } from './Otherwise'
import type { BenchTask } from './run'
import type { Tell } from './useBench'
import { phrase } from './phrase'

/** What is seldom needed at a step, behind one word. */
export function More(props: {
  job: Schemas['JobDetail']
  task: BenchTask
  onTell: (what: Omit<Tell, 'taskId'>) => void
}) {
  const { job, task } = props
  return (
    <details>
      <summary className="flex min-h-12 cursor-pointer items-center font-semibold">{phrase('more')}</summary>
      <div className="flex flex-wrap items-center gap-x-4">
        {(task.look === 'cloth' || task.look === 'test-spot') && (
          <Link
            to={`/cloth?job=${job.id}&surface=${task.surfaceIds[0]}&task=${task.id}`}
            className="inline-flex min-h-12 items-center underline underline-offset-4"
          >
            {phrase('read-the-cloth-by-photo')}
          </Link>
        )}
        <Otherwise task={task} onTell={props.onTell} />
      </div>
      {task.surfaceIds.length === 1 && (
        <Photos job={job} surfaceId={task.surfaceIds[0]} first={moment(task)} />
      )}
    </details>
  )
}

/** When in a job a photo taken at a step most likely is. */
const moment = (task: BenchTask) =>
  task.look === 'test-spot'
    ? 'test-spot'
    : task.look === 'cloth' || task.look === 'foam'
      ? 'half-and-half'
      : 'done'
