import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Check } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, need } from '../api/client'
import { localOf, nowMs } from '../api/clock'
import { learnerQuery, shopQuery, trainingQuery } from '../api/queries'
import { Button, ButtonLink, Field, inputForm, Pick } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { when } from '../parts/words'
import { nextUp, standings, type Standing } from './progress'
import { useLearner } from './useLearner'
import { NotCounted } from './NotCounted'
import { courses, kinds, works, type Course, type Learner, type Lesson, type Work } from './words'
import { allOf } from '../words/lists'
import { phrase } from './phrase'

/** The training floor: who learns, what is next, and all courses. */
export function PracticeView() {
  const [who, setWho] = useLearner()
  const training = useQuery(trainingQuery)
  const learner = useQuery(learnerQuery(who))
  if (training.isPending) return <Loading what={phrase('fetching-the-lessons')} />
  if (training.error) return <Trouble error={training.error} again={() => void training.refetch()} />
  const all = standings(training.data.lessons, learner.data)
  return (
    <div className="mx-auto grid w-full max-w-6xl grid-cols-[minmax(0,1fr)] gap-4 p-3 md:p-5">
      <div>
        <h1 className="text-head">{phrase('practice')}</h1>
        <p className="text-faint">{phrase('on-model-panels-nothing-here')}</p>
      </div>
      <NotCounted lessons={training.data.lessons} />
      <div className="grid gap-4 md:grid-cols-[20rem_minmax(0,1fr)]">
        <div className="grid content-start gap-4">
          <Who who={who} onWho={setWho} />
          {who && learner.data && <Next all={all} learner={learner.data} />}
          {learner.error && <Trouble error={learner.error} again={() => void learner.refetch()} />}
          <Gates lessons={training.data.lessons} gates={training.data.gates} />
        </div>
        <div className="grid content-start items-start gap-4 lg:grid-cols-2">
          {(Object.keys(courses) as Course[]).map((course) => (
            <CourseList key={course} course={course} all={all.filter((s) => s.lesson.course === course)} />
          ))}
        </div>
      </div>
    </div>
  )
}

function Who({ who, onWho }: { who: string; onWho: (name: string) => void }) {
  const shop = useQuery(shopQuery)
  const names = (shop.data?.people ?? []).map((p) => p.name)
  const [typed, setTyped] = useState('')
  const known = [...new Set([...names, ...(who ? [who] : [])])]
  return (
    <section aria-label={phrase('who-learns')} className="lying grid gap-2 p-3">
      <Field label={phrase('who-learns-on-this-device')}>
        <Pick
          label={phrase('who-learns-on-this-device')}
          value={who || undefined}
          options={known.map((value) => ({ value, label: value }))}
          placeholder={phrase('choose-a-name')}
          onChange={onWho}
        />
      </Field>
      <form
        className="flex items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault()
          if (!typed.trim()) return
          onWho(typed.trim())
          setTyped('')
        }}
      >
        <label className="flex-1">
          <Field label={phrase('somebody-else')}>
            <input
              className={inputForm}
              value={typed}
              maxLength={80}
              autoComplete="off"
              onChange={(e) => setTyped(e.target.value)}
            />
          </Field>
        </label>
        <Button type="submit" disabled={!typed.trim()}>
          {phrase('take')}
        </Button>
      </form>
    </section>
  )
}

