import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, need, type Schemas } from '../api/client'
import { Field, inputForm, OneOf, Pick } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { dayOf, ml, money } from '../parts/words'
import { LabelLinks } from './Label'
import { MixedHere } from './Mixed'
import { listed } from '../words/lists'
import { phrase } from './phrase'

const vessels = [
  { value: '750', label: phrase('trigger-750-ml') },
  { value: '1000', label: phrase('foam-sprayer-1-l') },
  { value: '10000', label: phrase('bucket-10-l') },
]

type Known = 'ratio' | 'bottle' | 'product'
const some = (id: string) => (id === 'none' ? undefined : id)
const number = (text: string) => (text.trim() === '' ? NaN : Number(text))

/** Any two of ratio, bottle and product, and the third follows: in numbers and in words. */
export function FreeMix(props: {
  products: Schemas['ProductFile'][]
  start?: { product?: string; ratio?: string; bottle?: string }
}) {
  const { products, start } = props
  const [ratio, setRatio] = useState(start?.ratio ?? '1:10')
  const [bottle, setBottle] = useState(start?.bottle ?? '750')
  const [amount, setAmount] = useState('')
  const [asked, setAsked] = useState<Known[]>(['ratio', 'bottle'])
  const [productId, setProductId] = useState(start?.product ?? 'none')
  const [heldId, setHeldId] = useState('none')
  const follows = (['ratio', 'bottle', 'product'] as Known[]).find((k) => !asked.includes(k))!
  const ask = (field: Known) => setAsked((before) => (before.includes(field) ? before : [before[1]!, field]))
  const body = {
    ratio: follows === 'ratio' ? undefined : ratio,
    bottleMl: follows === 'bottle' ? undefined : number(bottle),
    productMl: follows === 'product' ? undefined : number(amount),
    productId: some(productId),
    heldId: some(heldId),
  }
  const whole =
    (body.ratio === undefined || body.ratio.trim() !== '') &&
    [body.bottleMl, body.productMl].every((v) => v === undefined || Number.isFinite(v))
  const mix = useQuery({
    queryKey: ['mix', body],
    queryFn: () => need(api.POST('/api/v1/mix', { body })),
    enabled: whole,
    placeholderData: keepPreviousData,
    retry: false,
  })
  const data = mix.isError ? undefined : mix.data
  const shown = (field: Known, own: string, answer: string | undefined) =>
    field === follows ? (answer ?? '') : own
  const tenth = (v: number | undefined) => (v === undefined ? undefined : String(Math.round(v * 10) / 10))
  const known = products.find((p) => p.id === productId)
  return (
    <section aria-label={phrase('free-mix')} className="lying grid gap-3 p-3">
      <h2 className="text-do">{phrase('free-mix')}</h2>
      <p className="text-note text-faint">{phrase('fill-in-any-two-of')}</p>
      <div className="grid gap-3 sm:grid-cols-3">
        <Entry
          label={phrase('ratio-as-the-label-writes')}
          follows={follows === 'ratio'}
          value={shown('ratio', ratio, data?.ratio)}
          onChange={(v) => {
            ask('ratio')
            setRatio(v)
          }}
        />
        <Entry
          label={phrase('bottle-ml')}
          numeric
          follows={follows === 'bottle'}
          value={shown('bottle', bottle, tenth(data?.bottleMl))}
          onChange={(v) => {
            ask('bottle')
            setBottle(v)
          }}
        />
        <Entry
          label={phrase('product-ml')}
          numeric
          follows={follows === 'product'}
          value={shown('product', amount, tenth(data?.productMl))}
          onChange={(v) => {
            ask('product')
            setAmount(v)
          }}
        />
      </div>
      <OneOf
        label={phrase('into')}
        value={vessels.find((v) => v.value === bottle && follows !== 'bottle')?.value}
        options={vessels}
        onChange={(v) => {
          ask('bottle')
          setBottle(v)
        }}
      />
      <Products
        products={products}
        productId={productId}
        onProduct={setProductId}
        heldId={heldId}
        onHeld={setHeldId}
      />
      {mix.isError && <Trouble error={mix.error} />}
      {data && <Answer data={data} known={known} />}
    </section>
  )
}

function Products(props: {
  products: Schemas['ProductFile'][]
  productId: string
  onProduct: (id: string) => void
  heldId: string
  onHeld: (id: string) => void
}) {
  const { products, productId, heldId } = props
  const concentrates = products.filter((p) => p.supply === 'concentrate' || p.id === productId)
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <Field label={phrase('which-product-for-its-ph')}>
        <Pick
          label={phrase('product')}
          value={productId}
          options={[
            { value: 'none', label: phrase('any') },
            ...concentrates.map((p) => ({ value: p.id, label: p.name })),
          ]}
          onChange={props.onProduct}
        />
      </Field>
      <Field label={phrase('the-bottle-held-before-unrinsed')}>
        <Pick
          label={phrase('the-bottle-held-before')}
          value={heldId}
          options={[
            { value: 'none', label: phrase('nothing-clean') },
            ...products.map((p) => ({ value: p.id, label: p.name })),
          ]}
          onChange={props.onHeld}
        />
      </Field>
    </div>
  )
}

function Answer({ data, known }: { data: Schemas['MixAnswer']; known: Schemas['ProductFile'] | undefined }) {
  return (
    <div aria-live="polite" data-testid="free-mix" className="grid gap-1">
      <p>
        <span className="block text-do font-semibold">
          {phrase('product-water', { productMl: ml(data.productMl), waterMl: ml(data.waterMl) })}
        </span>
        {listed(
          data.words,
          data.phLow !== undefined && phrase('ph-to', { low: data.phLow, high: String(data.phHigh) }),
          data.costMinor !== undefined && data.currency && money(data.costMinor, data.currency),
        )}
        {data.onLabel === false && (
          <strong className="block text-over">{phrase('outside-what-the-label-allows')}</strong>
        )}
      </p>
      {data.barred && (
        <strong className="block border-l-4 border-l-barred pl-3 text-barred">{data.barred}</strong>
      )}
      {known && !data.barred && (
        <>
          <p className="text-note text-faint">
            {phrase('mixed-today-to-be-used', { useBy: dayOf(data.useBy) })}
          </p>
          {data.onLabel && (
            <MixedHere
              key={known.id + data.ratio + data.bottleMl}
              productId={known.id}
              ratio={data.ratio}
              bottleMl={data.bottleMl}
            />
          )}
          <LabelLinks productId={known.id} ratio={data.ratio} bottleMl={data.bottleMl} />
        </>
      )}
    </div>
  )
}

function Entry(props: {
  label: string
  value: string
  follows: boolean
  numeric?: boolean
  onChange: (value: string) => void
}) {
  return (
    <label>
      <Field label={props.follows ? phrase('follows', { label: props.label }) : props.label}>
        <input
          className={`${inputForm} ${props.follows ? 'border-dashed text-faint' : ''}`}
          aria-label={props.label}
          value={props.value}
          inputMode={props.numeric ? 'decimal' : 'text'}
          onChange={(e) => props.onChange(e.target.value)}
          maxLength={40}
        />
      </Field>
    </label>
  )
}
