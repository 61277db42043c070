import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, need } from '../api/client'
import { TextField } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { ml } from '../parts/words'

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
    { label: 'Left over, ml', value: left, set: setLeft },
    { label: 'It is', value: from, set: setFrom },
    { label: 'It is to be', value: to, set: setTo },
    { label: 'The bottle holds, ml', value: bottle, set: setBottle },
  ]
  return (
    <section aria-label="Make a mix another ratio" className="lying grid gap-3 p-3">
      <h2 className="text-do">Make a mix another ratio</h2>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
        {fields.map((f) => (
          <TextField key={f.label} label={f.label} value={f.value} onChange={f.set} maxLength={40} />
        ))}
      </div>
      {step.isError && <Trouble error={step.error} />}
      {step.data && !step.isError && (
        <p aria-live="polite" data-testid="step-mix">
          <span className="block text-do font-semibold">
            {step.data.pourOutMl > 0 && `Pour out ${ml(step.data.pourOutMl)}, then `}
            {step.data.addWaterMl > 0
              ? `${step.data.pourOutMl > 0 ? 'add' : 'Add'} ${ml(step.data.addWaterMl)} water`
              : step.data.addProductMl > 0
                ? `${step.data.pourOutMl > 0 ? 'add' : 'Add'} ${ml(step.data.addProductMl)} product`
                : 'Nothing to add'}
          </span>
          {ml(step.data.resultMl)} in the bottle then: {step.data.words}
        </p>
      )}
    </section>
  )
}
