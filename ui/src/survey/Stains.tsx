import { X } from 'lucide-react'
import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Button, Field, NumberField, OneOf, Pick } from '../parts/controls'
import { Say, say } from '../parts/words'
import { stainExtents, stainKinds } from './findingWords'
import { allOf, listed } from '../words/lists'
import { phrase } from './phrase'

type Stain = Schemas['StainFile']

const spots: Stain['kind'][] = ['ink', 'adhesive', 'polish']

/** Stains and how far each goes: the remover meets them alone, the panel gets the general cleaner. */
export function Stains(props: {
  stains: Stain[]
  soils: string[]
  disabled: boolean
  onSave: (stains: Stain[]) => void
}) {
  const { stains, soils, disabled, onSave } = props
  const [kind, setKind] = useState<(typeof stainKinds)[number]['value']>()
  const [extent, setExtent] = useState<Stain['extent']>('spot')
  const [days, setDays] = useState<number>()
  const assumed = spots.filter((s) => soils.includes(s) && stains.every((stain) => stain.kind !== s))
  const add = () => {
    if (!kind) return
    onSave([...stains, { kind, extent, ...(days === undefined ? {} : { ageDays: days }) }])
    setKind(undefined)
    setDays(undefined)
  }
  return (
    <section aria-label={phrase('stains')} className="grid gap-2">
      <Field label={phrase('stains')}>
        {stains.length > 0 && (
          <ul className="divide-y divide-line border-y border-line">
            {stains.map((stain, i) => (
              <li key={`${stain.kind}-${i}`} className="flex min-h-11 items-center justify-between gap-2">
                <span>
                  {listed(
                    Say(stain.kind),
                    extentWords(stain.extent),
                    stain.ageDays !== undefined && phrase('days-old', { ageDays: stain.ageDays }),
                  )}
                </span>
                {!disabled && (
                  <Button
                    weight="quiet"
                    className="px-2"
                    aria-label={phrase('no-stain', { kind: say(stain.kind) })}
                    onClick={() => onSave(stains.filter((_, at) => at !== i))}
                  >
                    <X size={18} aria-hidden="true" />
                  </Button>
                )}
              </li>
            ))}
          </ul>
        )}
        {assumed.length > 0 && (
          <p className="text-note text-faint">
            {phrase('taken-as-a-spot-until', { assumed: allOf(assumed.map(Say)) })}
          </p>
        )}
      </Field>
      {!disabled && (
        <Pick
          label={phrase('add-a-stain-of')}
          value={kind}
          placeholder={phrase('add-a-stain')}
          options={stainKinds}
          onChange={setKind}
        />
      )}
      {!disabled && kind && (
        <>
          <OneOf
            label={phrase('how-far-it-goes')}
            value={extent}
            options={stainExtents}
            disabled={false}
            onChange={setExtent}
          />
          <div className="grid grid-cols-2 items-end gap-3">
            <NumberField
              label={phrase('how-long-it-has-sat')}
              value={days}
              disabled={false}
              min={0}
              max={36500}
              onSave={setDays}
            />
            <Button weight="main" onClick={add}>
              {phrase('add')}
            </Button>
          </div>
        </>
      )}
    </section>
  )
}

const extentWords = (extent: string) =>
  extent === 'panel'
    ? phrase('all-over-within')
    : extent === 'streak'
      ? phrase('a-streak-within')
      : phrase('a-spot-within')
