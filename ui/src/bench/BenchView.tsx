import { useEffect, useMemo, useState } from 'react'
import { ApiError } from '../api/client'
import { Button, ButtonLink, OneOf } from '../parts/controls'
import { useJob } from '../parts/JobFrame'
import { Empty, Loading, Trouble } from '../parts/Notice'
import { useCabin } from '../parts/useCabin'
import { plural } from '../parts/words'
import { AllTasks } from './AllTasks'
import { Clocks } from './Clocks'
import { TaskCard } from './TaskCard'
import { useBench, useServerTime } from './useBench'

const everyone = 'Everyone'

export function BenchView() {
  const job = useJob()
  const { run, begin, tell } = useBench(job.id)
  const layout = useCabin(job)
  const now = useServerTime(run.data?.serverNow, run.dataUpdatedAt)
  const [chosen, setChosen] = useState<string>()
  const tasks = useMemo(() => run.data?.tasks ?? [], [run.data])
  const people = useMemo(() => [...new Set(tasks.flatMap((t) => t.person ?? []))], [tasks])
  const [who, setWho] = useState<string>()
  const open = useMemo(
    () => tasks.filter((t) => t.needsHands && t.state !== 'DONE' && (!who || t.person === who)),
    [tasks, who],
  )
  const current = open.find((t) => t.id === chosen) ?? open[0]
  const after = current ? open[open.indexOf(current) + 1] : undefined
  const lastDone = tasks
    .filter((t) => t.needsHands && t.state === 'DONE')
    .sort((a, b) => (b.doneAt ?? '').localeCompare(a.doneAt ?? ''))[0]
  useWakeLock(run.data !== undefined)
  usePedal()

  if (run.isPending) return <Loading what="the bench" />
  if (run.isError) {
    const notStarted = run.error instanceof ApiError && run.error.status === 409
    if (!notStarted)
      return (
        <div className="p-4">
          <Trouble error={run.error} again={() => void run.refetch()} />
        </div>
      )
    const asked = job.document.surfaces.some((s) => s.condition.soil && s.condition.wear)
    return (
      <div className="p-3 md:p-5">
        <Empty title={asked ? 'Ready for the bench.' : 'Nothing is surveyed yet.'}>
          <p>
            {asked
              ? 'Starting the run freezes the plan as it stands: the steps, bottles and times you saw in Match and Mix.'
              : 'The steps follow from the survey.'}
          </p>
          {asked ? (
            <Button
              weight="main"
              className="min-h-14 px-6"
              onClick={() => begin.mutate()}
              disabled={begin.isPending}
            >
              Start the run
            </Button>
          ) : (
            <ButtonLink to={`/jobs/${job.id}/survey`} weight="main">
              To the survey
            </ButtonLink>
          )}
          {begin.isError && <Trouble error={begin.error} />}
        </Empty>
      </div>
    )
  }
  const running = tasks.filter((t) => t.state === 'RUNNING')
  return (
    <div className="mx-auto grid w-full max-w-4xl gap-3 p-2 md:p-4">
      <div className="flex items-center justify-between gap-2">
        <p className="text-note text-faint" role="status">
          {run.data.tasksDone} of {plural(run.data.tasksTotal, 'step')} done
        </p>
        {lastDone && job.state !== 'HANDED_OVER' && (
          <Button
            weight="quiet"
            className="min-h-12 text-right"
            onClick={() => {
              tell.mutate({ taskId: lastDone.id, to: 'undo' })
              setChosen(lastDone.id)
            }}
          >
            Undo: {lastDone.title.toLowerCase()} {lastDone.where && `(${lastDone.where})`}
          </Button>
        )}
      </div>
      {people.length > 1 && (
        <OneOf
          label="Whose steps on this device"
          value={who ?? everyone}
          options={[everyone, ...people].map((value) => ({
            value,
            label: value.replace('person-', 'Person '),
          }))}
          onChange={(value) => {
            setChosen(undefined)
            setWho(value === everyone ? undefined : value)
          }}
        />
      )}
      {running.length > 0 && <Clocks tasks={running} now={now} onPick={setChosen} current={current?.id} />}
      {tell.isError && <Trouble error={tell.error} />}
      {current ? (
        <TaskCard
          key={current.id}
          task={current}
          next={after}
          now={now}
          layout={layout.data}
          finishes={job.document.surfaces}
          onStart={() => tell.mutate({ taskId: current.id, to: 'start' })}
          onDone={() => {
            tell.mutate({ taskId: current.id, to: 'done' })
            setChosen(undefined)
          }}
          onStop={() => tell.mutate({ taskId: current.id, to: 'undo' })}
        />
      ) : (
        <Empty title={who ? `Every step of ${who} is done.` : 'Every step is done.'}>
          <ButtonLink to={`/jobs/${job.id}/handover`} weight="main">
            To the hand-over
          </ButtonLink>
        </Empty>
      )}
      <AllTasks tasks={tasks} now={now} current={current?.id} onPick={setChosen} />
    </div>
  )
}

/** A foot pedal, or the Page Down key, presses the big button. */
function usePedal() {
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      if (e.key !== 'PageDown' || e.repeat) return
      e.preventDefault()
      document.querySelector<HTMLButtonElement>('[data-next]:not([disabled])')?.click()
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [])
}

/** Keeps a propped-up tablet awake where the browser can; asks again when the page comes back. */
function useWakeLock(on: boolean) {
  useEffect(() => {
    if (!on || !('wakeLock' in navigator)) return
    let lock: WakeLockSentinel | undefined
    const take = () => {
      if (document.visibilityState === 'visible')
        navigator.wakeLock.request('screen').then(
          (taken) => (lock = taken),
          () => undefined,
        )
    }
    take()
    document.addEventListener('visibilitychange', take)
    return () => {
      document.removeEventListener('visibilitychange', take)
      void lock?.release()
    }
  }, [on])
}
