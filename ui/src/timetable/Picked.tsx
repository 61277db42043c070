import { useState } from 'react'
import { Button, TextField } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { timeOf, when } from '../parts/words'
import type { Schemas } from '../api/client'
import { said } from './Lanes'
import type { Table, Task } from './layout'
import { useTimetable } from './useTimetable'

/** The picked task, and its start to be changed without dragging. */
export function Picked({
  jobId,
  table,
  task,
  onMove,
}: {
  jobId: string
  table: Table
  task: Task
  onMove: (taskId: string, start: string) => void
}) {
  const [time, setTime] = useState(task.start.slice(11, 16))
  const { release } = useTimetable(jobId)
  const before = task.after.map((id) => table.tasks.find((t) => t.id === id)).filter((t) => t !== undefined)
  return (
    <section aria-label="Picked task" className="lying grid gap-2 p-3">
      <div>
        <h2 className="text-do">{said(task)}</h2>
        <p className="text-faint">
          {timeOf(task.start)} to {timeOf(task.end)}
          {task.person ? `, ${table.lanes.find((l) => l.id === task.person)?.label}` : ', nobody needed'}
        </p>
        {task.with && <p>With {task.with}</p>}
        {task.wipeBy && task.wipeFrom && (
          <p>
            Wipe from {timeOf(task.wipeFrom)}, by <strong className="text-over">{timeOf(task.wipeBy)}</strong>
          </p>
        )}
        {before.length > 0 && (
          <p className="text-note text-faint">After {before.map((t) => said(t)).join('; ')}</p>
        )}
      </div>
      {task.person && (
        <form
          className="flex items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault()
            onMove(task.id, `${task.start.slice(0, 10)}T${time}:00`)
          }}
        >
          <TextField label="Start at" type="time" value={time} onChange={setTime} required />
          <Button type="submit">See what it pushes</Button>
        </form>
      )}
      {task.pinned && (
        <Button disabled={release.isPending} onClick={() => release.mutate(task.id)}>
          Let it go where it fits best
        </Button>
      )}
      {release.error && <Trouble error={release.error} />}
    </section>
  )
}

/** What a move would do, before it is kept. */
export function Tried({
  jobId,
  tried,
  task,
  start,
  onDone,
}: {
  jobId: string
  tried: Schemas['MoveView']
  task: Task
  start: string
  onDone: () => void
}) {
  const { move } = useTimetable(jobId)
  const most = 5
  return (
    <section
      aria-label="What the move does"
      aria-live="polite"
      className={`lying grid gap-2 border-l-4 p-3 ${tried.possible ? 'border-l-needle' : 'border-l-over'}`}
    >
      <h2 className="text-do">
        {said(task)} at {timeOf(start)}
      </h2>
      {!tried.possible && (
        <>
          <p className="font-semibold text-over">It cannot be there.</p>
          <ul className="list-disc pl-5">
            {tried.why.map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ul>
        </>
      )}
      {tried.possible && (
        <>
          <p>Ready {when(tried.timetable.readyAt)}.</p>
          {tried.pushed.length === 0 && <p>Nothing else moves.</p>}
          <ul className="text-note">
            {tried.pushed.slice(0, most).map((p) => (
              <li key={p.taskId}>
                {p.label}: {timeOf(p.from)} to {timeOf(p.to)}
              </li>
            ))}
            {tried.pushed.length > most && <li>and {tried.pushed.length - most} more</li>}
          </ul>
        </>
      )}
      <div className="flex flex-wrap gap-2">
        {tried.possible && (
          <Button
            weight="main"
            disabled={move.isPending}
            onClick={() => move.mutate({ taskId: task.id, start }, { onSuccess: onDone })}
          >
            Keep it there
          </Button>
        )}
        <Button onClick={onDone}>{tried.possible ? 'Back as it was' : 'Back'}</Button>
      </div>
      {move.error && <Trouble error={move.error} />}
    </section>
  )
}
