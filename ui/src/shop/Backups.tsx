import { skipToken, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, ApiError, need, type Fault, type Schemas, OWN_PAGE } from '../api/client'
import { backupsQuery } from '../api/queries'
import { Button } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { code } from '../parts/drawn'
import { phrase } from './phrase'

const imported = ['imported']

const size = (bytes: number) =>
  bytes < 1024 * 1024
    ? phrase('kb', { bytes: Math.ceil(bytes / 1024) })
    : phrase('mb', { bytes: (bytes / 1024 / 1024).toFixed(1) })

/** What is brought in, and whether a shelf and settings of this shop's own may go for it. */
type Bringing = { file: File; replace?: boolean }

async function bring({ file, replace }: Bringing): Promise<Schemas['Imported']> {
  const answer = await fetch(`/api/v1/import${replace ? '?replace=true' : ''}`, {
    method: 'POST',
    headers: { ...OWN_PAGE, 'Content-Type': 'application/zip' },
    body: file,
  })
  const body = (await answer.json().catch(() => ({}))) as Schemas['Imported'] & {
    detail?: string
    faults?: Fault[]
  }
  if (!answer.ok)
    throw new ApiError(answer.status, body.detail ?? phrase('something-went-wrong'), body.faults ?? [])
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
      <section aria-label={phrase('backups')} className="lying grid gap-2 p-3">
        <h2 className="text-do">{phrase('backups')}</h2>
        <p className="text-note text-faint">{phrase.drawn('one-a-day-by-itself', { code })}</p>
        <Button className="justify-self-start" onClick={() => make.mutate()} disabled={make.isPending}>
          {make.isPending ? phrase('writing') : phrase('back-up-now')}
        </Button>
        {make.error && <Trouble error={make.error} />}
        {backups.data && backups.data.length === 0 && <p>{phrase('none-yet')}</p>}
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
                      {b.proved
                        ? phrase('laid-back-on-trial-and', { proof: b.proof })
                        : phrase('cannot-be-restored', { proof: b.proof })}
                    </span>
                  )}
                </span>
                <span className="whitespace-nowrap text-faint">{size(b.bytes)}</span>
              </li>
            ))}
          </ul>
        )}
      </section>
      <section aria-label={phrase('all-data')} className="lying grid gap-2 p-3">
        <h2 className="text-do">{phrase('all-data-as-open-files')}</h2>
        <p className="text-note text-faint">{phrase('jobs-shelf-photos-people-and')}</p>
        <a
          href="/api/v1/export.zip"
          download
          className="inline-flex min-h-11 items-center justify-self-start underline underline-offset-4"
        >
          {phrase('write-all-data-out')}
        </a>
        <label className="inline-flex min-h-11 w-fit cursor-pointer items-center rounded-piece border border-ink/60 bg-paper px-4 font-semibold focus-within:outline-3 focus-within:outline-focus">
          {take.isPending ? phrase('bringing-it-in') : phrase('bring-all-data-in')}
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
              {phrase('bring-it-in-all-the')}
            </Button>
          )}
        {taken.data && (
          <p role="status">
            {phrase('in-jobs-customers-vehicles', {
              jobs: taken.data.jobs,
              customers: taken.data.customers,
              vehicles: taken.data.vehicles,
              photos: taken.data.photos,
            })}
          </p>
        )}
      </section>
    </>
  )
}
