import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { coatWorkQuery } from '../api/queries'
import { Button } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { CoatResult } from './CoatResult'
import { CoatWork } from './CoatWork'
import type { Deed } from './model'
import { useAhead } from './useAhead'
import { useAnswers } from './useAnswers'
import type { Lesson, Marked } from './words'
import { phrase } from './phrase'

/** Coatings laid by hand, one after another. */
export function CoatLesson(props: { lesson: Lesson; who: string; seed: number; test: boolean }) {
  const { lesson, who, seed, test } = props
  const [n, setN] = useState(0)
  const [marked, setMarked] = useState<Marked>()
  const [trouble, setTrouble] = useState<unknown>()
  const [busy, setBusy] = useState(false)
  const [testId] = useState(() => (test ? crypto.randomUUID() : undefined))
  const { send, waits } = useAnswers()
  const level = lesson.level
  useAhead(lesson, seed + n, level)
  const work = useQuery(coatWorkQuery(lesson.id, seed + n, level))
  const data = work.data
  if (work.isPending) return <Loading what={phrase('fetching-the-seats')} />
  if (!data) return <Trouble error={work.error} again={() => void work.refetch()} />
  const done = (deeds: Deed[]) => {
    setBusy(true)
    send({
      id: crypto.randomUUID(),
      person: who,
      lesson: lesson.id,
      seed: data.seed,
      level,
      deeds,
      testId,
      fingerprint: data.fingerprint,
    })
      .then((mark) => (mark ? setMarked(mark) : setN(n + 1))) // kept, and marked when the line is back
      .catch(setTrouble)
      .finally(() => setBusy(false))
  }
  const last = test && n + 1 === lesson.inTest
  return (
    <>
      {test && (
        <p role="status" className="text-note text-faint">
          {phrase('coating-of', { n: n + 1, inTest: lesson.inTest })}
        </p>
      )}
      {waits > 0 && <p role="status">{phrase('no-line-marked-later', { waits })}</p>}
      {marked ? (
        <>
          <CoatResult marked={marked} />
          {last ? (
            <p role="status" className="font-semibold">
              {marked.passed ? phrase('the-test-is-passed') : phrase('coating-test-not-passed')}
            </p>
          ) : (
            <Button
              autoFocus
              weight="main"
              className="min-h-14 justify-self-start px-8"
              onClick={() => {
                setMarked(undefined)
                setN(n + 1)
              }}
            >
              {phrase('next-seats')}
            </Button>
          )}
        </>
      ) : (
        <CoatWork key={data.seed} work={data} onDone={done} busy={busy} />
      )}
      {trouble !== undefined && <Trouble error={trouble} />}
    </>
  )
}
