import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, need } from '../api/client'
import { backupsQuery } from '../api/queries'
import { Button } from '../parts/controls'
import { Trouble } from '../parts/Notice'

const size = (bytes: number) =>
  bytes < 1024 * 1024 ? `${Math.ceil(bytes / 1024)} kB` : `${(bytes / 1024 / 1024).toFixed(1)} MB`

/** Copies of everything, beside the data. */
export function Backups() {
  const client = useQueryClient()
  const backups = useQuery(backupsQuery)
  const make = useMutation({
    mutationFn: () => need(api.POST('/api/v1/backups')),
    onSuccess: () => void client.invalidateQueries({ queryKey: backupsQuery.queryKey }),
  })
  return (
    <section aria-label="Backups" className="lying grid gap-2 p-3">
      <h2 className="text-do">Backups</h2>
      <p className="text-note text-faint">
        Jobs, people, shelf, photos and safety sheets in one file under “backups” in the data directory. To go
        back to one, unpack it into an empty data directory and start Attune on it.
      </p>
      <Button className="justify-self-start" onClick={() => make.mutate()} disabled={make.isPending}>
        {make.isPending ? 'Writing…' : 'Back up now'}
      </Button>
      {make.error && <Trouble error={make.error} />}
      {backups.data && backups.data.length === 0 && <p>None yet.</p>}
      {backups.data && backups.data.length > 0 && (
        <ul className="divide-y divide-line" aria-live="polite">
          {backups.data.map((b) => (
            <li key={b.name} className="flex justify-between gap-3 py-1">
              <span className="break-all">{b.name}</span>
              <span className="whitespace-nowrap text-faint">{size(b.bytes)}</span>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
