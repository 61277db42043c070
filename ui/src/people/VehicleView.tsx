import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Plus } from 'lucide-react'
import { useState, type FormEvent } from 'react'
import { useNavigate, useParams, useSearchParams } from 'react-router'
import { api, need, type Schemas } from '../api/client'
import { historyQuery, vehicleQuery } from '../api/queries'
import { ButtonLink } from '../parts/controls'
import { Loading, PageTrouble, Trouble } from '../parts/Notice'
import { Standing } from './Standing'
import { History } from './History'
import { PerhapsSame } from './PerhapsSame'
import { SaveLine } from '../parts/SaveLine'
import { VehicleFields } from './VehicleFields'
import { linkTo } from '../parts/drawn'
import { phrase } from './phrase'

type Form = Schemas['VehicleForm']

export function VehicleView() {
  const { id } = useParams()
  const [query] = useSearchParams()
  const vehicle = useQuery({ ...vehicleQuery(id ?? ''), enabled: id !== undefined })
  if (id === undefined)
    return (
      <VehicleForm
        known={undefined}
        start={{
          label: '',
          layout: 'five-seat',
          historyKnown: false,
          customerId: query.get('customer') ?? undefined,
        }}
      />
    )
  if (vehicle.isPending) return <Loading what={phrase('fetching-the-vehicle')} />
  if (vehicle.isError) return <PageTrouble error={vehicle.error} again={() => void vehicle.refetch()} />
  return (
    <VehicleForm key={`${id}-${vehicle.data.form.version}`} known={vehicle.data} start={vehicle.data.form} />
  )
}

function VehicleForm({ known, start }: { known: Schemas['VehicleView'] | undefined; start: Form }) {
  const client = useQueryClient()
  const navigate = useNavigate()
  const [form, setForm] = useState<Form>(start)
  const set = (part: Partial<Form>) => setForm((before) => ({ ...before, ...part }))
  const settle = (fresh: Schemas['VehicleView']) => {
    client.setQueryData(vehicleQuery(fresh.id).queryKey, fresh)
    for (const key of ['vehicles', 'customers', 'customer', 'day'])
      void client.invalidateQueries({ queryKey: [key] })
    void client.invalidateQueries({ queryKey: historyQuery(fresh.id).queryKey })
  }
  const save = useMutation({
    mutationFn: () =>
      need(
        known
          ? api.PUT('/api/v1/vehicles/{id}', { params: { path: { id: known.id } }, body: form })
          : api.POST('/api/v1/vehicles', { body: form }),
      ),
    onSuccess: (fresh) => {
      settle(fresh)
      if (!known) void navigate(`/vehicles/${fresh.id}`, { replace: true })
    },
  })
  const merge = useMutation({
    mutationFn: (other: string) =>
      need(
        api.POST('/api/v1/vehicles/{id}/merge', {
          params: { path: { id: known?.id ?? '' } },
          body: { other },
        }),
      ),
    onSuccess: settle,
  })
  const changed = JSON.stringify(form) !== JSON.stringify(known?.form)
  const submit = (event: FormEvent) => {
    event.preventDefault()
    save.mutate()
  }
  return (
    <div
      className={`mx-auto grid w-full max-w-6xl gap-5 p-3 md:p-6 ${known ? 'md:grid-cols-[1.2fr_1fr]' : 'md:max-w-2xl'}`}
    >
      <Head known={known} />
      <form
        onSubmit={submit}
        className={`grid content-start gap-4 ${known ? 'md:order-last' : ''} max-md:order-last`}
      >
        <VehicleFields form={form} set={set} />
        {save.error && <Trouble error={save.error} />}
        <SaveLine
          disabled={save.isPending || !changed || form.label.trim() === ''}
          says={known && !changed && phrase('saved')}
        />
      </form>
      {known && (
        <div className="grid content-start gap-4">
          <section aria-label={phrase('how-it-stands')} className="lying p-3">
            <Standing vehicleId={known.id} />
          </section>
          <History id={known.id} />
          <PerhapsSame
            title={phrase('perhaps-the-same-vehicle')}
            note={phrase('its-jobs-and-what-was')}
            others={known.likelySame.map((other) => ({
              id: other.id,
              name: other.label,
              detail:
                [other.plate, other.customer].filter(Boolean).join(' · ') || phrase('no-plate-no-customer'),
            }))}
            busy={merge.isPending}
            error={merge.error}
            onTake={(other) => merge.mutate(other)}
          />
        </div>
      )}
    </div>
  )
}

function Head({ known }: { known: Schemas['VehicleView'] | undefined }) {
  const toOwner = linkTo(`/customers/${known?.customer?.id}`)
  return (
    <div className="flex flex-wrap items-end justify-between gap-3 md:col-span-full">
      <div>
        <h1 className="text-head">{known ? known.form.label : phrase('new-vehicle')}</h1>
        {known?.customer && (
          <p>
            {known.fleet
              ? phrase.drawn('of-fleet', {
                  owner: known.customer.name,
                  name: known.fleet.name,
                  a: toOwner,
                })
              : phrase.drawn('of', {
                  owner: known.customer.name,
                  a: toOwner,
                })}
          </p>
        )}
      </div>
      {known && (
        <ButtonLink to={`/new?vehicle=${known.id}`} weight="main">
          <Plus size={18} aria-hidden="true" /> {phrase('new-job-on-it')}
        </ButtonLink>
      )}
    </div>
  )
}
