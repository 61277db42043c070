import { Check } from 'lucide-react'
import { useState } from 'react'
import type { Schemas } from '../api/client'
import type { Cabin } from '../parts/cabin'
import { CabinSheet } from '../parts/CabinSheet'
import { Button } from '../parts/controls'
import { HazardsOf } from '../parts/Hazards'
import { lasting, plural } from '../parts/words'
import { BigClock } from './Clocks'
import type { BenchTask } from './useBench'

/** Cautions that must be ticked before the step can be told done. */
const MUST = ['IGNITION_OFF', 'TEST_SPOT', 'VENTILATE', 'GRIP_CHECK', 'SURFACE_TOO_HOT', 'BELT_CHECK']

export function TaskCard(props: {
  task: BenchTask
  next: BenchTask | undefined
  now: number
  layout: Cabin | undefined
  finishes: Schemas['SurfaceFile'][]
  onStart: () => void
  onDone: () => void
  onStop: () => void
}) {
  const { task, next, now, layout } = props
  const [ticked, setTicked] = useState<string[]>([])
  const musts = task.cautions.filter((c) => MUST.includes(c.code))
  const mays = task.cautions.filter((c) => !MUST.includes(c.code))
  const open = musts.filter((c) => !ticked.includes(c.code))
  const timed = task.dwellS !== undefined
  const running = task.state === 'RUNNING'
  const lit = new Set(task.surfaceIds)
  const finish = new Map(props.finishes.map((s) => [s.id, s.finish]))

  return (
    <article className="lying grid gap-4 p-3 md:grid-cols-[1fr_15rem] md:p-5" aria-label="Step in hand">
      <div className="grid content-start gap-3">
        <div>
          <h2 className="text-head">{task.title}</h2>
          {task.where && <p className="text-do font-semibold text-needle">{task.where}</p>}
        </div>
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
        {mays.length > 0 && (
          <ul className="grid gap-1 border-l-4 border-l-care pl-3">
            {mays.map((c) => (
              <li key={c.code}>{c.text}</li>
            ))}
          </ul>
        )}
        <HazardsOf productIds={[task.productId]} />
        {musts.map((c) => (
          <label key={c.code} className="flex min-h-14 items-center gap-3 border-2 border-care px-3 py-1">
            <input
              type="checkbox"
              className="size-6 shrink-0 accent-needle"
              checked={ticked.includes(c.code)}
              onChange={(e) =>
                setTicked((before) =>
                  e.target.checked ? [...before, c.code] : before.filter((x) => x !== c.code),
                )
              }
            />
            {c.text}
          </label>
        ))}
        {running && <BigClock task={task} now={now} />}
        <div className="grid gap-2">
          {timed && !running && (
            <Button
              weight="main"
              data-next
              className="min-h-16 text-do"
              onClick={props.onStart}
              disabled={open.length > 0}
            >
              Laid: start the clock ({lasting(task.dwellS ?? 0)})
            </Button>
          )}
          <Button
            weight={timed && !running ? 'plain' : 'main'}
            data-next={timed && !running ? undefined : true}
            className="min-h-16 text-do"
            onClick={props.onDone}
            disabled={open.length > 0}
          >
            <Check size={22} aria-hidden="true" /> Done
          </Button>
          {running && (
            <Button weight="quiet" className="min-h-12" onClick={props.onStop}>
              Take the clock back
            </Button>
          )}
          {open.length > 0 && (
            <p className="text-note text-faint" role="status">
              Tick {plural(open.length, 'caution')} above first.
            </p>
          )}
        </div>
        <p className="text-note text-faint max-md:hidden">
          A foot pedal or Page Down presses the big button.
        </p>
        {next && (
          <p className="border-t border-line pt-2 text-faint">
            Next: <strong className="text-ink">{next.title}</strong>
            {next.where && `, ${next.where}`}
          </p>
        )}
      </div>
      {layout && lit.size > 0 && (
        <div className="h-56 md:h-80" aria-hidden="true" inert>
          <CabinSheet
            layout={layout}
            label="Where"
            picked={lit}
            onPick={() => undefined}
            look={(panel) => ({ finish: finish.get(panel.id), blank: !finish.has(panel.id), state: '' })}
          />
        </div>
      )}
    </article>
  )
}
