import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, need, type Schemas } from '../api/client'
import { Field, inputForm, Pick } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { ml } from '../parts/words'

const some = (id: string) => (id === 'none' ? undefined : id)

/** Any bottle and ratio: how much of each, in numbers and in words. */
export function FreeMix({ products }: { products: Schemas['ProductFile'][] }) {
  const [ratio, setRatio] = useState('1:10')
  const [bottle, setBottle] = useState('750')
  const [productId, setProductId] = useState('none')
  const [heldId, setHeldId] = useState('none')
  const concentrates = products.filter((p) => p.supply === 'concentrate')
  const bottleMl = Number(bottle)
  const mix = useQuery({
    queryKey: ['mix', ratio, bottle, productId, heldId],
    queryFn: () =>
      need(
        api.POST('/api/v1/mix', {
          body: { ratio, bottleMl, productId: some(productId), heldId: some(heldId) },
        }),
      ),
    enabled: ratio.trim() !== '' && bottle.trim() !== '' && Number.isFinite(bottleMl),
    placeholderData: keepPreviousData,
    retry: false,
  })
  return (
    <section aria-label="Free mix" className="lying grid gap-3 p-3">
      <h2 className="text-do">Free mix</h2>
      <div className="grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
        <label>
          <Field label="Ratio, as the label writes it">
            <input
              className={inputForm}
              value={ratio}
              onChange={(e) => setRatio(e.target.value)}
              maxLength={40}
            />
          </Field>
        </label>
        <label>
          <Field label="Bottle, ml">
            <input
              className={inputForm}
              value={bottle}
              inputMode="numeric"
              onChange={(e) => setBottle(e.target.value)}
              maxLength={7}
            />
          </Field>
        </label>
        <Field label="Product, for its pH">
          <Pick
            label="Product"
            value={productId}
            options={[
              { value: 'none', label: 'Any' },
              ...concentrates.map((p) => ({ value: p.id, label: p.name })),
            ]}
            onChange={setProductId}
          />
        </Field>
        <Field label="The bottle held before, unrinsed">
          <Pick
            label="The bottle held before"
            value={heldId}
            options={[
              { value: 'none', label: 'Nothing: clean' },
              ...products.map((p) => ({ value: p.id, label: p.name })),
            ]}
            onChange={setHeldId}
          />
        </Field>
      </div>
      {mix.isError && <Trouble error={mix.error} />}
      {mix.data && !mix.isError && (
        <p aria-live="polite" data-testid="free-mix">
          <span className="block text-do font-semibold">
            {ml(mix.data.productMl)} product, {ml(mix.data.waterMl)} water
          </span>
          {mix.data.words}
          {mix.data.phLow !== undefined && `; pH ${mix.data.phLow} to ${mix.data.phHigh}`}
          {mix.data.onLabel === false && (
            <strong className="text-over">; outside what the label allows</strong>
          )}
          {mix.data.barred && (
            <strong className="mt-1 block border-l-4 border-l-barred pl-3 text-barred">
              {mix.data.barred}
            </strong>
          )}
        </p>
      )}
    </section>
  )
}
