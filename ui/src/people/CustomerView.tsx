import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Dialog } from 'radix-ui'
import { useState, type FormEvent } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { api, need, type Schemas } from '../api/client'
import { customerQuery } from '../api/queries'
import { Button, ButtonLink } from '../parts/controls'
import { Loading, PageTrouble, Trouble } from '../parts/Notice'
import { SaveLine } from '../parts/SaveLine'
import { CustomerFields } from './CustomerFields'
import { PerhapsSame } from './PerhapsSame'
import { Standing } from './Standing'
import { allOf } from '../words/lists'
import { phrase } from './phrase'

type Form = Schemas['CustomerForm']

const blank: Form = { name: '', uses: [] }
export function CustomerView() {
  const { id } = useParams()
  const customer = useQuery({ ...customerQuery(id ?? ''), enabled: id !== undefined })
  if (id === undefined) return <CustomerForm known={undefined} />
  if (customer.isPending) return <Loading what={phrase('fetching-the-customer')} />
  if (customer.isError) return <PageTrouble error={customer.error} again={() => void customer.refetch()} />
  return <CustomerForm key={`${id}-${customer.data.form.version}`} known={customer.data} />
}

function CustomerForm({ known }: { known: Schemas['CustomerView'] | undefined }) {
  const client = useQueryClient()
  const navigate = useNavigate()
  const [form, setForm] = useState<Form>(known?.form ?? blank)
  const set = (part: Partial<Form>) => setForm((before) => ({ ...before, ...part }))
  const [forgetting, setForgetting] = useState(false)
  const settle = (fresh: Schemas['CustomerView']) => {
    client.setQueryData(customerQuery(fresh.id).queryKey, fresh)
    void client.invalidateQueries({ queryKey: ['customers'] })
    void client.invalidateQueries({ queryKey: ['vehicles'] })
  }
  const save = useMutation({
    mutationFn: () =>
      need(
        known
          ? api.PUT('/api/v1/customers/{id}', { params: { path: { id: known.id } }, body: form })
          : api.POST('/api/v1/customers', { body: form }),
      ),
    onSuccess: (fresh) => {
      settle(fresh)
      if (!known) void navigate(`/customers/${fresh.id}`, { replace: true })
    },
  })
  const merge = useMutation({
    mutationFn: (other: string) =>
      need(
        api.POST('/api/v1/customers/{id}/merge', {
          params: { path: { id: known?.id ?? '' } },
          body: { other },
        }),
      ),
    onSuccess: settle,
  })
  const changed = JSON.stringify(form) !== JSON.stringify(known?.form ?? blank)
  const submit = (event: FormEvent) => {
    event.preventDefault()
    save.mutate()
  }
  return (
    <div
      className={`mx-auto grid w-full max-w-6xl gap-5 p-3 md:p-6 ${known ? 'md:grid-cols-[1.2fr_1fr]' : 'md:max-w-2xl'}`}
    >
      <h1 className="text-head md:col-span-full">{known ? known.form.name : phrase('new-customer')}</h1>
      <form
        onSubmit={submit}
        className={`grid content-start gap-4 max-md:order-last ${known ? 'md:order-last' : ''}`}
      >
        <CustomerFields form={form} set={set} />
        {save.error && <Trouble error={save.error} />}
        <SaveLine
          disabled={save.isPending || !changed || form.name.trim() === ''}
          says={known && !changed && phrase('saved')}
        />
      </form>
      {known && (
        <div className="grid content-start gap-4">
          <Vehicles of={known} />
          <PerhapsSame
            title={phrase('perhaps-the-same-person')}
            note={phrase('the-others-vehicles-come-over')}
            others={known.likelySame.map((other) => ({
              id: other.id,
              name: other.name,
              detail: [other.phone, other.email, phrase('vehicles-counted', { vehicles: other.vehicles })]
                .filter(Boolean)
                .join(' · '),
            }))}
            busy={merge.isPending}
            error={merge.error}
            onTake={(other) => merge.mutate(other)}
          />
          <div>
            <Button onClick={() => setForgetting(true)}>{phrase('delete-personal-data')}</Button>
          </div>
        </div>
      )}
      {forgetting && known && <Forget customer={known} onClose={() => setForgetting(false)} />}
    </div>
  )
}

function Vehicles({ of: known }: { of: Schemas['CustomerView'] }) {
  return (
    <section aria-label={phrase('vehicles')} className="lying p-3">
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="text-do">{phrase('vehicles-counted', { vehicles: known.vehicles.length })}</h2>
        <ButtonLink to={`/vehicles/new?customer=${known.id}`} weight="quiet" className="px-1">
          {phrase('add-one')}
        </ButtonLink>
      </div>
      <ul className="divide-y divide-line">
        {known.vehicles.map((v) => (
          <li key={v.id} className="py-1">
            <Link
              to={`/vehicles/${v.id}`}
              className="inline-flex min-h-11 items-center text-do font-semibold"
            >
              {v.label}
            </Link>
            <Standing vehicleId={v.id} />
          </li>
        ))}
      </ul>
    </section>
  )
}

function Forget(props: { customer: Schemas['CustomerView']; onClose: () => void }) {
  const { customer, onClose } = props
  const client = useQueryClient()
  const navigate = useNavigate()
  const forget = useMutation({
    mutationFn: async () => {
      const { response } = await api.DELETE('/api/v1/customers/{id}', {
        params: { path: { id: customer.id } },
      })
      if (!response.ok) throw new Error(phrase('not-deleted'))
    },
    onSuccess: () => {
      client.removeQueries({ queryKey: ['customer', customer.id] })
      void client.invalidateQueries()
      void navigate('/people')
    },
  })
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/50" />
        <Dialog.Content className="fixed inset-x-0 bottom-0 z-50 grid gap-3 bg-paper p-4 md:inset-auto md:top-1/2 md:left-1/2 md:w-[min(94vw,32rem)] md:-translate-x-1/2 md:-translate-y-1/2">
          <Dialog.Title className="text-head">
            {phrase('delete-named-for-good', { name: customer.form.name })}
          </Dialog.Title>
          <Dialog.Description>{phrase('name-contact-address-wishes')}</Dialog.Description>
          <p>
            {customer.vehicles.length === 0
              ? phrase('they-have-no-vehicle-here')
              : phrase('the-vehicle-and-what-was', {
                  vehicles: allOf(customer.vehicles.map((v) => v.label)),
                })}
          </p>
          {forget.error && <Trouble error={forget.error} />}
          <div className="flex gap-2">
            <Button
              className="border-over text-over"
              onClick={() => forget.mutate()}
              disabled={forget.isPending}
            >
              {phrase('delete-for-good')}
            </Button>
            <Button onClick={onClose}>{phrase('keep')}</Button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
