import { skipToken, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, ApiError, need, type Fault, type Schemas } from '../api/client'
import { backupsQuery } from '../api/queries'
import { Button } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { plural } from '../parts/words'

const imported = ['imported']

const size = (bytes: number) =>
  bytes < 1024 * 1024 ? `${Math.ceil(bytes / 1024)} kB` : `${(bytes / 1024 / 1024).toFixed(1)} MB`

/** What is brought in, and whether a shelf and settings of this shop's own may go for it. */
type Bringing = { file: File; replace?: boolean }

async function bring({ file, replace }: Bringing): Promise<Schemas['Imported']> {
  const answer = await fetch(`/api/v1/import${replace ? '?replace=true' : ''}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/zip' },
    body: file,
  })
  const body = (await answer.json().catch(() => ({}))) as Schemas['Imported'] & {
    detail?: string
    faults?: Fault[]
  }
  if (!answer.ok) throw new ApiError(answer.status, body.detail ?? 'Something went wrong.', body.faults ?? [])
  return body
}

/** Copies of everything: backups beside the data, and all of it as open files. */
export function Backups() {
  const client = useQueryClient()
  const backups = useQuery(backupsQuery)
  const make = useMutation({
    mutationFn: () => need(api.POST('/api/v1/backups')),
    onSuccess: () => void client.invalidateQueries({ queryKey: backupsQuery.queryKey }),
  })
  const taken = useQuery<Schemas['Imported']>({ queryKey: imported, queryFn: skipToken })
  const take = useMutation({
    mutationFn: bring,
    onSuccess: (what) => {
      client.setQueryData(imported, what) // the page is drawn anew with the shop that came in
      void client.invalidateQueries()
    },
  })
  return (
    <>
      <section aria-label="Backups" className="lying grid gap-2 p-3">
        <h2 className="text-do">Backups</h2>
        <p className="text-note text-faint">
          One a day by itself, laid back on trial each time, fourteen kept, under “backups” in the data
          directory. Back to one: <code>./attune restore BACKUP.zip --data DIR</code>, into an empty
          directory.
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
                <span className="min-w-0">
                  <span className="break-all">{b.name}</span>
                  {b.proof && (
                    <span
                      className={`block text-note ${b.proved ? 'text-faint' : 'font-semibold text-over'}`}
                    >
                      {b.proved ? `Laid back on trial and ${b.proof}` : `Cannot be restored: ${b.proof}`}
                    </span>
                  )}
                </span>
                <span className="whitespace-nowrap text-faint">{size(b.bytes)}</span>
              </li>
            ))}
          </ul>
        )}
      </section>
      <section aria-label="All data" className="lying grid gap-2 p-3">
        <h2 className="text-do">All data as open files</h2>
        <p className="text-note text-faint">
          Jobs, shelf, photos, people and records in one zip that other programs can read, and that an empty
          Attune takes in.
        </p>
        <a
          href="/api/v1/export.zip"
          download
          className="inline-flex min-h-11 items-center justify-self-start underline underline-offset-4"
        >
          Write all data out
        </a>
        <label className="inline-flex min-h-11 w-fit cursor-pointer items-center rounded-piece border border-ink/60 bg-paper px-4 font-semibold focus-within:outline-3 focus-within:outline-focus">
          {take.isPending ? 'Bringing it in…' : 'Bring all data in'}
          <input
            type="file"
            accept=".zip,application/zip"
            className="sr-only"
            disabled={take.isPending}
            onChange={(e) => {
              const file = e.target.files?.[0]
              e.target.value = ''
              if (file) take.mutate({ file })
            }}
          />
        </label>
        {take.error && <Trouble error={take.error} />}
        {take.error instanceof ApiError &&
          take.error.faults.some((fault) => fault.pointer === '/replace') &&
          take.variables && (
            <Button
              className="justify-self-start"
              onClick={() => take.mutate({ ...take.variables, replace: true })}
            >
              Bring it in all the same, and let them go
            </Button>
          )}
        {taken.data && (
          <p role="status">
            In: {plural(taken.data.jobs, 'job')}, {plural(taken.data.customers, 'customer')},{' '}
            {plural(taken.data.vehicles, 'vehicle')}, {plural(taken.data.photos, 'photo')}.
          </p>
        )}
      </section>
    </>
  )
}
