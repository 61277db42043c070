import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Link2 } from 'lucide-react'
import { useState } from 'react'
import { api, need } from '../api/client'
import { linksQuery, networkQuery } from '../api/queries'
import { Button, OneOf } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { dayOf } from '../parts/words'

const spans = [
  { value: '14', label: 'Two weeks' },
  { value: '90', label: 'Three months' },
  { value: '365', label: 'A year' },
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
    <section aria-label="Private link" className="no-print lying grid gap-2 p-3">
      <h2 className="text-do">Private link</h2>
      <p className="text-note text-faint">
        Shows this page and nothing else to whoever has it. It is written out once; take it back at any time.
      </p>
      <OneOf label="Good for" value={days} options={spans} onChange={setDays} />
      <Button className="justify-self-start" disabled={make.isPending} onClick={() => make.mutate()}>
        <Link2 size={18} aria-hidden="true" /> Make a link
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
            {copied ? 'Copied' : 'Copy'}
          </Button>
        </p>
      )}
      {good.length > 0 && (
        <ul className="divide-y divide-line">
          {good.map((l) => (
            <li key={l.id} className="flex flex-wrap items-center justify-between gap-3 py-1">
              <span>
                Made {dayOf(l.createdAt)}, good until {dayOf(l.expiresAt)}
              </span>
              <Button disabled={revoke.isPending} onClick={() => revoke.mutate(l.id)}>
                Take it back
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
