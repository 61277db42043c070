import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { handWorkQuery, referenceQuery } from '../api/queries'
import { Loading, Trouble } from '../parts/Notice'
import { clock } from '../parts/words'
import { Facts } from './AskCard'
import { STEPS, Through, upTo } from './Compare'
import { after } from './model'
import { PanelPicture } from './PanelCanvas'
import type { Lesson } from './words'
import { strong } from '../parts/drawn'
import { phrase } from './phrase'

/** A panel worked by a master, to be gone through step by step. */
export function MastersRun({ lesson, seed }: { lesson: Lesson; seed: number }) {
  const work = useQuery(handWorkQuery(lesson.id, seed, lesson.level))
  const reference = useQuery(referenceQuery(lesson.id, seed, lesson.level))
  const [at, setAt] = useState(0)
  const run = reference.data?.hand?.reference
  const panel = useMemo(() => work.data && run && after(work.data, upTo(run, at)), [at, run, work.data])
  const error = work.error ?? reference.error
  if (error) return <Trouble error={error} again={() => void work.refetch()} />
  if (!work.data || !run || !panel) return <Loading what={phrase('fetching-an-example')} />
  const now = run[Math.min(run.length - 1, Math.round((run.length * at) / STEPS))]!
  const means = work.data.means[run.find((d) => d.act === 'lay' || d.act === 'work')!.means]!
  const passes = run.filter((d) => d.act === 'turn').length
  return (
    <section
      aria-label={phrase('a-master-works-it')}
      className="lying grid gap-3 p-3 md:grid-cols-[minmax(0,1fr)_20rem]"
    >
      <div>
        <PanelPicture work={work.data} panel={panel} label={phrase('the-panel-under-a-masters')} />
        <Through at={at} onAt={setAt} />
      </div>
      <div className="grid content-start gap-3">
        <h2 className="text-do">{phrase('a-master-works-it')}</h2>
        <Facts facts={work.data.facts} />
        <ul className="list-[square] pl-5 text-note">
          <li>{means.text}.</li>
          {means.dwellS > 0 && <li>{phrase('it-sits-s-before-it', { dwellS: means.dwellS })}</li>}
          <li>{phrase('four-strokes-over-each-place')}</li>
          {work.data.sections > 1 && (
            <li>{phrase('in-sections-or-it-dries', { sections: work.data.sections })}</li>
          )}
          <li>{phrase('clean-faces-of-cloth-turned', { passes })}</li>
        </ul>
        <p role="status" className="border-l-4 border-l-needle pl-3">
          {phrase.drawn('gone', {
            does: at === STEPS ? phrase('done') : does[now.act],
            seconds: clock(panel.seconds),
            b: strong,
          })}
        </p>
      </div>
    </section>
  )
}

const does = {
  vacuum: phrase('takes-the-dust'),
  lay: phrase('lays'),
  damp: phrase('lays-thin'),
  soak: phrase('soaks'),
  blow: phrase('blows'),
  work: phrase('works'),
  mist: phrase('keeps-it-wet'),
  wait: phrase('lets-it-sit'),
  wipe: phrase('wipes'),
  blot: phrase('blots'),
  turn: phrase('turns-the-cloth'),
  apply: phrase('lays-a-coat'),
  level: phrase('levels-it'),
} as const
