import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useDeferredValue, type FormEvent } from 'react'
import { useNavigate, useParams, useSearchParams } from 'react-router'
import { api, need, type Schemas } from '../api/client'
import { finishesQuery, productQuery } from '../api/queries'
import { Loading, PageTrouble, Trouble } from '../parts/Notice'
import { SaveLine } from '../parts/SaveLine'
import { Bottles } from './Bottles'
import { Conflict } from './Conflict'
import { Identity } from './Identity'
import { RecordHead } from './RecordHead'
import { WhyNotLinks } from './WhyNotLinks'
import { Preview } from './Preview'
import { SafetySheet } from './SafetySheet'
import { Cleaning, Keeping, Label, OnSurface } from './ProductParts'
import { faultAt, faultsOf, filledIn } from './record'
import { isConflict, useRecord } from './useRecord'
import { phrase } from './phrase'

type Product = Schemas['ProductFile']

const blank: Product = { id: '', name: '', roles: [], supply: 'ready' }

export function ProductView() {
  const { id } = useParams()
  const [query] = useSearchParams()
  const from = query.get('like') ?? undefined
  const wanted = id ?? from
  const product = useQuery({ ...productQuery(wanted ?? ''), enabled: wanted !== undefined })
  const finishes = useQuery(finishesQuery)
  if (finishes.isPending || (wanted !== undefined && product.isPending))
    return <Loading what={phrase('fetching-the-product')} />
  const error = product.error ?? finishes.error
  if (error) return <PageTrouble error={error} again={() => void product.refetch()} />
  const start = id
    ? product.data?.record
    : product.data && {
        ...product.data.record,
        id: '',
        name: phrase('copy', { name: product.data.record.name }),
      }
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
  const changed = JSON.stringify(record) !== JSON.stringify(filledIn(base?.record ?? start)) || !known
  const submit = (event: FormEvent) => {
    event.preventDefault()
    save.mutate(base?.earlier)
  }
  return (
    <div className="mx-auto grid w-full max-w-6xl gap-5 p-3 md:grid-cols-[1.5fr_1fr] md:p-5">
      <form onSubmit={submit} className="grid content-start gap-4">
        <RecordHead
          name={known ? known.record.name : phrase('new-product')}
          like={known && `/shelf/products/new?like=${known.record.id}`}
          archived={known?.archived ?? false}
          busy={archive.isPending}
          onArchive={() => archive.mutate(!known?.archived)}
        />
        {known?.archived && (
          <p className="border-l-4 border-l-care pl-3">{phrase('archived-nothing-new-is')}</p>
        )}
        <Identity draft={draft} set={set} at={at} />
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
        <SaveLine
          label={known ? phrase('save') : phrase('put-it-on-the-shelf')}
          sticky
          disabled={save.isPending || !changed || draft.name.trim() === '' || draft.roles.length === 0}
          says={
            draft.roles.length === 0 ? phrase('say-what-it-is-for') : known && !changed && phrase('saved')
          }
        />
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
