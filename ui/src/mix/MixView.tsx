import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Gauge } from 'lucide-react'
import { api, need, type Schemas } from '../api/client'
import { planQuery, shelfQuery } from '../api/queries'
import { HazardsOf } from '../parts/Hazards'
import { Button, ButtonLink } from '../parts/controls'
import { useJob } from '../parts/useJob'
import { Empty, Loading, PageTrouble, Trouble } from '../parts/Notice'
import { ml, money } from '../parts/words'
import { Bottle } from './Bottle'
import { FreeMix } from './FreeMix'
import { LabelLinks } from './Label'
import { AtHand, MixedHere } from './Mixed'
import { StepMix } from './StepMix'
import { allOf, listed } from '../words/lists'
import { strong } from '../parts/drawn'
import { phrase } from './phrase'

type Product = Schemas['ProductFile']

export function MixView() {
  const job = useJob()
  const asked = job.document.surfaces.some((s) => s.condition.soil && s.condition.wear)
  const plan = useQuery({ ...planQuery(job.id), enabled: asked })
  const shelf = useQuery(shelfQuery)

  if (plan.isError || shelf.isError)
    return <PageTrouble error={plan.error ?? shelf.error} again={() => void plan.refetch()} />
  if (shelf.isPending || (asked && plan.isPending)) return <Loading what={phrase('fetching-the-bottles')} />
  const products = new Map(shelf.data.products.map((p) => [p.id, p]))
  const mixes = plan.data?.mixes ?? []
  const diluted = mixes.filter((m) => m.ratio !== 'ready')
  const ready = mixes.filter((m) => m.ratio === 'ready')

  return (
    <div className="mx-auto grid w-full max-w-6xl gap-4 p-3 md:p-5">
      {!asked && (
        <Empty title={phrase('no-bottles-yet')}>
          <p>{phrase('what-is-to-be-mixed')}</p>
          <ButtonLink to={`/jobs/${job.id}/survey`} weight="main">
            {phrase('to-the-survey')}
          </ButtonLink>
        </Empty>
      )}
      {asked && mixes.length > 0 && diluted.length === 0 && (
        <p className="lying p-3">{phrase('nothing-to-dilute-every')}</p>
      )}
      {mixes.length > 0 && (
        <section aria-label={phrase('to-mix')} className="grid items-start gap-3 lg:grid-cols-2">
          {diluted.map((mix) => (
            <MixCard
              key={mix.productId + mix.ratio}
              mix={mix}
              product={products.get(mix.productId)}
              labels={job.labels}
              jobId={job.id}
            />
          ))}
          {ready.length > 0 && <Ready mixes={ready} products={products} />}
        </section>
      )}
      {plan.data && plan.data.doses.length > 0 && <Doses plan={plan.data} products={products} />}
      {plan.data && <Kit plan={plan.data} />}
      <AtHand />
      <FreeMix products={shelf.data.products} />
      <StepMix />
    </div>
  )
}

/** What an amount costs by the price of its pack; nothing where that is not known. */
function cost(product: Product | undefined, amountMl: number) {
  const pack = product?.pack
  return pack && money((pack.priceMinor * amountMl) / pack.ml, pack.currency)
}

