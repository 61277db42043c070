import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useDeferredValue, type FormEvent } from 'react'
import { useNavigate, useParams, useSearchParams } from 'react-router'
import { api, need, type Schemas } from '../api/client'
import { finishesQuery, productQuery } from '../api/queries'
import { AnyOf, Button, ButtonLink, OneOf, TextField } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { Bottles } from './Bottles'
import { Conflict } from './Conflict'
import { WhyNotLinks } from './WhyNotLinks'
import { Preview } from './Preview'
import { SafetySheet } from './SafetySheet'
import { Cleaning, Keeping, Label, OnSurface } from './ProductParts'
import { Amount, faultAt, faultsOf, filledIn, three } from './record'
import { isConflict, useRecord } from './useRecord'
import * as words from './shelfWords'

type Product = Schemas['ProductFile']

const blank: Product = { id: '', name: '', roles: [], supply: 'ready' }

export function ProductView() {
  const { id } = useParams()
  const [query] = useSearchParams()
  const from = query.get('like') ?? undefined
  const wanted = id ?? from
  const product = useQuery({ ...productQuery(wanted ?? ''), enabled: wanted !== undefined })
  const finishes = useQuery(finishesQuery)
  if (finishes.isPending || (wanted !== undefined && product.isPending)) return <Loading what="the product" />
  const error = product.error ?? finishes.error
  if (error)
    return (
      <div className="p-4">
        <Trouble error={error} again={() => void product.refetch()} />
      </div>
    )
  const start = id
    ? product.data?.record
    : product.data && { ...product.data.record, id: '', name: `${product.data.record.name}, copy` }
  return (
    <ProductForm
      key={id ?? 'new'}
      known={id ? product.data : undefined}
      start={start ?? blank}
      finishes={finishes.data ?? []}
    />
  )
}

