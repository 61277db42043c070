import { Check } from 'lucide-react'
import { HazardsOf } from '../parts/Hazards'
import { clock, plural } from '../parts/words'
import { clockStart, elapsedOf } from './clocks'
import type { BenchTask } from './run'

/** What to do at a step, what to look for, and the cautions that are only to be read. */
export function Instructions({ task, toRead }: { task: BenchTask; toRead: BenchTask['cautions'] }) {
  return (
    <>
      <ul className="grid gap-1.5 text-do leading-snug">
        {task.lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      {task.lookFor && (
        <p className="border-l-4 border-l-tune pl-3">
          <strong>Look for.</strong> {task.lookFor}
        </p>
      )}
      {toRead.length > 0 && (
        <ul className="grid gap-1 border-l-4 border-l-care pl-3">
          {toRead.map((c) => (
            <li key={c.code}>
              {c.ticked && <Check size={16} aria-label="Ticked:" className="mr-1 inline-block" />}
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
export function NotYet({ waits, now }: { waits: BenchTask[]; now: number }) {
  const left = (t: BenchTask) => (clockStart(t) ? t.plannedS - elapsedOf(t, now) : Infinity)
  const last = waits.reduce((a, b) => (left(b) > left(a) ? b : a))
  return (
    <p role="status" className="border-4 border-dashed border-under p-3">
      <strong>Not yet.</strong> It comes after {last.title.toLowerCase()}
      {last.where && `, ${last.where}`}
      {clockStart(last) && !last.needsHands && ` (${clock(left(last))})`}
      {last.needsHands && last.person && ` (${last.person})`}
      {waits.length > 1 && `, and ${plural(waits.length - 1, 'other step')}`}.
    </p>
  )
}
