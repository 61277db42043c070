import { useMemo, useState } from 'react'
import type { Schemas } from '../api/client'
import { OneOf } from '../parts/controls'
import { Say, say, placed } from '../parts/words'
import { Painted } from '../practice/PanelCanvas'
import { cellCount, columns, rows, type Tone } from '../practice/model'
import { phrase } from './phrase'

type Leaves = Schemas['LeavesView']

const tones: { value: Tone; label: string }[] = [
  { value: 'pale', label: phrase('pale') },
  { value: 'mid', label: phrase('tan') },
  { value: 'dark', label: phrase('dark') },
]

const waits = phrase('not-at-all')

/** More in the middle, where it is sat on: shares that are one on average, the same each time. */
const shares = (() => {
  const raw = Array.from({ length: cellCount }, (_, cell) => {
    const dx = (cell % columns) / columns - 0.48
    const dy = Math.floor(cell / columns) / rows - 0.45
    const fleck = 0.12 * Math.sin(cell * 12.9898) * Math.cos(cell * 4.1414)
    return 0.45 + fleck + Math.exp(-6 * (dx * dx + dy * dy))
  })
  const mean = raw.reduce((a, b) => a + b, 0) / cellCount
  return raw.map((share) => share / mean)
})()

/** Beside a seam, or at the edge of the panel. */
const isSeam = (cell: number) => {
  const column = cell % columns
  const row = Math.floor(cell / columns)
  return [7, 8, 15, 16].includes(column) || column === 0 || column === columns - 1 || row === rows - 1
}

/** The same seat after so many months, cleaned to a standard or not at all: shown to whoever pays for it. */
export function SameSeat(props: { waiting: Schemas['WaitingView'][]; leaves: Leaves[] }) {
  const [tone, setTone] = useState<Tone>('pale')
  const [cleaned, setCleaned] = useState(waits)
  const left = props.leaves.find((l) => l.standard === cleaned)
  const seats = left ? after(left, [0, ...props.waiting.map((w) => w.months)]) : props.waiting.map(uncleaned)
  return (
    <section aria-label={phrase('the-same-trim')} className="lying grid gap-2 p-3">
      <h2 className="text-do">
        {left
          ? phrase('the-same-trim-cleaned-today', { standard: say(left.standard) })
          : phrase('the-same-trim-not-cleaned')}
      </h2>
      <OneOf
        label={phrase('cleaned-today')}
        value={cleaned}
        options={[waits, ...props.leaves.map((l) => l.standard)].map((value) => ({
          value,
          label: Say(value),
        }))}
        onChange={setCleaned}
      />
      <OneOf
        label={phrase('trim')}
        value={tone}
        options={tones}
        onChange={(value) => setTone(value as Tone)}
      />
      <ol className="grid grid-cols-2 gap-2 sm:grid-cols-3 lg:grid-cols-2">
        {seats.map((seat) => (
          <li key={seat.when}>
            <Seat soil={seat.soil} tone={tone} label={placed(seat.when, seat.how)} />
            <p className="text-note">
              <strong>{seat.when}</strong>, {seat.how}
            </p>
          </li>
        ))}
      </ol>
    </section>
  )
}

type Shown = { when: string; how: string; soil: (cell: number) => number }

const uncleaned = (w: Schemas['WaitingView']): Shown => ({
  when: phrase('months', { months: w.months }),
  how: say(w.soil),
  soil: (cell) => shares[cell]! * w.layers,
})

const after = ({ face, seams, monthly }: Leaves, months: number[]): Shown[] =>
  months.map((month) => ({
    when: month === 0 ? phrase('today') : phrase('months', { months: month }),
    how:
      month === 0
        ? seams > 1
          ? phrase('seams-and-edges-not-gone')
          : seams > 0.3
            ? phrase('a-little-in-the-seams')
            : phrase('clean-to-the-seams')
        : phrase('no-clean-since'),
    soil: (cell) => (isSeam(cell) ? seams : face) + shares[cell]! * monthly * month,
  }))

function Seat({ soil, tone, label }: { soil: (cell: number) => number; tone: Tone; label: string }) {
  const look = useMemo(
    () => ({ tone, nap: false, holes: false, seams: true, foundCoat: 1, soilAt: soil }),
    [soil, tone],
  )
  return <Painted look={look} label={label} />
}
