import { useMutation, useQuery } from '@tanstack/react-query'
import { api, need, type Schemas } from '../api/client'
import { levelsQuery } from '../api/queries'
import { useJobSettled } from '../api/useJobSettled'
import { Loading, Trouble } from '../parts/Notice'
import { money, Say, worked, placed } from '../parts/words'
import { listed } from '../words/lists'
import { phrase } from './phrase'

type Level = Schemas['LevelView']
type Price = Schemas['PriceView']

export const isLevel = (level: Level, declined: string[]) =>
  level.leavesOut.length === declined.length && level.leavesOut.every((sold) => declined.includes(sold))

/** What the shop sells, each to every standard: time and price, and what the next one adds. */
export function Levels({
  jobId,
  declined,
  picked,
  frozen,
  onPick,
}: {
  jobId: string
  declined: string[]
  picked: string | undefined
  frozen: boolean
  onPick: (level: Level) => void
}) {
  const levels = useQuery(levelsQuery(jobId))
  const settled = useJobSettled()
  const wish = useMutation({
    mutationFn: (standard: string) =>
      need(api.POST('/api/v1/jobs/{id}/standards/{standard}', { params: { path: { id: jobId, standard } } })),
    onSuccess: settled,
  })
  if (levels.isPending) return <Loading what={phrase('fetching-the-levels')} />
  if (levels.isError) return <Trouble error={levels.error} again={() => void levels.refetch()} />
  const { currency } = levels.data
  const take = (level: Level, price: Price) => {
    onPick(level)
    if (!price.current) wish.mutate(price.standard)
  }
  return (
    <section aria-label={phrase('levels')} className="lying p-2 md:p-3">
      <table className="w-full table-fixed border-separate border-spacing-1 text-left">
        <caption className="sr-only">{phrase('price-with-tax-and-hands')}</caption>
        <thead className="text-note text-faint">
          <tr>
            <th scope="col">{phrase('with-tax')}</th>
            {levels.data.levels[0]?.prices.map((p) => (
              <th key={p.standard} scope="col">
                {Say(p.standard)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {levels.data.levels.map((level, row) => (
            <tr key={level.name}>
              <th scope="row" className="pr-2 font-semibold break-words">
                {level.name}
                <Same as={levels.data.levels.slice(0, row).find((above) => costsAs(above, level))} />
              </th>
              {level.prices.map((price, i) => {
                const on =
                  price.current && isLevel(level, declined) && (picked === undefined || picked === level.name)
                return (
                  <td key={price.standard} className="p-0">
                    <button
                      type="button"
                      aria-pressed={on}
                      aria-label={placed(
                        listed(level.name, price.standard),
                        listed(money(price.grossMinor, currency), worked(price.minutes)),
                      )}
                      disabled={wish.isPending || (frozen && !price.current)}
                      onClick={() => take(level, price)}
                      className={`min-h-16 w-full rounded-piece border px-1.5 py-1 text-left leading-tight md:px-2 ${on ? 'border-needle bg-needle text-on-needle' : 'border-line'}`}
                    >
                      <span className="block font-semibold">{money(price.grossMinor, currency)}</span>
                      <span className="block text-note">{worked(price.minutes)}</span>
                      <span className={`block text-note ${on ? '' : 'text-faint'}`}>
                        {more(level.prices[i - 1], price, currency).map((text) => (
                          <span key={text} className="block md:inline md:pr-2">
                            {text}
                          </span>
                        ))}
                      </span>
                    </button>
                  </td>
                )
              })}
            </tr>
          ))}
        </tbody>
      </table>
      {wish.error && <Trouble error={wish.error} />}
    </section>
  )
}

const costsAs = (above: Level, level: Level) =>
  level.prices.every((price, i) => price.grossMinor === above.prices[i]?.grossMinor)

/** A level that has nothing more to do here. */
function Same({ as }: { as: Level | undefined }) {
  return (
    as && (
      <span className="block text-note font-normal text-faint">
        {phrase('here-the-same-as', { level: as.name })}
      </span>
    )
  )
}

/** What it takes and costs beside the standard before it. */
function more(before: Price | undefined, price: Price, currency: string): string[] {
  if (!before) return []
  const minutes = price.minutes - before.minutes
  const minor = price.grossMinor - before.grossMinor
  const sign = (n: number) => (n < 0 ? '−' : '+')
  return [
    `${sign(minutes)} ${worked(Math.abs(minutes))}`,
    `${sign(minor)} ${money(Math.abs(minor), currency)}`,
  ]
}
