import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { exerciseQuery, learnerQuery, trainingQuery } from '../api/queries'
import { Button, ButtonLink } from '../parts/controls'
import { Empty, Loading, Trouble } from '../parts/Notice'
import { AskCard } from './AskCard'
import { Asking } from './Asking'
import { CoatLesson } from './CoatLesson'
import { MastersCoat } from './MastersCoat'
import { MastersRun } from './MastersRun'
import { PanelLesson } from './PanelLesson'
import { useLearner } from './useLearner'
import { courses, kinds, type Lesson } from './words'
import { phrase } from './phrase'

/** Seeds of the worked example; practice and tests never use it. */
const EXAMPLE = 0

type Mode = 'read' | 'practise' | 'test'

/** A lesson: its aim, an example worked by a master, practice, and its test. */
export function LessonView() {
  const { lesson: id } = useParams()
  const training = useQuery(trainingQuery)
  const [who] = useLearner()
  const learner = useQuery(learnerQuery(who))
  const [mode, setMode] = useState<Mode>('read')
  const lesson = training.data?.lessons.find((l) => l.id === id)
  const [seed, setSeed] = useState(fresh)
  if (training.isPending) return <Loading what={phrase('fetching-the-lesson')} />
  if (training.error) return <Trouble error={training.error} again={() => void training.refetch()} />
  if (!lesson)
    return (
      <div className="p-4">
        <Empty title={phrase('there-is-no-such-lesson')}>
          <ButtonLink to="/practice">{phrase('to-the-courses')}</ButtonLink>
        </Empty>
      </div>
    )
  const begin = (next: Mode) => {
    setSeed(fresh())
    setMode(next)
  }
  const passed = learner.data?.passed.includes(lesson.id)
  const inTest =
    lesson.kind === 'work'
      ? phrase('panels', { inTest: lesson.inTest })
      : lesson.kind === 'coat'
        ? phrase('coatings', { inTest: lesson.inTest })
        : phrase('questions', { inTest: lesson.inTest })
  return (
    <div className="mx-auto grid w-full max-w-6xl grid-cols-[minmax(0,1fr)] gap-3 p-3 md:p-5">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <p className="text-note text-faint">
            <Link to="/practice">{phrase('practice')}</Link> · {courses[lesson.course]} · {kinds[lesson.kind]}
            {passed && <> · {phrase('passed-within')}</>}
          </p>
          <h1 className="text-head">{lesson.title}</h1>
          <p>{lesson.aim}.</p>
        </div>
        {mode === 'read' ? (
          who ? (
            <div className="flex flex-wrap gap-2">
              <Button weight="main" className="min-h-14 px-6" onClick={() => begin('practise')}>
                {phrase('practise')}
              </Button>
              <Button className="min-h-14" onClick={() => begin('test')}>
                {phrase('sit-the-test', { inTest })}
              </Button>
            </div>
          ) : (
            <ButtonLink to="/practice" weight="main">
              {phrase('say-who-learns-first')}
            </ButtonLink>
          )
        ) : (
          <Button onClick={() => setMode('read')}>
            {mode === 'test' ? phrase('leave-the-test') : phrase('enough-for-now')}
          </Button>
        )}
      </div>
      {mode === 'read' && <Worked lesson={lesson} />}
      {mode !== 'read' &&
        (lesson.kind === 'work' ? (
          <PanelLesson key={mode + seed} lesson={lesson} who={who} seed={seed} test={mode === 'test'} />
        ) : lesson.kind === 'coat' ? (
          <CoatLesson key={mode + seed} lesson={lesson} who={who} seed={seed} test={mode === 'test'} />
        ) : (
          <Asking
            key={mode + seed}
            lesson={lesson}
            learner={learner.data}
            who={who}
            seed={seed}
            test={mode === 'test'}
          />
        ))}
    </div>
  )
}

const fresh = () => 1 + Math.floor(Math.random() * 2 ** 31)

function Worked({ lesson }: { lesson: Lesson }) {
  return (
    <>
      <section aria-label={phrase('a-master-says')} className="lying border-l-4 border-l-needle p-3 text-do">
        <p>{lesson.example}</p>
        <p className="mt-1 text-note text-faint">{phrase('rule', { rule: lesson.rule })}</p>
      </section>
      {lesson.kind === 'work' ? (
        <MastersRun lesson={lesson} seed={EXAMPLE} />
      ) : lesson.kind === 'coat' ? (
        <MastersCoat lesson={lesson} seed={EXAMPLE} />
      ) : (
        <Example lesson={lesson} />
      )}
    </>
  )
}

function Example({ lesson }: { lesson: Lesson }) {
  const exercise = useQuery(exerciseQuery(lesson.id, EXAMPLE, lesson.level))
  if (exercise.isPending) return <Loading what={phrase('fetching-an-example')} />
  if (exercise.error) return <Trouble error={exercise.error} again={() => void exercise.refetch()} />
  return (
    <>
      <h2 className="text-do">{phrase('an-example-answered')}</h2>
      <AskCard exercise={exercise.data} picked={-1} told onPick={() => {}} />
    </>
  )
}
