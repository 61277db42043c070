import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { handWorkQuery, referenceQuery } from '../api/queries'
import { Loading, Trouble } from '../parts/Notice'
import { clock, plural } from '../parts/words'
import { Facts } from './AskCard'
import { STEPS, Through, upTo } from './Compare'
import { after } from './model'
import { PanelPicture } from './PanelCanvas'
import type { Lesson } from './words'

/** A panel worked by a master, to be gone through step by step. */
export function MastersRun({ lesson, seed }: { lesson: Lesson; seed: number }) {
  const work = useQuery(handWorkQuery(lesson.id, seed, lesson.level))
  const reference = useQuery(referenceQuery(lesson.id, seed, lesson.level))
  const [at, setAt] = useState(0)
  const run = reference.data?.hand?.reference
  const panel = useMemo(() => work.data && run && after(work.data, upTo(run, at)), [at, run, work.data])
  const error = work.error ?? reference.error
  if (error) return <Trouble error={error} again={() => void work.refetch()} />
  if (!work.data || !run || !panel) return <Loading what="an example" />
  const now = run[Math.min(run.length - 1, Math.round((run.length * at) / STEPS))]!
  const means = work.data.means[run.find((d) => d.act === 'LAY' || d.act === 'WORK')!.means]!
  const passes = run.filter((d) => d.act === 'TURN').length
  return (
    <section
      aria-label="A master works it"
      className="lying grid gap-3 p-3 md:grid-cols-[minmax(0,1fr)_20rem]"
    >
      <div>
        <PanelPicture work={work.data} panel={panel} label="The panel under a master's hand" />
        <Through at={at} onAt={setAt} />
      </div>
      <div className="grid content-start gap-3">
        <h2 className="text-do">A master works it</h2>
        <Facts facts={work.data.facts} />
        <ul className="list-[square] pl-5 text-note">
          <li>{means.text}.</li>
          {means.dwellS > 0 && <li>It sits {means.dwellS} s before it is worked.</li>}
          <li>Four strokes over each place make a pass.</li>
          {work.data.sections > 1 && <li>In {plural(work.data.sections, 'section')}, or it dries first.</li>}
          <li>{plural(passes, 'clean face')} of cloth, turned before each wipe.</li>
        </ul>
        <p role="status" className="border-l-4 border-l-needle pl-3">
          <strong>{at === STEPS ? 'Done' : does[now.act]}</strong>, {clock(panel.seconds)} gone.
        </p>
      </div>
    </section>
  )
}

const does = {
  VACUUM: 'Takes the dust',
  LAY: 'Lays',
  DAMP: 'Lays thin',
  SOAK: 'Soaks',
  BLOW: 'Blows',
  WORK: 'Works',
  MIST: 'Keeps it wet',
  WAIT: 'Lets it sit',
  WIPE: 'Wipes',
  BLOT: 'Blots',
  TURN: 'Turns the cloth',
  APPLY: 'Lays a coat',
  LEVEL: 'Levels it',
} as const
