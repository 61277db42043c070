import { useEffect, useMemo, useState } from 'react'
import { useSearchParams } from 'react-router'
import { ApiError } from '../api/client'
import { Button, ButtonLink, OneOf } from '../parts/controls'
import { useJob } from '../parts/useJob'
import { keptHere } from '../parts/kept'
import { Empty, Loading, PageTrouble, Trouble } from '../parts/Notice'
import { useCabin } from '../parts/useCabin'
import { useAlarms } from './alarms'
import { AllTasks } from './AllTasks'
import { Clocks } from './Clocks'
import { clockStart, elapsedOf, face, needsHands, waitsFor } from './clocks'
import { cardOf, cardsOf, deedOf, roundOf } from './deeds'
import { Device, useDevice } from './Device'
import { Goes, Line, Paused, Room } from './Goes'
import { isOpen, isOver, type BenchTask } from './run'
import { RoundCard } from './RoundCard'
import { useBench, useServerTime } from './useBench'
import { strong } from '../parts/drawn'
import { apart } from '../words/lists'
import { phrase } from './phrase'

const everyone = phrase('everyone')

export function BenchView() {
  const job = useJob()
  const device = useDevice()
  const [said, setWho] = useWho(job.id)
  const { run, bench, begin, tell, lastTold, waiting, refused, held, forget, remark, cut } = useBench(
    job.id,
    said ?? '',
  )
  const layout = useCabin(job)
  const now = useServerTime(run.data?.serverNow, run.dataUpdatedAt)
  const [search, setSearch] = useSearchParams()
  const [chosen, setChosen] = useInHand(job.id, search.get('task') ?? undefined)
  const tasks = useMemo(() => (bench?.tasks ?? []).filter((t) => t.state !== 'replaced'), [bench])
  const people = useMemo(() => [...new Set(tasks.flatMap((t) => t.person ?? []))], [tasks])
  const who = people.length > 1 && said && people.includes(said) ? said : undefined
  const [picked, setPicked] = useState<ReadonlySet<string>>(new Set())
  const open = useMemo(
    () => tasks.filter((t) => t.needsHands && isOpen(t) && (!who || t.person === who)),
    [tasks, who],
  )
  const current = open.find((t) => t.id === chosen) ?? needsHands(open, now, tasks)
  const waits = current ? waitsFor(current, tasks) : []
  const sits = current && clockStart(current) && face(current, elapsedOf(current, now)).phase === 'sits'
  // what can be worked on stays in hand until it is told, whatever comes due
  if (current && current.id !== chosen && waits.length === 0 && !sits) setChosen(current.id)
  const card = current && cardOf(current)
  const here = open.filter((t) => cardOf(t) === card)
  const deed = deedOf(here, tasks, now, picked)
  const after = needsHands(
    open.filter((t) => cardOf(t) !== card),
    now,
    tasks,
  )
  const cards = cardsOf(tasks)
  const toldHere = tasks.filter((t) => lastTold.includes(t.id))
  const doneLast = tasks
    .filter((t) => t.needsHands && (t.state === 'done' || t.state === 'skipped' || t.outcome === 'refer'))
    .reduce<BenchTask | undefined>((a, b) => (a && (a.doneAt ?? '') > (b.doneAt ?? '') ? a : b), undefined)
  const undoes = toldHere.length > 0 ? toldHere : doneLast ? [doneLast] : []
  const lastDone = undoes[0]
  useWakeLock(bench !== undefined)
  usePedal(device.nextKey)
  const mine = useMemo(() => tasks.filter((t) => !who || !t.person || t.person === who), [tasks, who])
  useAlarms(mine, now, device.muted)

  if (!bench && run.isPending) return <Loading what={phrase('fetching-the-bench')} />
  if (!bench) {
    const notStarted = run.error instanceof ApiError && run.error.status === 409
    if (!notStarted) return <PageTrouble error={run.error} again={() => void run.refetch()} />
    const asked = job.document.surfaces.some((s) => s.condition.soil && s.condition.wear)
    return (
      <div className="p-3 md:p-5">
        <Empty title={asked ? phrase('ready-for-the-bench') : phrase('nothing-is-surveyed-yet')}>
          <p>{asked ? phrase('starting-the-run-freezes-the') : phrase('the-steps-follow-from-the')}</p>
          {asked ? (
            <Button
              weight="main"
              className="min-h-14 px-6"
              onClick={() => begin.mutate()}
              disabled={begin.isPending}
            >
              {phrase('start-the-run')}
            </Button>
          ) : (
            <ButtonLink to={`/jobs/${job.id}/survey`} weight="main">
              {phrase('to-the-survey')}
            </ButtonLink>
          )}
          {begin.isError && <Trouble error={begin.error} />}
        </Empty>
      </div>
    )
  }
  const pick = (id: string | undefined) => {
    setPicked(new Set())
    setChosen(id)
    setSearch({}, { replace: true })
  }
  const stopped = tasks.filter((t) => t.state === 'referred' && t.outcome === 'refer')
  const undone =
    undoes.length > 1 ? phrase('panels', { panels: undoes.length }) : lastDone?.where || undefined
  const over = tasks.filter((t) => t.needsHands).every((t) => isOver(t) || t.state === 'held')
  return (
    <div className="mx-auto grid w-full max-w-4xl gap-3 p-2 md:p-4">
      <Line cut={cut} waiting={waiting} refused={refused} held={held} tasks={bench.tasks} onForget={forget} />
      <div className="flex items-start justify-between gap-2">
        <div>
          <div className="flex flex-wrap gap-x-3 text-note">
            {card && (
              <p className="font-semibold">
                {phrase('card-of', { indexOf: cards.indexOf(card) + 1, cards: cards.length })}
              </p>
            )}
            <p className="text-faint" role="status">
              {phrase('of-steps-done', { tasksDone: bench.tasksDone, tasksTotal: bench.tasksTotal })}
            </p>
          </div>
          <Goes bench={bench} />
        </div>
        {lastDone && job.state !== 'handed-over' && (
          <Button
            weight="quiet"
            className="min-h-12 text-right"
            onClick={() => {
              tell(...undoes.map((t) => ({ taskId: t.id, kind: 'undone' }) as const))
              pick(lastDone.id)
            }}
          >
            {undone
              ? phrase('undo-at', { title: lastDone.title.toLowerCase(), what: undone })
              : phrase('undo', { title: lastDone.title.toLowerCase() })}
          </Button>
        )}
      </div>
      {people.length > 1 && (
        <OneOf
          label={phrase('whose-steps-on-this-device')}
          value={who ?? everyone}
          options={[everyone, ...people].map((value) => ({
            value,
            label: value.startsWith('person-')
              ? phrase('person', { n: value.replace('person-', '') })
              : value,
          }))}
          onChange={(value) => {
            pick(undefined)
            setWho(value === everyone ? undefined : value)
          }}
        />
      )}
      <Clocks
        tasks={mine}
        now={now}
        onPick={pick}
        isInHand={(t) => t === deed?.tasks[0] || isOnDrawing(t, here)}
      />
      <p
        role="status"
        aria-label={phrase('what-follows')}
        className={remark ? 'border-l-4 border-l-needle pl-3 text-do' : 'sr-only'}
      >
        {remark}
      </p>
      {stopped.length > 0 && (
        <p
          role="status"
          aria-label={phrase('stopped-and-referred')}
          className="border-l-4 border-l-over pl-3"
        >
          {phrase.drawn('nothing-more-is-done-there', {
            stopped: apart(
              stopped.map((t) => (t.by ? phrase('told-by', { where: t.where, by: t.by }) : t.where)),
            ),
            b: strong,
          })}
        </p>
      )}
      {bench.paused ? (
        <Paused bench={bench} now={now} onGoOn={() => tell({ taskId: '', kind: 'resumed' })} />
      ) : current ? (
        <RoundCard
          key={card}
          job={job}
          round={roundOf(bench, deed?.tasks[0] ?? current)}
          who={who ?? current.name ?? ''}
          current={current}
          here={here}
          whole={tasks.filter((t) => t.needsHands && cardOf(t) === card)}
          deed={deed}
          said={remark}
          waits={waits}
          next={after}
          nextMeans={after && roundOf(bench, after)?.means}
          onNext={pick}
          picked={picked}
          onPicked={setPicked}
          now={now}
          layout={layout.data}
          read={search.get('task') === current.id ? (search.get('seen') ?? undefined) : undefined}
          onTell={(told, what) => {
            tell(...told.map((t) => ({ taskId: t.id, ...what })))
            const stays = ['started', 'note', 'swapped', 'undone', 'seen'].includes(what.kind)
            pick(stays ? told[0]?.id : undefined)
          }}
        />
      ) : (
        <Empty title={who && !over ? phrase('every-step-of-is-done', { who }) : phrase('every-step-is-done')}>
          <ButtonLink to={`/jobs/${job.id}/handover`} weight="main">
            {phrase('to-the-hand-over')}
          </ButtonLink>
        </Empty>
      )}
      <AllTasks tasks={tasks} now={now} current={current?.id} onPick={pick} />
      <div className="flex flex-wrap items-center gap-x-5">
        {!bench.paused && job.state !== 'handed-over' && <Room bench={bench} jobId={job.id} tell={tell} />}
        <Device {...device} />
        <ButtonLink to={`/jobs/${job.id}/record`} weight="quiet" className="-ml-4 min-h-12">
          {phrase('what-was-done')}
        </ButtonLink>
      </div>
    </div>
  )
}

