import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { handWorkQuery } from '../api/queries'
import { Button } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { Compare } from './Compare'
import type { Deed } from './model'
import { PanelWork } from './PanelWork'
import { Schools } from './Schools'
import { useAhead } from './useAhead'
import { useAnswers } from './useAnswers'
import type { Lesson, Marked } from './words'
import { phrase } from './phrase'

/** Panels worked by hand, one after another. */
export function PanelLesson(props: { lesson: Lesson; who: string; seed: number; test: boolean }) {
  const { lesson, who, seed, test } = props
  const [n, setN] = useState(0)
  const [own, setOwn] = useState<Deed[]>()
  const [marked, setMarked] = useState<Marked>()
  const [trouble, setTrouble] = useState<unknown>()
  const [busy, setBusy] = useState(false)
  const [testId] = useState(() => (test ? crypto.randomUUID() : undefined))
  const { send, waits } = useAnswers()
  const level = lesson.level
  useAhead(lesson, seed + n, level)
  const work = useQuery(handWorkQuery(lesson.id, seed + n, level))
  const data = work.data
  if (work.isPending) return <Loading what={phrase('fetching-the-panel')} />
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
      .then((mark) => {
        if (!mark) return setN(n + 1) // kept, and marked when the line is back
        setOwn(deeds)
        setMarked(mark)
      })
      .catch(setTrouble)
      .finally(() => setBusy(false))
  }
  const last = test && n + 1 === lesson.inTest
  return (
    <>
      {test && (
        <p role="status" className="text-note text-faint">
          {phrase('panel-of', { n: n + 1, inTest: lesson.inTest })}
        </p>
      )}
      {waits > 0 && <p role="status">{phrase('no-line-marked-later', { waits })}</p>}
      {own && marked ? (
        <>
          <Compare work={data} own={own} marked={marked} />
          {last ? (
            <p role="status" className="font-semibold">
              {marked.passed ? phrase('the-test-is-passed') : phrase('cleaning-test-not-passed')}
            </p>
          ) : (
            <Button
              weight="main"
              className="min-h-14 justify-self-start px-8"
              onClick={() => {
                setOwn(undefined)
                setMarked(undefined)
                setN(n + 1)
              }}
            >
              {phrase('next-panel')}
            </Button>
          )}
          {!test && <Schools key={data.seed} lesson={lesson} seed={data.seed} level={level} />}
        </>
      ) : (
        <PanelWork key={data.seed} work={data} onDone={done} busy={busy} />
      )}
      {trouble !== undefined && <Trouble error={trouble} />}
    </>
  )
}
