import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Link2 } from 'lucide-react'
import { useState } from 'react'
import { api, need } from '../api/client'
import { linksQuery, networkQuery } from '../api/queries'
import { Button, OneOf } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { dayOf } from '../parts/words'
import { phrase } from './phrase'

const spans = [
  { value: '14', label: phrase('two-weeks') },
  { value: '90', label: phrase('three-months') },
  { value: '365', label: phrase('a-year') },
]

/** Private links to this report: made, copied, taken back. */
export function Links({ jobId }: { jobId: string }) {
  const client = useQueryClient()
  const [days, setDays] = useState('90')
  const [copied, setCopied] = useState(false)
  const links = useQuery(linksQuery(jobId))
  const again = () => void client.invalidateQueries({ queryKey: linksQuery(jobId).queryKey })
  const make = useMutation({
    mutationFn: () => {
      setCopied(false)
      return need(
        api.POST('/api/v1/jobs/{id}/handover/links', {
          params: { path: { id: jobId } },
          body: { days: Number(days) },
        }),
      )
    },
    onSuccess: again,
  })
  const revoke = useMutation({
    mutationFn: (linkId: string) =>
      need(
        api.DELETE('/api/v1/jobs/{id}/handover/links/{linkId}', { params: { path: { id: jobId, linkId } } }),
      ),
    onSuccess: again,
  })
  const network = useQuery(networkQuery)
  const address = make.data?.path && `${network.data?.address ?? window.location.origin}${make.data.path}`
  const good = links.data?.filter((l) => l.good) ?? []
  return (
    <section aria-label={phrase('private-link')} className="no-print lying grid gap-2 p-3">
      <h2 className="text-do">{phrase('private-link')}</h2>
      <p className="text-note text-faint">{phrase('shows-this-page-and-nothing')}</p>
      <OneOf label={phrase('good-for')} value={days} options={spans} onChange={setDays} />
      <Button className="justify-self-start" disabled={make.isPending} onClick={() => make.mutate()}>
        <Link2 size={18} aria-hidden="true" /> {phrase('make-a-link')}
      </Button>
      {make.error && <Trouble error={make.error} />}
      {address && (
        <p className="flex flex-wrap items-center gap-3" aria-live="polite">
          <a href={address} className="break-all underline underline-offset-4">
            {address}
          </a>
          <Button
            onClick={() => {
              void navigator.clipboard.writeText(address).then(() => setCopied(true))
            }}
          >
            {copied ? phrase('copied') : phrase('copy')}
          </Button>
        </p>
      )}
      {good.length > 0 && (
        <ul className="divide-y divide-line">
          {good.map((l) => (
            <li key={l.id} className="flex flex-wrap items-center justify-between gap-3 py-1">
              <span>
                {phrase('made-good-until', { createdAt: dayOf(l.createdAt), expiresAt: dayOf(l.expiresAt) })}
              </span>
              <Button disabled={revoke.isPending} onClick={() => revoke.mutate(l.id)}>
                {phrase('take-it-back')}
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