/** The step in hand, which stays there through a reload. */
function useInHand(jobId: string, asked: string | undefined) {
  const key = `attune.hand.${jobId}`
  const [chosen, choose] = useState<string | undefined>(() => asked ?? keptHere.get(key) ?? undefined)
  const setChosen = (id: string | undefined) => {
    choose(id)
    keptHere.set(key, id)
  }
  return [chosen, setChosen] as const
}

/** Whether the drawing of the card in hand shows its clock: of two on one panel it shows one. */
const isOnDrawing = (task: BenchTask, here: BenchTask[]) =>
  here.includes(task) &&
  here.every(
    (t) => t === task || !clockStart(t) || t.surfaceIds.every((panel) => !task.surfaceIds.includes(panel)),
  )

/** Who works at this job on this device; another job asks anew. */
function useWho(jobId: string) {
  const key = `attune.who.${jobId}`
  const [who, choose] = useState<string | undefined>(() => keptHere.get(key) ?? undefined)
  const setWho = (name: string | undefined) => {
    choose(name)
    keptHere.set(key, name)
  }
  return [who, setWho] as const
}

/** A foot pedal, or whatever key is bound, presses the big button. */
function usePedal(key: string) {
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      if (e.key !== key || e.repeat || e.defaultPrevented) return
      const big = document.querySelector<HTMLButtonElement>('[data-next]:not([disabled])')
      if (big?.closest('[inert]')) return // locked
      e.preventDefault()
      big?.click()
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [key])
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
