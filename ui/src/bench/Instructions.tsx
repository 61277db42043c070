import { Check } from 'lucide-react'
import type { ReactNode } from 'react'
import { HazardsOf } from '../parts/Hazards'
import { clock } from '../parts/words'
import { clockStart, elapsedOf } from './clocks'
import { Hand } from './Hand'
import { type Bench, type BenchTask } from './run'
import { allOf, listed } from '../words/lists'
import { strong } from '../parts/drawn'
import { phrase } from './phrase'

type Technique = Bench['rounds'][number]['technique'][number]

/** What to do at a step, in a few words. */
export const Lines = ({ task }: { task: BenchTask }) => (
  <ul className="grid gap-0.5 leading-snug">
    {task.lines.map((line) => (
      <li key={line}>{line}</li>
    ))}
  </ul>
)

/** How the hands do it, each line with its movement. */
export function How({ lines }: { lines: Technique[] }) {
  if (lines.length === 0) return null
  return (
    <ul aria-label={phrase('how')} className="grid gap-1 text-note">
      {lines.map((line) => (
        <li key={line.text} className="flex gap-2">
          <Hand about={line.about} />
          {line.text}
        </li>
      ))}
    </ul>
  )
}

/** What to look for, and the cautions only to be read. */
export function Heed({ task }: { task: BenchTask }) {
  const toRead = task.cautions.filter((c) => c.tick === 'none' || c.ticked)
  return (
    <>
      {task.lookFor && (
        <p className="border-l-4 border-l-tune pl-3">
          <strong>{phrase('look-for')}</strong> {task.lookFor}
        </p>
      )}
      {toRead.length > 0 && (
        <ul className="grid gap-1 border-l-4 border-l-care pl-3">
          {toRead.map((c) => (
            <li key={c.code + c.text}>
              {c.ticked && <Check size={16} aria-label={phrase('ticked')} className="mr-1 inline-block" />}
              {c.text}
            </li>
          ))}
        </ul>
      )}
      <HazardsOf productIds={[task.productId]} />
    </>
  )
}

/** What a step waits for, the wait that ends last first. */
export function NotYet(props: { waits: BenchTask[]; now: number; children?: ReactNode }) {
  const { waits, now } = props
  const left = (t: BenchTask) => (clockStart(t) ? t.plannedS - elapsedOf(t, now) : Infinity)
  const last = waits.reduce((a, b) => (left(b) > left(a) ? b : a))
  const until = last.needsHands ? last.name : clockStart(last) && clock(left(last))
  const step = listed(last.title.toLowerCase(), last.where)
  const steps = allOf([
    until ? phrase('which-ends-in', { step, left: until }) : step,
    waits.length > 1 && phrase('and-other-steps', { waits: waits.length - 1 }),
  ])
  return (
    <div role="status" className="border-4 border-dashed border-under p-3">
      {phrase.drawn('it-comes-after', { steps, b: strong })}
      {props.children}
    </div>
  )
}
