import { useEffect, useRef, useState } from 'react'
import type { Schemas } from '../api/client'
import type { Cabin } from '../parts/cabin'
import { Button } from '../parts/controls'
import { insisted, type Deed } from './deeds'
import { Does } from './Does'
import { Heed, How, Lines, NotYet } from './Instructions'
import { More } from './More'
import { NotAlone } from './NotAlone'
import { RoundSheet } from './RoundSheet'
import type { Bench, BenchTask } from './run'
import type { Tell } from './useBench'
import { apart, listed } from '../words/lists'
import { inked } from '../parts/drawn'
import { placed } from '../parts/words'
import { phrase } from './phrase'

type Told = Omit<Tell, 'taskId'>

/** A round in hand: where, with what and how, its panels on the drawing, and one thing to press. */
export function RoundCard(props: {
  job: Schemas['JobDetail']
  round: Bench['rounds'][number] | undefined
  /** Who works on this device, as far as it is said by name. */
  who: string
  /** The step it is about where nothing can be done yet. */
  current: BenchTask
  /** Open steps of the round. */
  here: BenchTask[]
  /** All steps of the round. */
  whole: BenchTask[]
  deed: Deed | undefined
  waits: BenchTask[]
  next: BenchTask | undefined
  nextMeans: string | undefined
  picked: ReadonlySet<string>
  onPicked: (panels: ReadonlySet<string>) => void
  onNext: (id: string) => void
  now: number
  /** What was said of what was told last: not said again here. */
  said: string | undefined
  layout: Cabin | undefined
  read: string | undefined
  onTell: (tasks: BenchTask[], what: Told) => void
}) {
  const { job, round, current, here, picked, now, next } = props
  const [anyway, setAnyway] = useState(false)
  const deed = props.deed ?? (anyway ? insisted(here) : undefined)
  const task = deed?.tasks[0] ?? current
  const panels = [...new Set(props.whole.flatMap((t) => t.surfaceIds))]
  const several = panels.length > 1
  const lit = new Set(deed && several ? deed.tasks.flatMap((t) => t.surfaceIds) : panels)
  const card = useRef<HTMLElement>(null)
  const doing = `${task.id} ${task.passes} ${deed?.mode}`
  useEffect(() => {
    if (document.activeElement === document.body) card.current?.focus({ preventScroll: true })
  }, [doing])
  const pick = (panel: string) =>
    props.onPicked(picked.has(panel) && picked.size === 1 ? new Set() : new Set([panel]))

  const how = round && isWork(task, round) && <How lines={round.technique} />

  return (
    <article
      ref={card}
      tabIndex={-1}
      className="lying grid gap-3 p-3 outline-none md:grid-cols-[minmax(0,1fr)_minmax(0,22rem)] md:p-4"
      aria-label={phrase('step-in-hand')}
    >
      <div className="grid content-start gap-3">
        <div>
          <h2 className="text-head">
            {listed(task.title, task.rung > 1 && task.step !== 'test-spot' && phrase('a-rung-higher'))}
          </h2>
          {task.where && (
            <p className="text-do font-semibold text-needle">
              {deed && deed.tasks.length > 1 ? whereOf(deed.tasks, round) : task.where}
            </p>
          )}
        </div>
        <NotAlone who={props.who} needs={round?.skills ?? []} />
        {!props.deed && props.waits.length > 0 && (
          <NotYet waits={props.waits} now={now}>
            {!anyway && (
              <Button
                weight="quiet"
                className="min-h-12"
                onClick={() => {
                  setAnyway(true)
                  props.onNext(current.id) // and what comes due meanwhile does not take its place
                }}
              >
                {phrase('do-it-all-the-same')}
              </Button>
            )}
          </NotYet>
        )}
        {!props.deed && picked.size > 0 && <p>{phrase('nothing-is-to-be-done')}</p>}
        {task.says && !props.said?.startsWith(task.says) && (
          <p className="border-l-4 border-l-needle pl-3 font-semibold" data-said>
            {task.says}
          </p>
        )}
        <Lines task={task} />
        {deed && (
          <Does
            key={doing}
            job={job}
            deed={deed}
            now={now}
            read={props.read}
            onTell={(tasks, what) =>
              props.onTell(
                tasks,
                props.deed || what.reason ? what : { ...what, reason: phrase('told-before-its-turn') },
              )
            }
          />
        )}
        <div className="md:hidden">{how}</div>
        <Heed task={task} />
        <More job={job} task={task} onTell={(what) => props.onTell([task], what)} />
        {next && (
          <button
            type="button"
            className="min-h-12 border-t border-line pt-2 text-left text-faint"
            onClick={() => props.onNext(next.id)}
          >
            {next.where
              ? phrase.drawn('next-at', { step: next.title, where: next.where, b: inked })
              : phrase.drawn('next', { step: next.title, b: inked })}
            {props.nextMeans && <span className="block">{props.nextMeans}</span>}
          </button>
        )}
      </div>
      {props.layout && panels.length > 0 && (
        <div className="order-first grid content-start gap-2 md:order-none">
          <div className="h-40 md:h-[21rem]">
            <RoundSheet
              job={job}
              layout={props.layout}
              panels={panels}
              tasks={props.whole}
              now={now}
              lit={picked.size > 0 ? picked : lit}
              zone={round?.zone}
              onPick={pick}
            />
          </div>
          {several && picked.size > 0 && (
            <p className="text-note" role="status">
              {phrase('only-panels-picked', { size: picked.size })}{' '}
              <button
                type="button"
                className="min-h-11 underline underline-offset-4"
                onClick={() => props.onPicked(new Set())}
              >
                {phrase('the-whole-round')}
              </button>
            </p>
          )}
          <div className="hidden md:block">{how}</div>
        </div>
      )}
    </article>
  )
}

/** A look, a reading and the levelling between are not what the technique of a round is about. */
const isWork = (task: BenchTask, round: Bench['rounds'][number]) =>
  task.step !== 'check' && task.look !== 'meter' && (task.step !== 'level' || round.step === 'level')

const whereOf = (tasks: BenchTask[], round: Bench['rounds'][number] | undefined) =>
  tasks.length <= 3
    ? apart(tasks.map((t) => t.where))
    : placed(round?.where ?? '', phrase('panels', { panels: tasks.length }))
