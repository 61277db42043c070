import { clock, placed } from '../parts/words'
import { clockStart, elapsedOf } from './clocks'
import { isOpen, type BenchTask } from './run'
import { listed } from '../words/lists'
import { phrase } from './phrase'

const words: Record<BenchTask['state'], string> = {
  held: phrase('if-needed'),
  waiting: phrase('to-do'),
  running: phrase('running'),
  done: phrase('done-within'),
  skipped: phrase('skipped'),
  replaced: phrase('replaced'),
  referred: phrase('referred'),
}

/** Every step in order, to see where one is and to take one out of turn. */
export function AllTasks(props: {
  tasks: BenchTask[]
  now: number
  current?: string
  onPick: (id: string) => void
}) {
  return (
    <details className="lying">
      <summary className="flex min-h-14 cursor-pointer items-center px-3 font-semibold">
        {phrase('all-steps')}
      </summary>
      <ol className="divide-y divide-line border-t border-line">
        {props.tasks
          .filter((task) => task.state !== 'held')
          .map((task) => {
            const line = (
              <>
                <span className="w-16 shrink-0 text-note text-faint">{words[task.state]}</span>
                <span className={`flex-1 ${isOpen(task) ? '' : 'text-faint line-through'}`}>
                  {placed(listed(task.title, task.rung > 1 && phrase('a-rung-higher')), task.where)}
                </span>
                {!task.needsHands && clockStart(task) && (
                  <span>{clock(task.plannedS - elapsedOf(task, props.now))}</span>
                )}
              </>
            )
            return (
              <li key={task.id} className={task.id === props.current ? 'border-l-4 border-l-needle' : ''}>
                {task.needsHands && isOpen(task) ? (
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
