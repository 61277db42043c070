import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { FileText } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, need, type Schemas } from '../api/client'
import { quoteQuery } from '../api/queries'
import { Button } from '../parts/controls'
import { useJob } from '../parts/useJob'
import { Loading, PageTrouble, Trouble } from '../parts/Notice'
import { NothingSurveyed } from '../parts/NothingSurveyed'
import { money, say, Say, when } from '../parts/words'
import { Levels } from './Levels'
import { linkTo } from '../parts/drawn'
import { allOf, listed } from '../words/lists'
import { phrase } from './phrase'

/** What the visit costs: packages to take or leave, and what was quoted, agreed and done. */
export function QuoteView() {
  const job = useJob()
  const surveyed = job.document.surfaces.length > 0
  const [declined, setDeclined] = useState<string[]>([])
  const [level, setLevel] = useState<string>()
  const quote = useQuery({ ...quoteQuery(job.id, declined), enabled: surveyed })
  const client = useQueryClient()
  const settled = () => void client.invalidateQueries({ queryKey: ['job', job.id, 'quote'] })
  const give = useMutation({
    mutationFn: () =>
      need(
        api.POST('/api/v1/jobs/{id}/quote', { params: { path: { id: job.id } }, body: { declined, level } }),
      ),
    onSuccess: settled,
  })
  if (!surveyed) return <NothingSurveyed jobId={job.id} />
  if (quote.isPending) return <Loading what={phrase('fetching-the-quote')} />
  if (quote.isError) return <PageTrouble error={quote.error} again={() => void quote.refetch()} />
  const { now, given, hourlyRate } = quote.data
  const leftOut = job.document.arrangement?.leftOut ?? []
  const turn = (sold: string) => {
    setLevel(undefined)
    setDeclined(declined.includes(sold) ? declined.filter((s) => s !== sold) : [...declined, sold])
  }
  return (
    <div className="mx-auto grid w-full max-w-5xl content-start gap-4 p-3 md:grid-cols-[1.6fr_1fr] md:p-5">
      <div className="md:col-span-full">
        <Levels
          jobId={job.id}
          declined={declined}
          picked={level}
          frozen={job.state !== 'survey'}
          onPick={(picked) => {
            setDeclined(picked.leavesOut)
            setLevel(picked.name)
          }}
        />
      </div>
      <section aria-label={phrase('as-planned-now')} className="lying grid content-start gap-2 p-3">
        <h2 className="text-head">{phrase('as-planned-now')}</h2>
        {hourlyRate == null && (
          <p className="border-l-4 border-care pl-3">
            {phrase.drawn('what-an-hour-of-work', { a: linkTo('/shop') })}
          </p>
        )}
        {leftOut.length > 0 && (
          <p className="border-l-4 border-line pl-3">
            {phrase('not-planned-as-agreed-or', { leftOut: allOf(leftOut.map(say)) })}{' '}
            <Link to={`/jobs/${job.id}/timetable`} className="underline underline-offset-4">
              {phrase('times')}
            </Link>
          </p>
        )}
        <Lines quote={now} onTurn={turn} />
        <Button
          weight="main"
          className="justify-self-start"
          disabled={give.isPending || hourlyRate == null}
          onClick={() => give.mutate()}
        >
          {phrase('give-this-quote')}
        </Button>
        {give.error && <Trouble error={give.error} />}
      </section>
      <section aria-label={phrase('quotes-given')} className="grid content-start gap-3">
        <h2 className="text-do">{phrase('quotes-given')}</h2>
        {given.length === 0 && <p className="text-faint">{phrase('none-yet')}</p>}
        {given.map((g) => (
          <Given key={g.number} jobId={job.id} given={g} onSettled={settled} />
        ))}
      </section>
    </div>
  )
}

