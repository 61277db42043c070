import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Button, TextField } from '../parts/controls'
import { Amount } from './record'
import { phrase } from './phrase'

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
      <legend className="narrow text-note font-semibold text-faint">{phrase('by-the-pen-wins-over')}</legend>
      {points.map((p) => (
        <div key={p.ratio} className="flex min-h-11 items-center justify-between gap-3 border-b border-line">
          <span>{phrase('ph-at-ratio', { ratio: p.ratio, ph: p.ph })}</span>
          <Button
            weight="quiet"
            onClick={() => onChange(points.filter((other) => other !== p))}
            aria-label={phrase('take-out-the-reading-at', { ratio: p.ratio })}
          >
            {phrase('take-out')}
          </Button>
        </div>
      ))}
      <div className="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
        <TextField
          label={phrase('at-ratio')}
          value={ratio}
          onChange={setRatio}
          placeholder={phrase('1-10-or-ready')}
          maxLength={16}
        />
        <Amount label={phrase('ph')} value={ph} onChange={setPh} />
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
          {phrase('add')}
        </Button>
      </div>
      {fault && <span className="text-note text-over">{fault}</span>}
    </fieldset>
  )
}
