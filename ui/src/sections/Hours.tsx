import { useMutation, useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { api, need, type Schemas } from '../api/client'
import { forecastQuery } from '../api/queries'
import { Button } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { dayOf, degrees, lasting, timeOf, placed, when } from '../parts/words'
import type { Air } from './useOutlook'
import { listed } from '../words/lists'
import { phrase } from './phrase'

type Hour = Schemas['HourView']

const MOST_WINDOW_S = 3600
const MOST_BYTES = 100_000

const fit = (h: Hour) =>
  h.best
    ? phrase('the-best-hour')
    : !h.light
      ? phrase('dark')
      : !h.dries
        ? phrase('nothing-dries')
        : !h.workable
          ? phrase('too-hot-for-wet-work')
          : h.shade
            ? phrase('move-it-to-the-shade')
            : phrase('fit-for-work')

/** The hours to come: which is best, when to move to the shade, when nothing dries. */
export function Hours({ job, onTake }: { job: Schemas['JobDetail']; onTake: (air: Partial<Air>) => void }) {
  const shipped = useQuery(forecastQuery(job.id, job.revision))
  const [at, setAt] = useState<string>()
  const file = useRef<HTMLInputElement>(null)
  const upload = useMutation({
    mutationFn: async (chosen: File) => {
      if (chosen.size > MOST_BYTES) throw new Error(phrase('too-large'))
      const text = await chosen.text()
      return need(
        api.POST('/api/v1/jobs/{id}/forecast', {
          params: { path: { id: job.id } },
          body: text as unknown as Record<string, never>,
          bodySerializer: (body) => body as unknown as string,
        }),
      )
    },
  })
  const hours = upload.data ?? shipped.data
  const picked = hours?.hours.find((h) => h.at === at)
  return (
    <section aria-label={phrase('hours-to-come')} className="lying grid gap-2 p-3">
      <h2 className="text-do">{phrase('hours-to-come')}</h2>
      {shipped.isPending && <Loading what={phrase('fetching-the-forecast')} />}
      {shipped.error && <Trouble error={shipped.error} />}
      {hours && (
        <>
          <p>
            {hours.says}{' '}
            <span className="text-note text-faint">
              {hours.simulated ? phrase('simulated', { place: hours.place ?? '' }) : hours.place}
            </span>
          </p>
          {hours.hours.length > 0 && (
            <>
              <ol
                className="flex items-end gap-px overflow-x-auto pb-1"
                aria-label={phrase('working-window-by-the-hour')}
              >
                {hours.hours.map((h) => (
                  <li key={h.at} className="shrink-0">
                    <button
                      type="button"
                      aria-pressed={h.at === at}
                      aria-label={placed(when(h.at), fit(h))}
                      onClick={() => setAt(h.at)}
                      className={`grid h-24 w-7 content-end border-b-2 ${h.at === at ? 'border-needle bg-piece' : 'border-transparent'}`}
                    >
                      <span
                        className={`block ${bar(h)}`}
                        style={{ height: `${8 + 48 * Math.min(1, (h.windowS ?? 0) / MOST_WINDOW_S)}px` }}
                      />
                      <span className="narrow text-note">{timeOf(h.at).slice(0, 2)}</span>
                    </button>
                  </li>
                ))}
              </ol>
              <p className="text-note text-faint">{phrase('height-is-the-shortest-working')}</p>
            </>
          )}
          {picked && <Picked hour={picked} onTake={onTake} />}
        </>
      )}
      <div className="flex flex-wrap items-center gap-3">
        <input
          ref={file}
          type="file"
          accept=".json,application/json"
          aria-label={phrase('forecast-file')}
          className="sr-only"
          onChange={(e) => {
            const chosen = e.target.files?.[0]
            if (chosen) upload.mutate(chosen)
            e.target.value = ''
          }}
        />
        <Button onClick={() => file.current?.click()}>{phrase('open-a-forecast-file')}</Button>
        <a
          href={`/api/v1/forecast?day=${job.document.setting.start.slice(0, 10)}`}
          download="attune-forecast.json"
          className="inline-flex min-h-11 items-center underline underline-offset-4"
        >
          {phrase('what-one-looks-like')}
        </a>
      </div>
      {upload.error && <Trouble error={upload.error} />}
    </section>
  )
}

function Picked({ hour, onTake }: { hour: Hour; onTake: (air: Partial<Air>) => void }) {
  const t = degrees()
  return (
    <div className="border-t border-line pt-2">
      <p>
        <strong className="font-semibold">
          {dayOf(hour.at)}, {timeOf(hour.at)}: {fit(hour)}.
        </strong>{' '}
        {phrase('humidity-surfaces-up-to', {
          shown: t.shown(hour.airTempC),
          unit: t.unit,
          relativeHumidity: Math.round(hour.relativeHumidity * 100),
          hottest: t.shown(Math.round(hour.hottestC)),
        })}{' '}
        {listed(
          phrase('sections-then', { sections: hour.sections }),
          hour.dries && phrase('dry-in', { driesInS: lasting(hour.driesInS) }),
        )}
        .
      </p>
      <Button
        className="mt-1"
        onClick={() =>
          onTake({
            airTempC: hour.airTempC,
            relativeHumidity: hour.relativeHumidity,
            airSpeedMs: hour.airSpeedMs,
            sun: hour.sun,
          })
        }
      >
        {phrase('see-the-sections-in-this')}
      </Button>
    </div>
  )
}

function bar(h: Hour): string {
  if (h.best) return 'bg-needle'
  if (!h.workable) return 'border border-dashed border-ink/60'
  return h.shade ? 'hatched border border-ink/60' : 'bg-ink/60'
}
