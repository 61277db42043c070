import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Button, TextField } from '../parts/controls'
import { Amount } from './record'

/** What the pH pen said, at which dilution. */
export function PenReadings(props: {
  points: Schemas['PhMeasuredFile'][]
  onChange: (points: Schemas['PhMeasuredFile'][]) => void
  fault: string | undefined
}) {
  const { points, onChange, fault } = props
  const [ratio, setRatio] = useState('')
  const [ph, setPh] = useState<number>()
  return (
    <fieldset className="grid gap-2">
      <legend className="narrow text-note font-semibold text-faint">By the pen: wins over the label</legend>
      {points.map((p) => (
        <div key={p.ratio} className="flex min-h-11 items-center justify-between gap-3 border-b border-line">
          <span>
            {p.ratio}: pH {p.ph}
          </span>
          <Button
            weight="quiet"
            onClick={() => onChange(points.filter((other) => other !== p))}
            aria-label={`Take out the reading at ${p.ratio}`}
          >
            Take out
          </Button>
        </div>
      ))}
      <div className="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
        <TextField
          label="At ratio"
          value={ratio}
          onChange={setRatio}
          placeholder="1:10 or ready"
          maxLength={16}
        />
        <Amount label="pH" value={ph} onChange={setPh} />
        <Button
          disabled={ratio.trim() === '' || ph === undefined}
          onClick={() => {
            onChange([
              ...points.filter((p) => p.ratio !== ratio.trim()),
              { ratio: ratio.trim(), ph: ph ?? 7 },
            ])
            setRatio('')
            setPh(undefined)
          }}
        >
          Add
        </Button>
      </div>
      {fault && <span className="text-note text-over">{fault}</span>}
    </fieldset>
  )
}
