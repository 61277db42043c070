import { clock } from '../parts/words'
import type { BenchTask } from './useBench'

const words = { WAITING: 'to do', RUNNING: 'running', DONE: 'done' }

/** Every step in order, to see where one is and to take one out of turn. */
export function AllTasks(props: {
  tasks: BenchTask[]
  now: number
  current?: string
  onPick: (id: string) => void
}) {
  return (
    <details className="lying">
      <summary className="flex min-h-14 cursor-pointer items-center px-3 font-semibold">All steps</summary>
      <ol className="divide-y divide-line border-t border-line">
        {props.tasks.map((task) => {
          const left = task.startedAt
            ? task.plannedS - (props.now - new Date(task.startedAt).getTime()) / 1000
            : 0
          const line = (
            <>
              <span className="w-16 shrink-0 text-note text-faint">{words[task.state]}</span>
              <span className={`flex-1 ${task.state === 'DONE' ? 'text-faint line-through' : ''}`}>
                {task.title}
                {task.where && `: ${task.where}`}
              </span>
              {!task.needsHands && task.state === 'RUNNING' && <span>{clock(left)}</span>}
            </>
          )
          return (
            <li key={task.id} className={task.id === props.current ? 'border-l-4 border-l-needle' : ''}>
              {task.needsHands && task.state !== 'DONE' ? (
                <button
                  type="button"
                  className="flex min-h-12 w-full items-center gap-2 px-3 text-left"
                  onClick={() => props.onPick(task.id)}
                >
                  {line}
                </button>
              ) : (
                <div className="flex min-h-12 items-center gap-2 px-3">{line}</div>
              )}
            </li>
          )
        })}
      </ol>
    </details>
  )
}
