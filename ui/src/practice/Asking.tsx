import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { exerciseQuery } from '../api/queries'
import { Button } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { AskCard } from './AskCard'
import { levelFor } from './progress'
import { Schools } from './Schools'
import { useAhead } from './useAhead'
import { useAnswers } from './useAnswers'
import { marks, type Learner, type Lesson, type Mark } from './words'
import { phrase } from './phrase'

/** Kinds whose answers hang on what a house holds. */
const differs: ReadonlySet<Lesson['kind']> = new Set(['choose', 'pace', 'technique', 'plan', 'hand-over'])

/** One exercise after another; in a test nothing is told before its end. */
export function Asking(props: {
  lesson: Lesson
  learner: Learner | undefined
  who: string
  seed: number
  test: boolean
}) {
  const { lesson, learner, who, seed, test } = props
  const [n, setN] = useState(0)
  const [picked, setPicked] = useState<number>()
  const [given, setGiven] = useState<Mark[]>([])
  const [trouble, setTrouble] = useState<unknown>()
  const [testId] = useState(() => (test ? crypto.randomUUID() : undefined))
  const [level, setLevel] = useState(() => (test ? lesson.level : levelFor(lesson, learner)))
  const { send, waits } = useAnswers()
  useAhead(lesson, seed + n, level)
  const exercise = useQuery({
    ...exerciseQuery(lesson.id, seed + n, level),
    placeholderData: keepPreviousData,
  })
  if (exercise.isPending) return <Loading what={phrase('fetching-the-exercise')} />
  if (exercise.error) return <Trouble error={exercise.error} again={() => void exercise.refetch()} />
  const over = test && given.length === lesson.inTest
  const pick = (choice: number) => {
    const taken = exercise.data.choices[choice]
    if (!taken || picked !== undefined || exercise.isPlaceholderData) return
    setPicked(choice)
    setGiven([...given, taken.mark])
    send({
      id: crypto.randomUUID(),
      person: who,
      lesson: lesson.id,
      seed: exercise.data.seed,
      level,
      choice,
      testId,
      fingerprint: exercise.data.fingerprint,
    }).catch(setTrouble)
  }
  const next = () => {
    if (!test) setLevel(given.at(-1) === 'right' ? Math.min(lesson.level, level + 1) : Math.max(1, level - 1))
    setPicked(undefined)
    setN(n + 1)
  }
  return (
    <>
      <p role="status" className="flex flex-wrap gap-x-4 text-note text-faint">
        <span>
          {test
            ? phrase('question-of', { n: Math.min(n + 1, lesson.inTest), inTest: lesson.inTest })
            : phrase('level-of', { level, of: lesson.level })}
        </span>
        {!test && given.length > 0 && (
          <span>
            {phrase('so-many-right', {
              right: given.filter((m) => m === 'right').length,
              given: given.length,
            })}
          </span>
        )}
        {waits > 0 && <span>{phrase('no-line-sent-later', { waits })}</span>}
      </p>
      {over ? (
        <Result given={given} />
      ) : (
        <>
          <AskCard exercise={exercise.data} picked={picked} told={!test} onPick={pick} />
          {picked !== undefined && (
            <div className="flex flex-wrap items-center gap-3">
              <Button autoFocus weight="main" className="min-h-14 px-8" onClick={next}>
                {phrase('next')}
              </Button>
              {!test && <p className="text-note text-faint">{phrase('rule', { rule: lesson.rule })}</p>}
            </div>
          )}
          {picked !== undefined && !test && differs.has(lesson.kind) && (
            <Schools key={exercise.data.seed} lesson={lesson} seed={exercise.data.seed} level={level} />
          )}
        </>
      )}
      {trouble !== undefined && <Trouble error={trouble} />}
    </>
  )
}

function Result({ given }: { given: Mark[] }) {
  const right = given.filter((m) => m === 'right').length
  const hurt = given.filter((m) => m === 'dangerous').length
  const passed = right >= given.length - 1 && hurt === 0
  return (
    <section
      aria-label={phrase('the-test')}
      className={`lying border-l-4 p-4 ${passed ? 'border-l-tune' : 'border-l-care'}`}
    >
      <h2 className="text-head">{passed ? phrase('passed') : phrase('not-passed-yet')}</h2>
      <p>
        {hurt > 0
          ? phrase('right-and-dangerous', { right, given: given.length, hurt })
          : phrase('so-many-were-right', { right, given: given.length })}{' '}
        {phrase('it-takes-and-nothing-dangerous', { given: given.length - 1 })}
      </p>
      <ol className="mt-2 list-decimal pl-6">
        {given.map((mark, i) => (
          <li key={i} className={marks[mark].ink}>
            {marks[mark].says}
          </li>
        ))}
      </ol>
    </section>
  )
}