function Next({ all, learner }: { all: Standing[]; learner: Learner }) {
  const next = nextUp(all, nowMs())
  const passed = all.filter((s) => s.passed).length
  return (
    <section aria-label={phrase('next')} className="lying grid gap-2 border-l-4 border-l-needle p-3">
      {next ? (
        <>
          <p className="text-note text-faint">
            {next.due ? phrase('comes-back-today') : phrase('next')} · {courses[next.standing.lesson.course]}
          </p>
          <p className="text-do font-semibold">{next.standing.lesson.title}</p>
          <p>{next.standing.lesson.aim}.</p>
          <ButtonLink to={`/practice/${next.standing.lesson.id}`} weight="main" className="min-h-14">
            {phrase('begin')}
          </ButtonLink>
        </>
      ) : (
        <p className="font-semibold">{phrase('all-lessons-passed-and-nothing')}</p>
      )}
      <p className="text-note text-faint">
        {phrase('of-lessons-passed-answers', { passed, all: all.length, answers: learner.answers.length })}
      </p>
      {learner.mayNot.length > 0 && (
        <p className="border-l-4 border-l-care pl-2 text-note">
          {phrase('not-alone-yet', { mayNot: allOf(learner.mayNot.map((w) => works[w].toLowerCase())) })}
        </p>
      )}
      <Button weight="quiet" className="no-print -ml-4 justify-self-start" onClick={() => print()}>
        {phrase('print-this-record')}
      </Button>
    </section>
  )
}

function CourseList({ course, all }: { course: Course; all: Standing[] }) {
  const passed = all.filter((s) => s.passed).length
  return (
    <section aria-label={courses[course]} className="lying content-start">
      <h2 className="flex items-baseline justify-between border-b border-line p-3 text-do">
        {courses[course]}
        <span className="text-note font-normal text-faint">
          {phrase('of-passed', { passed, all: all.length })}
        </span>
      </h2>
      <ul className="divide-y divide-line">
        {all.map((s) => (
          <li key={s.lesson.id}>
            <Link
              to={`/practice/${s.lesson.id}`}
              className="flex min-h-12 items-center justify-between gap-3 px-3 py-1.5 text-ink no-underline hover:bg-piece"
            >
              <span>
                <span className="block font-semibold">{s.lesson.title}</span>
                <span className="text-note text-faint">{kinds[s.lesson.kind]}</span>
              </span>
              <Stands standing={s} />
            </Link>
          </li>
        ))}
      </ul>
    </section>
  )
}

function Stands({ standing: s }: { standing: Standing }) {
  if (s.passed)
    return (
      <span className="inline-flex items-center gap-1 text-note font-semibold text-tune">
        <Check size={16} aria-hidden="true" /> {phrase('passed')}
      </span>
    )
  if (s.tries === 0) return <span className="text-note text-faint">{phrase('new')}</span>
  const due =
    s.dueMs !== undefined && s.dueMs > nowMs()
      ? phrase('back', { dueMs: when(localOf(s.dueMs)) })
      : phrase('due')
  return <span className="text-right text-note text-faint">{phrase('answers', { tries: s.tries, due })}</span>
}

const none = 'none'

/** What has to be passed before a work is done alone: the planner gives it to nobody else. */
function Gates(props: { lessons: Lesson[]; gates: { work: Work; course: Course }[] }) {
  const client = useQueryClient()
  const keep = useMutation({
    mutationFn: (gates: { work: Work; course: Course }[]) =>
      need(api.PUT('/api/v1/training/gates', { body: { gates } })),
    onSuccess: () => void client.invalidateQueries(),
  })
  return (
    <section aria-label={phrase('before-it-is-done-alone')} className="no-print lying grid gap-2 p-3">
      <h2 className="text-do">{phrase('before-it-is-done-alone')}</h2>
      {(Object.keys(works) as Work[]).map((work) => (
        <Field key={work} label={phrase('pass-first', { works: works[work] })}>
          <Pick
            label={phrase('pass-first', { works: works[work] })}
            value={props.gates.find((g) => g.work === work)?.course ?? none}
            options={[
              { value: none, label: phrase('nothing') },
              ...(Object.keys(courses) as Course[]).map((value) => ({ value, label: courses[value] })),
            ]}
            onChange={(course) =>
              keep.mutate([
                ...props.gates.filter((g) => g.work !== work),
                ...(course === none ? [] : [{ work, course: course as Course }]),
              ])
            }
          />
        </Field>
      ))}
      <p className="text-note text-faint">{phrase('times-gives-this-work-only')}</p>
      {keep.error && <Trouble error={keep.error} />}
    </section>
  )
}
