import type { Schemas } from '../api/client'
import type { Cabin } from '../parts/cabin'
import { CabinSheet } from '../parts/CabinSheet'
import { clock } from '../parts/words'
import { clockStart, elapsedOf, face, urgency, type Face } from './clocks'
import { isOver, type BenchTask } from './run'
import { listed } from '../words/lists'
import { phrase } from './phrase'

const fills: Record<Face['phase'], string> = {
  late: 'var(--over)',
  wipe: 'var(--tune)',
  sits: 'var(--under)',
  works: 'var(--faint)',
  waits: 'var(--faint)',
}

/** The drawing is the card: the panels of the round in order, with what runs on each. */
export function RoundSheet(props: {
  job: Schemas['JobDetail']
  layout: Cabin
  panels: string[]
  /** Every step of the round, those that are over too. */
  tasks: BenchTask[]
  now: number
  lit: ReadonlySet<string>
  zone: string | undefined
  onPick: (panel: string) => void
}) {
  const { job, layout, panels, tasks, now } = props
  const finish = new Map(job.document.surfaces.map((s) => [s.id, s.finish]))
  const zones = new Set(layout.panels.filter((p) => panels.includes(p.id)).map((p) => p.zone))
  const known = layout.panels.some((p) => p.zone === props.zone)
  return (
    <CabinSheet
      layout={layout}
      label={phrase('panels-of-this-round')}
      zone={known && zones.size === 1 ? props.zone : undefined}
      picked={props.lit}
      onPick={(id) => panels.includes(id) && props.onPick(id)}
      look={(panel) => {
        const own = tasks.filter((t) => t.surfaceIds.includes(panel.id))
        const here = panels.includes(panel.id)
        const stands = here ? standing(own, now) : undefined
        return {
          finish: finish.get(panel.id),
          blank: !here,
          state: stands?.words ?? phrase('not-in-this-round'),
          mark: stands && <Mark {...stands} place={panels.indexOf(panel.id) + 1} />,
        }
      }}
    />
  )
}

type Standing = {
  words: string
  shown?: Face
  /** Worked; only the look is left, or nothing. */
  worked: boolean
  over: boolean
}

function standing(own: BenchTask[], now: number): Standing {
  const shown = own
    .filter((t) => clockStart(t) && t.needsHands)
    .map((t) => face(t, elapsedOf(t, now)))
    .sort((a, b) => urgency(a) - urgency(b))[0]
  if (shown) {
    return { words: listed(shown.words, clock(shown.seconds)), shown, worked: false, over: false }
  }
  const left = own.filter((t) => t.state !== 'held' && !isOver(t))
  const worked = left.every((t) => t.look === 'seams')
  const over = left.length === 0
  return {
    words: over ? phrase('done-within') : worked ? phrase('to-be-looked-at') : phrase('to-do'),
    worked,
    over,
  }
}

/** A number while it is to do, its clock while it sits, a tick when it is worked, filled when seen. */
function Mark({ place, shown, worked, over }: Standing & { place: number }) {
  const text = shown ? clock(shown.seconds) : worked ? '✓' : String(place)
  const wide = text.length * 16 + 20
  const filled = shown !== undefined || over
  return (
    <g data-clock={shown?.phase}>
      <rect
        x={-wide / 2}
        y="-24"
        width={wide}
        height="48"
        rx="8"
        fill={shown ? fills[shown.phase] : over ? 'var(--tune)' : 'var(--paper)'}
        stroke={worked && !over ? 'var(--tune)' : 'var(--ink)'}
        strokeWidth={filled ? 0 : 2}
      />
      <text
        y="10"
        textAnchor="middle"
        fontSize="30"
        fontWeight="700"
        fill={filled ? 'var(--paper)' : worked ? 'var(--tune)' : 'var(--ink)'}
      >
        {text}
      </text>
    </g>
  )
}
