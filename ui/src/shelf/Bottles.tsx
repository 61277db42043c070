import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, need, type Schemas } from '../api/client'
import { Button, TextField } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { dayOf, ml } from '../parts/words'
import { Amount } from './record'
import { phrase } from './phrase'

type Bottle = Schemas['BottleView']

/** The bottles of a product, each with what is left in it. */
export function Bottles({ product }: { product: Schemas['ProductView'] }) {
  const client = useQueryClient()
  const id = product.record.id
  const fresh = () => void client.invalidateQueries({ queryKey: ['shelf'] })
  const [adding, setAdding] = useState(false)
  const bottles = product.bottles.filter((b) => !b.thrown)
  const left = bottles.filter((b) => !b.expired).reduce((sum, b) => sum + b.leftMl, 0)
  return (
    <section aria-label={phrase('bottles')} className="lying grid gap-2 p-3">
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="text-do">
          {bottles.length > 0 ? phrase('usable', { left: ml(left) }) : phrase('bottles')}
        </h2>
        <Button weight="quiet" className="px-1" onClick={() => setAdding(!adding)} aria-expanded={adding}>
          {adding ? phrase('not-now') : phrase('one-came-in')}
        </Button>
      </div>
      {bottles.length === 0 && !adding && (
        <p className="text-note text-faint">{phrase('none-counted-the-records-own')}</p>
      )}
      {adding && (
        <AddBottle
          productId={id}
          usual={product.record.pack?.ml}
          onDone={() => {
            setAdding(false)
            fresh()
          }}
        />
      )}
      <ul className="divide-y divide-line">
        {bottles.map((b) => (
          <BottleLine key={b.id} bottle={b} onDone={fresh} />
        ))}
      </ul>
    </section>
  )
}

function AddBottle(props: { productId: string; usual: number | undefined; onDone: () => void }) {
  const [size, setSize] = useState(props.usual)
  const [left, setLeft] = useState<number>()
  const [batch, setBatch] = useState('')
  const [opened, setOpened] = useState('')
  const [expires, setExpires] = useState('')
  const add = useMutation({
    mutationFn: () =>
      need(
        api.POST('/api/v1/shelf/products/{id}/bottles', {
          params: { path: { id: props.productId } },
          body: {
            sizeMl: size ?? 0,
            leftMl: left,
            batch: batch || undefined,
            openedOn: opened || undefined,
            expiresOn: expires || undefined,
          },
        }),
      ),
    onSuccess: props.onDone,
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    add.mutate()
  }
  return (
    <form onSubmit={submit} className="grid grid-cols-2 gap-3 border-y border-line py-3">
      <Amount label={phrase('size-ml')} value={size} onChange={setSize} />
      <Amount label={phrase('left-ml-if-begun')} value={left} onChange={setLeft} />
      <TextField label={phrase('batch')} value={batch} onChange={setBatch} maxLength={60} />
      <TextField label={phrase('opened-on')} type="date" value={opened} onChange={setOpened} />
      <TextField label={phrase('use-by')} type="date" value={expires} onChange={setExpires} />
      <Button type="submit" weight="main" className="self-end" disabled={size === undefined || add.isPending}>
        {phrase('put-it-there')}
      </Button>
      {add.error && (
        <div className="col-span-2">
          <Trouble error={add.error} />
        </div>
      )}
    </form>
  )
}

function BottleLine({ bottle, onDone }: { bottle: Bottle; onDone: () => void }) {
  const [weighing, setWeighing] = useState(false)
  const path = { params: { path: { id: bottle.id } } }
  const toss = useMutation({
    mutationFn: () => need(api.POST('/api/v1/shelf/bottles/{id}/thrown', path)),
    onSuccess: onDone,
  })
  return (
    <li className="grid gap-2 py-2">
      <div className="grid grid-cols-[1fr_auto] items-center gap-2">
        <span>
          <strong className="text-do font-semibold">{ml(bottle.leftMl)}</strong>{' '}
          {phrase('of', { sizeMl: ml(bottle.sizeMl) })}
          {bottle.expired && <strong className="font-semibold text-over"> · {phrase('past-its-day')}</strong>}
          <span className="block text-note text-faint">
            {[
              bottle.openedOn
                ? phrase('opened-since', { openedOn: dayOf(bottle.openedOn) })
                : phrase('sealed'),
              bottle.expiresOn && phrase('use-by-day', { expiresOn: dayOf(bottle.expiresOn) }),
              bottle.batch && phrase('batch-of', { batch: bottle.batch }),
            ]
              .filter(Boolean)
              .join(' · ')}
          </span>
        </span>
        <span className="flex gap-1">
          <Button className="px-3" onClick={() => setWeighing(!weighing)} aria-expanded={weighing}>
            {phrase('weigh')}
          </Button>
          <Button className="px-3" onClick={() => toss.mutate()} disabled={toss.isPending}>
            {phrase('thrown-away')}
          </Button>
        </span>
      </div>
      {weighing && (
        <Weigh
          bottle={bottle}
          onDone={() => {
            setWeighing(false)
            onDone()
          }}
        />
      )}
      {toss.error && <Trouble error={toss.error} />}
    </li>
  )
}

function Weigh({ bottle, onDone }: { bottle: Bottle; onDone: () => void }) {
  const [left, setLeft] = useState<number>()
  const [grams, setGrams] = useState<number>()
  const [emptyGrams, setEmpty] = useState<number>()
  const weigh = useMutation({
    mutationFn: () =>
      need(
        api.POST('/api/v1/shelf/bottles/{id}/left', {
          params: { path: { id: bottle.id } },
          body: { leftMl: left, grams, emptyGrams },
        }),
      ),
    onSuccess: onDone,
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    weigh.mutate()
  }
  const known = left !== undefined || (grams !== undefined && emptyGrams !== undefined)
  return (
    <form onSubmit={submit} className="grid grid-cols-3 items-end gap-2">
      <Amount label={phrase('left-ml')} value={left} onChange={setLeft} />
      <Amount label={phrase('or-on-the-scales-g')} value={grams} onChange={setGrams} />
      <Amount label={phrase('bare-bottle-g')} value={emptyGrams} onChange={setEmpty} />
      <Button type="submit" weight="main" className="col-span-3" disabled={!known || weigh.isPending}>
        {phrase('that-is-what-is-left')}
      </Button>
      {weigh.error && (
        <div className="col-span-3">
          <Trouble error={weigh.error} />
        </div>
      )}
    </form>
  )
}
