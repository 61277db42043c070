import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Check } from 'lucide-react'
import { api, need } from '../api/client'
import { dayMixQuery, mixedQuery } from '../api/queries'
import { Button } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { dayOf, ml, when } from '../parts/words'
import { LabelLinks } from './Label'
import { apart, listed } from '../words/lists'
import { large } from '../parts/drawn'
import { phrase } from './phrase'

/** Notes a bottle as mixed; its product leaves the stock. */
export function MixedHere(props: { productId: string; ratio: string; bottleMl: number; jobId?: string }) {
  const client = useQueryClient()
  const mix = useMutation({
    mutationFn: () =>
      need(
        api.POST('/api/v1/mix/mixed', {
          body: {
            productId: props.productId,
            ratio: props.ratio,
            bottleMl: props.bottleMl,
            jobId: props.jobId,
          },
        }),
      ),
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: ['mix'] })
      void client.invalidateQueries({ queryKey: ['shelf'] })
    },
  })
  return (
    <div className="flex flex-wrap items-center gap-3" aria-live="polite">
      <Button disabled={mix.isPending || mix.isSuccess} onClick={() => mix.mutate()}>
        <Check size={18} aria-hidden="true" /> {phrase('mixed')}
      </Button>
      {mix.data && (
        <span>{phrase('taken-from-stock-use-by', { dayOf: dayOf(`${mix.data.useBy}T12:00:00`) })}</span>
      )}
      {mix.error && <Trouble error={mix.error} />}
    </div>
  )
}

/** One bottle of each cleaner and ratio for all the jobs of today. */
export function ForToday() {
  const day = useQuery(dayMixQuery)
  if (day.isError) return <Trouble error={day.error} again={() => void day.refetch()} />
  if (!day.data || day.data.length === 0) return null
  return (
    <section aria-label={phrase('for-today')} className="lying p-3">
      <h2 className="text-do">{phrase('for-all-of-todays-jobs')}</h2>
      <ul className="divide-y divide-line">
        {day.data.map((m) => (
          <li key={m.productId + m.ratio} className="grid gap-1 py-2">
            <p className="flex flex-wrap justify-between gap-x-4">
              <span className="font-semibold">{listed(m.name, m.ratio)}</span>
              <span className="text-note text-faint">{apart(m.jobs)}</span>
            </p>
            {m.bottleMl > 0 ? (
              <>
                <p>
                  {m.atHandMl > 0
                    ? phrase.drawn('at-hand', {
                        product: ml(m.productMl),
                        water: ml(m.waterMl),
                        bottleMl: ml(m.bottleMl),
                        neededMl: ml(m.neededMl),
                        atHandMl: ml(m.atHandMl),
                        b: large,
                      })
                    : phrase.drawn('water-into-a-bottle-needed', {
                        product: ml(m.productMl),
                        water: ml(m.waterMl),
                        bottleMl: ml(m.bottleMl),
                        neededMl: ml(m.neededMl),
                        b: large,
                      })}
                </p>
                <MixedHere productId={m.productId} ratio={m.ratio} bottleMl={m.bottleMl} />
                <LabelLinks productId={m.productId} ratio={m.ratio} bottleMl={m.bottleMl} />
              </>
            ) : (
              <p className="text-tune">
                {phrase('enough-at-hand-for', { atHandMl: ml(m.atHandMl), neededMl: ml(m.neededMl) })}
              </p>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}

/** Bottles mixed and not yet poured away. */
export function AtHand() {
  const client = useQueryClient()
  const mixed = useQuery(mixedQuery)
  const pour = useMutation({
    mutationFn: (id: string) => need(api.POST('/api/v1/mix/mixed/{id}/poured', { params: { path: { id } } })),
    onSuccess: () => void client.invalidateQueries({ queryKey: ['mix'] }),
  })
  if (!mixed.data || mixed.data.length === 0) return null
  return (
    <section aria-label={phrase('mixed-and-at-hand')} className="lying p-3">
      <h2 className="text-do">{phrase('mixed-and-at-hand')}</h2>
      <ul className="divide-y divide-line">
        {mixed.data.map((b) => (
          <li key={b.id} className="flex flex-wrap items-center justify-between gap-x-4 py-1">
            <span>
              <span className="block font-semibold">{listed(b.name, b.ratio)}</span>
              {phrase('mixed-at', { bottleMl: ml(b.bottleMl), mixedAt: when(b.mixedAt) })}
              <span className={`block text-note ${b.old ? 'font-semibold text-over' : 'text-faint'}`}>
                {b.old
                  ? phrase('past-its-day-pour-it')
                  : phrase('use-by', { dayOf: dayOf(`${b.useBy}T12:00:00`) })}
              </span>
            </span>
            <Button disabled={pour.isPending} onClick={() => pour.mutate(b.id)}>
              {phrase('used-up-or-poured-away')}
            </Button>
          </li>
        ))}
      </ul>
      {pour.error && <Trouble error={pour.error} />}
    </section>
  )
}
