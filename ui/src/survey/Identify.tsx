import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import { useState } from 'react'
import type { Schemas } from '../api/client'
import { identifyQuery } from '../api/queries'
import { Button } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { Swatch } from '../parts/textures'
import { apart } from '../words/lists'
import { phrase } from './phrase'

const CANNOT_TELL = 'cannot-tell'
const SHOWN = 5
const WORTH_SHOWING = 0.01

/** The interview that tells finishes apart: one question at a time, and how the odds stand. */
export function Identify(props: {
  where: string
  role: string
  onTake: (finish: string) => void
  onClose: () => void
}) {
  const { where, role, onTake, onClose } = props
  const [answers, setAnswers] = useState<Record<string, string>>({})
  const standing = useQuery({ ...identifyQuery(role, answers), placeholderData: keepPreviousData })
  const answer = (question: string, code: string) => setAnswers((before) => ({ ...before, [question]: code }))
  const takeBack = (question: string) =>
    setAnswers((before) => Object.fromEntries(Object.entries(before).filter(([code]) => code !== question)))
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/50" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-0 z-50 overflow-auto bg-paper p-3 md:inset-auto md:top-1/2 md:left-1/2 md:max-h-[92dvh] md:w-[min(94vw,60rem)] md:-translate-x-1/2 md:-translate-y-1/2 md:p-5"
        >
          <div className="flex items-start justify-between gap-3">
            <div>
              <Dialog.Title className="text-head">{phrase('what-is-it')}</Dialog.Title>
              <p className="text-faint">{where}</p>
            </div>
            <Button weight="quiet" className="px-2" onClick={onClose} aria-label={phrase('close')}>
              <X size={22} aria-hidden="true" />
            </Button>
          </div>
          {standing.isPending && <Loading what={phrase('fetching-the-first-question')} />}
          {standing.isError && <Trouble error={standing.error} again={() => void standing.refetch()} />}
          {standing.data && (
            <div className="mt-4 grid gap-6 md:grid-cols-[1.15fr_1fr]">
              <div className="grid content-start gap-4">
                {standing.data.next ? (
                  <Ask question={standing.data.next} onAnswer={answer} />
                ) : (
                  <Settled standing={standing.data} onTake={onTake} />
                )}
                <Asked asked={standing.data.asked} onTakeBack={takeBack} />
              </div>
              <Ranking standing={standing.data} />
            </div>
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

function Ask(props: {
  question: Schemas['QuestionView']
  onAnswer: (question: string, answer: string) => void
}) {
  const { question, onAnswer } = props
  return (
    <section aria-label={phrase('question')} aria-live="polite" className="grid gap-3">
      <div>
        <h3 className="text-do">{question.text}</h3>
        <p className="text-faint">{question.how}</p>
      </div>
      {question.hiddenPlace && (
        <p className="border-l-4 border-l-care pl-3">{phrase('in-a-hidden-place-only')}</p>
      )}
      <div className="grid gap-2">
        {question.answers.map((a) => (
          <Button
            key={a.code}
            className="min-h-14 justify-start text-left text-do"
            onClick={() => onAnswer(question.code, a.code)}
          >
            {a.label}
          </Button>
        ))}
        <Button
          className="min-h-14 justify-start border-dashed text-left"
          onClick={() => onAnswer(question.code, CANNOT_TELL)}
        >
          {phrase('i-cannot-tell')}
        </Button>
      </div>
    </section>
  )
}

function Settled({
  standing,
  onTake,
}: {
  standing: Schemas['IdentifyView']
  onTake: (finish: string) => void
}) {
  const [first] = standing.ranking
  return (
    <section aria-label={phrase('answer')} className="grid justify-items-start gap-3">
      <p className="text-do font-semibold">{standing.settle}</p>
      {standing.sure && first ? (
        <Button weight="main" className="min-h-14" onClick={() => onTake(first.finish)}>
          <Swatch finish={first.finish} /> {phrase('take-it', { name: first.name })}
        </Button>
      ) : (
        <Button weight="main" className="min-h-14" onClick={() => onTake('unknown')}>
          <Swatch finish="unknown" /> {phrase('leave-it-open')}
        </Button>
      )}
    </section>
  )
}

function Asked({
  asked,
  onTakeBack,
}: {
  asked: Schemas['AskedView'][]
  onTakeBack: (question: string) => void
}) {
  if (asked.length === 0) return null
  return (
    <section aria-label={phrase('answered-so-far')}>
      <h3 className="narrow text-note font-semibold text-faint">{phrase('answered-so-far')}</h3>
      <ul className="divide-y divide-line border-y border-line">
        {asked.map((a) => (
          <li key={a.code} className="flex items-center justify-between gap-3 py-1">
            <span>
              <span className="block text-note text-faint">{a.text}</span>
              {a.label ?? phrase('cannot-tell')}
            </span>
            <Button
              weight="quiet"
              onClick={() => onTakeBack(a.code)}
              aria-label={phrase('take-the-answer-back', { text: a.text })}
            >
              {phrase('take-back')}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
}

function Ranking({ standing }: { standing: Schemas['IdentifyView'] }) {
  return (
    <section aria-label={phrase('how-the-odds-stand')}>
      <h3 className="narrow text-note font-semibold text-faint">{phrase('how-the-odds-stand')}</h3>
      <ol className="grid gap-3">
        {standing.ranking
          .filter((c, i) => i < 2 || (i < SHOWN && c.share >= WORTH_SHOWING))
          .map((c) => (
            <li key={c.finish}>
              <div className="flex items-center gap-2">
                <Swatch finish={c.finish} />
                <span className="flex-1 font-semibold">{c.name}</span>
                <span>
                  {c.share < 0.01 ? phrase('hardly') : phrase('in-100', { share: Math.round(c.share * 100) })}
                </span>
              </div>
              <span aria-hidden="true" className="mt-1 block h-2 border border-ink/60">
                <span className="block h-full bg-tune" style={{ width: `${c.share * 100}%` }} />
              </span>
              {c.speaksFor.length > 0 && (
                <p className="text-note">{phrase('for', { speaksFor: apart(c.speaksFor.slice(0, 3)) })}</p>
              )}
              {c.against.length > 0 && (
                <p className="text-note text-faint">
                  {phrase('against', { against: apart(c.against.slice(0, 3)) })}
                </p>
              )}
            </li>
          ))}
      </ol>
    </section>
  )
}