function ProductForm(props: {
  known: Schemas['ProductView'] | undefined
  start: Product
  finishes: Schemas['FinishChoice'][]
}) {
  const { known, start, finishes } = props
  const client = useQueryClient()
  const navigate = useNavigate()
  const { base, draft, set, take } = useRecord<Product>(known, start)
  const record = filledIn(draft)
  const asked = useDeferredValue(JSON.stringify(record))
  const preview = useQuery({
    queryKey: ['shelf', 'preview', asked],
    queryFn: () => need(api.POST('/api/v1/shelf/products/preview', { body: JSON.parse(asked) as Product })),
    enabled: draft.name.trim() !== '' && draft.roles.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
  })
  const fresh = () => void client.invalidateQueries({ queryKey: ['shelf'] })
  const save = useMutation({
    mutationFn: (earlier: number | undefined) =>
      need(
        known
          ? api.PUT('/api/v1/shelf/products/{id}', {
              params: { path: { id: known.record.id }, query: { earlier } },
              body: record,
            })
          : api.POST('/api/v1/shelf/products', { body: record }),
      ),
    onSuccess: (saved) => {
      take(saved)
      client.setQueryData(productQuery(saved.record.id).queryKey, saved)
      fresh()
      void client.invalidateQueries({ queryKey: ['job'] })
      if (!known) void navigate(`/shelf/products/${saved.record.id}`, { replace: true })
    },
  })
  const theirs = useQuery({
    queryKey: ['shelf', 'theirs', known?.record.id, save.submittedAt],
    queryFn: () =>
      need(api.GET('/api/v1/shelf/products/{id}', { params: { path: { id: known?.record.id ?? '' } } })),
    enabled: isConflict(save.error),
  })
  const archive = useMutation({
    mutationFn: (away: boolean) =>
      need(
        api.POST('/api/v1/shelf/products/{id}/archived', {
          params: { path: { id: known?.record.id ?? '' }, query: { away } },
        }),
      ),
    onSuccess: fresh,
  })
  const faults = faultsOf(save.error).length > 0 ? faultsOf(save.error) : faultsOf(preview.error)
  const at = (field: string) => faultAt(faults, field)
  const thins = draft.supply === 'concentrate'
  const changed = JSON.stringify(record) !== JSON.stringify(filledIn(base?.record ?? start)) || !known
  const submit = (event: FormEvent) => {
    event.preventDefault()
    save.mutate(base?.earlier)
  }
  return (
    <div className="mx-auto grid w-full max-w-6xl gap-5 p-3 md:grid-cols-[1.5fr_1fr] md:p-5">
      <form onSubmit={submit} className="grid content-start gap-4">
        <div className="flex flex-wrap items-end justify-between gap-2">
          <h1 className="text-head">{known ? known.record.name : 'New product'}</h1>
          {known && (
            <div className="flex flex-wrap gap-2">
              <ButtonLink to={`/shelf/products/new?like=${known.record.id}`}>Duplicate</ButtonLink>
              <Button onClick={() => archive.mutate(!known.archived)} disabled={archive.isPending}>
                {known.archived ? 'Back on the shelf' : 'Archive'}
              </Button>
            </div>
          )}
        </div>
        {known?.archived && (
          <p className="border-l-4 border-l-care pl-3">
            Archived: nothing new is planned with it. Jobs that used it keep it as it was.
          </p>
        )}
        <div className="grid gap-4 sm:grid-cols-2">
          <TextField
            label="Name"
            value={draft.name}
            onChange={(name) => set({ name })}
            maxLength={120}
            fault={at('name')}
            required
          />
          <TextField
            label="Maker"
            value={draft.maker ?? ''}
            onChange={(maker) => set({ maker })}
            maxLength={120}
            fault={at('maker')}
          />
        </div>
        <AnyOf
          label="What it is for"
          value={draft.roles}
          options={words.roles}
          onChange={(v) => set({ roles: v })}
        />
        <div className="grid gap-4 sm:grid-cols-2">
          <OneOf
            label="Comes as"
            value={draft.form}
            options={words.forms}
            onChange={(form) => set({ form })}
          />
          <OneOf
            label="Supplied"
            value={draft.supply}
            options={[
              { value: 'ready', label: 'Ready to use' },
              { value: 'concentrate', label: 'Concentrate' },
            ]}
            onChange={(supply) => set({ supply, ...(supply === 'ready' ? { labelRatios: undefined } : {}) })}
          />
        </div>
        {thins && (
          <div className={three}>
            {(['mildest', 'default', 'strongest'] as const).map((which) => (
              <TextField
                key={which}
                label={`${{ mildest: 'Mildest', default: 'Usual', strongest: 'Strongest' }[which]} on the label`}
                value={draft.labelRatios?.[which] ?? ''}
                placeholder="1:10"
                maxLength={16}
                fault={at(`labelRatios/${which}`)}
                onChange={(v) =>
                  set({
                    labelRatios: { ...draft.labelRatios, [which]: v || undefined } as Product['labelRatios'],
                  })
                }
              />
            ))}
          </div>
        )}
        <div className="grid gap-4 sm:grid-cols-2">
          <Amount
            label="pH as supplied"
            value={draft.ph}
            onChange={(ph) => set({ ph })}
            note="Not on the label? Leave it out and take the pen."
            fault={at('ph')}
          />
          <TextField
            label="Hazard codes"
            value={(draft.hazards ?? []).join(' ')}
            onChange={(v) =>
              set({
                hazards: v
                  .toUpperCase()
                  .split(/[\s,;]+/)
                  .filter(Boolean),
              })
            }
            note="As on the label or safety sheet, such as H319 H226"
            maxLength={200}
            fault={at('hazards')}
          />
        </div>
        <AnyOf
          label="It is, or has"
          value={words.traits.filter((t) => draft[t.value]).map((t) => t.value)}
          options={[...words.traits]}
          onChange={(on) =>
            set(
              Object.fromEntries(words.traits.map((t) => [t.value, on.includes(t.value) ? true : undefined])),
            )
          }
        />
        <Cleaning draft={draft} set={set} at={at} open={!known} />
        <Label draft={draft} set={set} at={at} open={false} finishes={finishes} />
        <OnSurface draft={draft} set={set} at={at} open={!known} />
        <Keeping draft={draft} set={set} at={at} open={false} counted={(known?.bottles.length ?? 0) > 0} />
        {save.error && !theirs.data && <Trouble error={save.error} />}
        {known && theirs.data && (
          <Conflict
            mine={record}
            theirs={filledIn(theirs.data.record)}
            busy={save.isPending}
            onMine={() => save.mutate(theirs.data.earlier)}
            onTheirs={() => {
              take(theirs.data)
              save.reset()
            }}
          />
        )}
        <div className="sticky bottom-0 flex flex-wrap items-center gap-3 bg-ground py-2">
          <Button
            type="submit"
            weight="main"
            disabled={save.isPending || !changed || draft.name.trim() === '' || draft.roles.length === 0}
          >
            {known ? 'Save' : 'Put it on the shelf'}
          </Button>
          <span role="status" className="text-note text-faint">
            {known && !changed && 'Saved'}
            {draft.roles.length === 0 && 'Say what it is for first'}
          </span>
        </div>
      </form>
      <div className="grid content-start gap-4">
        <Preview
          preview={preview.data}
          faults={faultsOf(preview.error)}
          pack={draft.pack}
          earlier={known?.earlier ?? 0}
        />
        {known && <Bottles product={known} />}
        {known && <WhyNotLinks itemId={known.record.id} />}
        {known && <SafetySheet product={known} />}
      </div>
    </div>
  )
}
