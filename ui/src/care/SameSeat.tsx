import { useMemo, useState } from 'react'
import type { Schemas } from '../api/client'
import { OneOf } from '../parts/controls'
import { plural, say } from '../parts/words'
import { Painted } from '../practice/PanelCanvas'
import { cellCount, columns, rows, type Tone } from '../practice/model'

const tones: { value: Tone; label: string }[] = [
  { value: 'pale', label: 'Pale' },
  { value: 'mid', label: 'Tan' },
  { value: 'dark', label: 'Dark' },
]

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

/** The same seat after so many months without a clean, to be shown to whoever pays for it. */
export function SameSeat({ waiting }: { waiting: Schemas['WaitingView'][] }) {
  const [tone, setTone] = useState<Tone>('pale')
  return (
    <section aria-label="The same trim" className="lying grid gap-2 p-3">
      <h2 className="text-do">The same trim, not cleaned</h2>
      <OneOf label="Trim" value={tone} options={tones} onChange={(value) => setTone(value as Tone)} />
      <ol className="grid grid-cols-2 gap-2 sm:grid-cols-4 lg:grid-cols-2">
        {waiting.map((w) => (
          <li key={w.months}>
            <Seat
              layers={w.layers}
              tone={tone}
              label={`After ${plural(w.months, 'month')}: ${say(w.soil)} soil`}
            />
            <p className="text-note">
              <strong>{plural(w.months, 'month')}</strong>, {say(w.soil)}
            </p>
          </li>
        ))}
      </ol>
    </section>
  )
}

function Seat({ layers, tone, label }: { layers: number; tone: Tone; label: string }) {
  const look = useMemo(
    () => ({
      tone,
      nap: false,
      holes: false,
      seams: true,
      foundCoat: 1,
      soilAt: (cell: number) => shares[cell]! * layers,
    }),
    [layers, tone],
  )
  return <Painted look={look} label={label} />
}