function Lines({ quote, onTurn }: { quote: Schemas['QuoteView']; onTurn: (sold: string) => void }) {
  const sum = (label: string, minor: number, strong = false) => (
    <tr className={`border-t border-line ${strong ? 'text-do font-semibold' : ''}`}>
      <th scope="row" colSpan={2} className="py-1 text-left font-[inherit]">
        {label}
      </th>
      <td className="text-right">{money(minor, quote.currency)}</td>
    </tr>
  )
  const sold = quote.lines.filter((l) => l.sold !== 'referred')
  const referred = quote.lines.filter((l) => l.sold === 'referred')
  return (
    <>
      <table className="w-full">
        <thead className="text-left text-note text-faint">
          <tr>
            <th scope="col">{phrase('package')}</th>
            <th scope="col" className="px-2 text-right">
              {phrase('work')}
            </th>
            <th scope="col" className="text-right">
              {phrase('sum')}
            </th>
          </tr>
        </thead>
        <tbody>
          {sold.map((line) => (
            <tr key={line.sold} className={`border-t border-line ${line.taken ? '' : 'text-faint'}`}>
              <th scope="row" className="py-1 text-left font-normal">
                {line.optional ? (
                  <label className="flex min-h-11 items-center gap-3">
                    <input
                      type="checkbox"
                      className="size-6 shrink-0 accent-needle"
                      checked={line.taken}
                      onChange={() => onTurn(line.sold)}
                    />
                    {line.says}
                  </label>
                ) : (
                  <span className="flex min-h-11 items-center pl-9">{line.says}</span>
                )}
                {!line.priced && (
                  <span className="block pl-9 text-note text-care">{phrase('a-bottle-has-no-price')}</span>
                )}
              </th>
              <td className="px-2 text-right whitespace-nowrap">
                {phrase('min', { minutes: line.minutes })}
              </td>
              <td className="text-right whitespace-nowrap">
                {line.taken ? money(line.minor, quote.currency) : phrase('left-out')}
              </td>
            </tr>
          ))}
          {sum(phrase('net'), quote.netMinor)}
          {sum(phrase('tax', { taxPercent: quote.taxPercent }), quote.taxMinor)}
          {sum(phrase('to-pay'), quote.grossMinor, true)}
        </tbody>
      </table>
      {referred.length > 0 && (
        <div>
          <h3 className="font-semibold">{phrase('not-cleaning-for-a-repairer')}</h3>
          <ul className="list-disc pl-5">
            {referred.map((l) => (
              <li key={l.says}>{l.says}</li>
            ))}
          </ul>
        </div>
      )}
    </>
  )
}

const next: Partial<Record<Schemas['GivenView']['state'], { step: string; label: string }>> = {
  quoted: { step: 'agreed', label: phrase('the-customer-agrees') },
  agreed: { step: 'done', label: phrase('done-and-paid') },
}

function Given({
  jobId,
  given,
  onSettled,
}: {
  jobId: string
  given: Schemas['GivenView']
  onSettled: () => void
}) {
  const move = useMutation({
    mutationFn: (step: string) =>
      need(
        api.POST('/api/v1/jobs/{id}/quote/{number}/{step}', {
          params: { path: { id: jobId, number: given.number, step } },
        }),
      ),
    onSuccess: onSettled,
  })
  const { currency, grossMinor, lines } = given.quote
  const then = next[given.state]
  return (
    <article className={`lying p-3 ${given.state === 'replaced' ? 'text-faint' : ''}`}>
      <h3 className="text-do">
        {phrase('quote', { number: given.number, grossMinor: money(grossMinor, currency) })}
      </h3>
      <p>
        {listed(
          given.quote.level,
          phrase('state-at', {
            state: Say(given.state),
            doneAt: when(given.doneAt ?? given.agreedAt ?? given.quotedAt),
          }),
          phrase('packages', { lines: lines.filter((l) => l.taken).length }),
        )}
      </p>
      {given.differs !== 0 && given.state !== 'replaced' && (
        <p className="text-care">
          {given.differs > 0
            ? phrase('as-planned-today-it-would', { differs: money(given.differs, currency) })
            : phrase('less', { differs: money(-given.differs, currency) })}
        </p>
      )}
      <div className="mt-1 flex flex-wrap gap-2">
        <a
          href={`/api/v1/jobs/${jobId}/quote/${given.number}.pdf`}
          className="inline-flex min-h-11 items-center gap-2 underline underline-offset-4"
        >
          <FileText size={18} aria-hidden="true" /> {phrase('pdf')}
        </a>
        {then && (
          <Button disabled={move.isPending} onClick={() => move.mutate(then.step)}>
            {then.label}
          </Button>
        )}
      </div>
      {move.error && <Trouble error={move.error} />}
    </article>
  )
}
