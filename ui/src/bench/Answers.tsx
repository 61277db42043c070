import { useEffect, useRef } from 'react'
import { Button } from '../parts/controls'
import { follows, type BenchTask } from './run'
import { phrase } from './phrase'

const asks: Record<NonNullable<BenchTask['look']>, string> = {
  'test-spot': phrase('what-does-the-test-spot'),
  cloth: phrase('what-does-the-cloth-show'),
  foam: phrase('what-colour-is-the-foam'),
  seams: phrase('what-do-cloth-seams-and'),
  meter: phrase('what-does-the-meter-say'),
  lamp: phrase('what-does-the-lamp-show'),
}

const then: Record<NonNullable<BenchTask['outcome']>, string> = {
  done: 'done',
  leave: phrase('leave-the-rest'),
  stays: phrase('it-stays'),
  again: phrase('one-more-pass'),
  lighter: phrase('once-more-lightly'),
  'hidden-spot': 'hidden spot first',
  wait: phrase('wait-measure-again'),
  'next-rung': phrase('the-next-rung'),
  refer: phrase('stop-and-refer'),
}

/** What was seen, as large buttons that say what each leads to; number keys press them in order. */
export function Answers(props: {
  task: BenchTask
  disabled: boolean
  /** True while it has still to be laid: then nothing is seen yet. */
  early: boolean
  onSeen: (seen: BenchTask['answers'][number]['seen']) => void
}) {
  const { task } = props
  const box = useRef<HTMLFieldSetElement>(null)
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      const typing = (e.target as Element).closest('input, textarea, select, [role=dialog]')
      if (typing || e.repeat || e.metaKey || e.ctrlKey || e.altKey || !/^[1-9]$/.test(e.key)) return
      if (box.current?.closest('[inert]')) return // locked
      box.current?.querySelectorAll<HTMLButtonElement>('button')[Number(e.key) - 1]?.click()
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [])
  return (
    <fieldset ref={box} className="grid gap-2" disabled={props.disabled}>
      <legend className="mb-1 text-do font-semibold">
        {task.look && asks[task.look]}
        {task.passesHigh > 0 && (
          <span className="block text-note font-normal text-faint">
            {phrase('pass-expected', {
              pass: task.passes + 1,
              low: task.passesLow === task.passesHigh ? 0 : task.passesLow,
              high: task.passesHigh,
            })}
          </span>
        )}
      </legend>
      <div className="grid grid-cols-2 gap-2">
        {task.answers.map((answer, i) => {
          const next = follows(task, answer.seen)?.next ?? answer.next
          return (
            <Button
              key={answer.seen}
              weight={i === 0 && !props.early && task.passes + 1 >= task.passesLow ? 'main' : 'plain'}
              className={`min-h-16 flex-col gap-0 px-1 py-2 leading-tight md:text-do ${next === 'refer' ? 'border-4 border-over' : ''}`}
              disabled={props.disabled}
              onClick={() => props.onSeen(answer.seen)}
            >
              {answer.label}
              <span className="text-note font-normal">{then[next]}</span>
            </Button>
          )
        })}
      </div>
    </fieldset>
  )
}
