import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, need, type Schemas } from '../api/client'
import { TextField } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { ml } from '../parts/words'
import { phrase } from './phrase'

/** What is left of a mix, made thinner with water or stronger with product. */
export function StepMix() {
  const [left, setLeft] = useState('300')
  const [from, setFrom] = useState('1:10')
  const [to, setTo] = useState('1:20')
  const [bottle, setBottle] = useState('750')
  const body = { leftMl: Number(left), from, to, bottleMl: Number(bottle) }
  const whole =
    [left, from, to, bottle].every((t) => t.trim() !== '') &&
    Number.isFinite(body.leftMl) &&
    Number.isFinite(body.bottleMl)
  const step = useQuery({
    queryKey: ['mix-step', body],
    queryFn: () => need(api.POST('/api/v1/mix/step', { body })),
    enabled: whole,
    placeholderData: keepPreviousData,
    retry: false,
  })
  const fields = [
    { label: phrase('left-over-ml'), value: left, set: setLeft },
    { label: phrase('it-is'), value: from, set: setFrom },
    { label: phrase('it-is-to-be'), value: to, set: setTo },
    { label: phrase('the-bottle-holds-ml'), value: bottle, set: setBottle },
  ]
  return (
    <section aria-label={phrase('make-a-mix-another-ratio')} className="lying grid gap-3 p-3">
      <h2 className="text-do">{phrase('make-a-mix-another-ratio')}</h2>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
        {fields.map((f) => (
          <TextField key={f.label} label={f.label} value={f.value} onChange={f.set} maxLength={40} />
        ))}
      </div>
      {step.isError && <Trouble error={step.error} />}
      {step.data && !step.isError && (
        <p aria-live="polite" data-testid="step-mix">
          <span className="block text-do font-semibold">{whatToDo(step.data)}</span>
          {phrase('in-the-bottle-then', { resultMl: ml(step.data.resultMl), words: step.data.words })}
        </p>
      )}
    </section>
  )
}

/** What is poured out and what goes in; a mix is made thinner with water, stronger with product. */
function whatToDo({ pourOutMl, addWaterMl, addProductMl }: Schemas['StepAnswer']) {
  const pourOut = ml(pourOutMl)
  const water = ml(addWaterMl)
  const product = ml(addProductMl)
  if (addWaterMl > 0) {
    return pourOutMl > 0 ? phrase('pour-out-then-water', { pourOut, water }) : phrase('add-water', { water })
  }
  if (addProductMl > 0) {
    return pourOutMl > 0
      ? phrase('pour-out-then-product', { pourOut, product })
      : phrase('add-product', { product })
  }
  return phrase('nothing-to-add')
}