function Ready({ mixes, products }: { mixes: Schemas['MixFile'][]; products: Map<string, Product> }) {
  return (
    <section aria-label={phrase('as-they-come')} className="lying p-3">
      <h2 className="text-do">{phrase('as-they-come-no-water')}</h2>
      <ul className="mt-1 divide-y divide-line">
        {mixes.map((mix) => (
          <li key={mix.productId} className="grid grid-cols-[1fr_auto] gap-x-4 py-2">
            <span className="font-semibold">{products.get(mix.productId)?.name}</span>
            <span className="text-do font-semibold">{ml(mix.neededMl)}</span>
            <span className="text-note text-faint">
              {listed(
                mix.effectivePh
                  ? phrase('ph-to', { low: mix.effectivePh.low, high: mix.effectivePh.high })
                  : phrase('ph-not-known'),
                phrase('on-panels', { surfaceIds: mix.surfaceIds.length }),
                cost(products.get(mix.productId), mix.neededMl),
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}

function MixCard(props: {
  mix: Schemas['MixFile']
  product: Product | undefined
  labels: Record<string, string>
  jobId: string
}) {
  const { mix, product, labels } = props
  const costs = cost(product, mix.productMl)
  return (
    <article className="lying grid grid-cols-[auto_1fr] gap-x-5 p-4">
      <Bottle share={mix.productMl / mix.bottleMl} />
      <div className="grid content-start gap-1">
        <h2 className="text-do">{listed(product?.name, mix.ratio)}</h2>
        <p className="text-note text-faint">{mix.words}</p>
        <dl className="my-1 grid grid-cols-2 gap-x-4">
          <dt className="text-note text-faint">{phrase('product')}</dt>
          <dt className="text-note text-faint">{phrase('water')}</dt>
          <dd className="text-big leading-none font-semibold whitespace-nowrap max-sm:text-head">
            {ml(mix.productMl)}
          </dd>
          <dd className="text-big leading-none font-semibold whitespace-nowrap max-sm:text-head">
            {ml(mix.waterMl)}
          </dd>
        </dl>
        <p>
          {costs
            ? phrase('water-first-at-cost', {
                bottleMl: ml(mix.bottleMl),
                cost: costs,
                neededMl: ml(mix.neededMl),
              })
            : phrase('water-first-then-product-into', {
                bottleMl: ml(mix.bottleMl),
                neededMl: ml(mix.neededMl),
              })}
        </p>
        <p>
          {mix.effectivePh ? (
            <>
              {phrase('effective-ph')}{' '}
              <strong>{phrase('to', { low: mix.effectivePh.low, high: mix.effectivePh.high })}</strong>
            </>
          ) : (
            phrase('effective-ph-not-known-measure')
          )}
        </p>
        <p className="text-note text-faint">
          {phrase('for-panels', {
            surfaceIds: allOf([
              ...mix.surfaceIds.slice(0, 4).map((id) => labels[id]),
              mix.surfaceIds.length > 4 &&
                phrase('and-more-panels', { surfaceIds: mix.surfaceIds.length - 4 }),
            ]),
          })}
        </p>
        <MixedHere productId={mix.productId} ratio={mix.ratio} bottleMl={mix.bottleMl} jobId={props.jobId} />
        <Pen jobId={props.jobId} mix={mix} />
        <HazardsOf productIds={[mix.productId]} />
        <LabelLinks productId={mix.productId} ratio={mix.ratio} bottleMl={mix.bottleMl} />
      </div>
    </article>
  )
}

/** Takes the mix's pH with the pen; the bottle's record keeps it, and it wins over the estimate. */
function Pen({ jobId, mix }: { jobId: string; mix: Schemas['MixFile'] }) {
  const client = useQueryClient()
  const take = useMutation({
    mutationFn: () =>
      need(
        api.POST('/api/v1/jobs/{id}/readings', {
          params: { path: { id: jobId } },
          body: { instrument: 'ph', productId: mix.productId, ratio: mix.ratio },
        }),
      ),
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: ['job', jobId] })
      void client.invalidateQueries({ queryKey: ['shelf'] })
    },
  })
  return (
    <div className="flex flex-wrap items-center gap-3" aria-live="polite">
      <Button onClick={() => take.mutate()} disabled={take.isPending}>
        <Gauge size={18} aria-hidden="true" /> {phrase('ph-pen')}
      </Button>
      {take.data && (
        <span>
          {phrase.drawn('noted-on-the-bottle', {
            value: String(take.data.value),
            device: take.data.device,
            b: strong,
          })}
          {take.data.says && <> {take.data.says}</>}
        </span>
      )}
      {take.error && <Trouble error={take.error} />}
    </div>
  )
}

/** Creams by the pea, what is sprayed by the stroke, the rest by the drop. */
function counted(dose: Schemas['DoseFile'], form?: string): string {
  if (form === 'cream' || form === 'gel') return phrase('peas', { peas: dose.peas })
  if (form === 'spray' || form === 'foam') return phrase('strokes', { strokes: dose.strokes })
  return phrase('drops', { drops: dose.drops })
}

function Doses({ plan, products }: { plan: Schemas['PlanFile']; products: Map<string, Product> }) {
  return (
    <section aria-label={phrase('finishing-products')} className="lying p-3">
      <h2 className="text-do">{phrase('finishing-products')}</h2>
      <ul className="mt-1 divide-y divide-line">
        {plan.doses.map((dose) => (
          <li key={dose.productId} className="grid grid-cols-[1fr_auto] gap-x-4 py-2">
            <span className="font-semibold">{products.get(dose.productId)?.name}</span>
            <span className="text-do font-semibold">{ml(dose.ml)}</span>
            <span className="text-note text-faint">
              {listed(
                phrase('panels-about-of-it-stay', { surfaceIds: dose.surfaceIds.length }),
                phrase('about-of-it-stay', {
                  dose: counted(dose, products.get(dose.productId)?.form),
                  keptMl: ml(dose.keptMl),
                }),
                dose.share !== undefined &&
                  phrase('of-what-is-on-hand', { share: Math.round(dose.share * 100) }),
                dose.coatsPossible !== undefined &&
                  phrase('there-is-enough-for-coats', { coatsPossible: dose.coatsPossible }),
                cost(products.get(dose.productId), dose.ml),
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}

function Kit({ plan }: { plan: Schemas['PlanFile'] }) {
  return (
    <section aria-label={phrase('cloths-and-what-to-buy')} className="lying grid gap-2 p-3">
      <h2 className="text-do">{phrase('cloths')}</h2>
      {plan.cloths.length === 0 && <p>{phrase('none')}</p>}
      <ul>
        {plan.cloths.map((c) => (
          <li key={c.use + c.colourfastOnly}>
            {listed(
              phrase('count-for-use', { count: c.count, use: c.use }),
              c.colourfastOnly && phrase('white-or-washed-eight-times'),
              c.thrown > 0 && phrase('thrown-away-after', { thrown: c.thrown }),
            )}
          </li>
        ))}
      </ul>
      {plan.purchases.length > 0 && (
        <ul className="list-[square] pl-5">
          {plan.purchases.map((p) => (
            <li key={p.text}>{phrase('to-buy', { text: p.text })}</li>
          ))}
        </ul>
      )}
    </section>
  )
}
