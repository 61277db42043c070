import { useQuery } from '@tanstack/react-query'
import { useSearchParams } from 'react-router'
import { shelfQuery } from '../api/queries'
import { Loading, PageTrouble } from '../parts/Notice'
import { FreeMix } from './FreeMix'
import { AtHand, ForToday } from './Mixed'
import { StepMix } from './StepMix'
import { phrase } from './phrase'

/** Mixing outside a job; a label's code opens its mix here. */
export function BottlesView() {
  const shelf = useQuery(shelfQuery)
  const [search] = useSearchParams()
  if (shelf.isPending) return <Loading what={phrase('fetching-the-shelf')} />
  if (shelf.isError) return <PageTrouble error={shelf.error} again={() => void shelf.refetch()} />
  return (
    <div className="mx-auto grid w-full max-w-4xl content-start gap-4 p-3 md:p-5">
      <h1 className="text-head">{phrase('mix-a-bottle')}</h1>
      <ForToday />
      <AtHand />
      <FreeMix
        products={shelf.data.products}
        start={{
          product: search.get('product') ?? undefined,
          ratio: search.get('ratio') ?? undefined,
          bottle: search.get('bottle') ?? undefined,
        }}
      />
      <StepMix />
    </div>
  )
}
