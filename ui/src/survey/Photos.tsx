import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Camera } from 'lucide-react'
import { lazy, Suspense, useState } from 'react'
import { ApiError, canWait, type Schemas } from '../api/client'
import { photosQuery } from '../api/queries'
import { Button, Pick } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { timeOf } from '../parts/words'
import { moments, pictureOf } from './moments'
import { forget, keep, send, taken, useWaitingPhotos } from './waitingPhotos'
import { phrase } from './phrase'

const PhotoSheet = lazy(async () => ({ default: (await import('./PhotoSheet')).PhotoSheet }))

type Photo = Schemas['PhotoView']
type Moment = Photo['moment']
const MOST_MB = 30

/** Photos of a panel, or of the whole job; from the camera or from a file. */
export function Photos({
  job,
  surfaceId,
  first = 'found',
}: {
  job: Schemas['JobDetail']
  surfaceId?: string
  first?: Moment
}) {
  const client = useQueryClient()
  const photos = useQuery(photosQuery(job.id))
  const [moment, setMoment] = useState<Moment>(first)
  const [open, setOpen] = useState<string>()
  const waiting = useWaitingPhotos(job.id)
  const due = waiting.filter((p) => !p.refused).length
  const add = useMutation({
    networkMode: 'always',
    mutationFn: async (file: File) => {
      if (file.size > MOST_MB * 1024 * 1024)
        throw new ApiError(413, phrase('the-photo-is-too-large'), [
          {
            pointer: '/file',
            found: phrase('mb', { size: Math.ceil(file.size / 1024 / 1024) }),
            allowed: phrase('at-most-mb', { most: MOST_MB }),
          },
        ])
      const photo = taken({ jobId: job.id, surfaceId, moment, file })
      try {
        return await send(photo)
      } catch (error) {
        if (!canWait(error)) throw error
        await keep(photo)
        return undefined
      }
    },
    onSuccess: (photo) => {
      if (!photo) return
      void client.invalidateQueries({ queryKey: photosQuery(job.id).queryKey })
      if (photo.moment === 'half-and-half') setOpen(photo.id)
    },
  })
  const surface = job.document.surfaces.find((s) => s.id === surfaceId)
  const here = [surfaceId, ...(surface?.pieces?.map((piece) => piece.panel) ?? [])]
  const shown = (photos.data ?? []).filter((p) => !surfaceId || here.includes(p.surfaceId))
  const opened = shown.find((p) => p.id === open)
  return (
    <section
      aria-label={phrase('photos')}
      className={surfaceId ? 'grid gap-2 border-t border-line pt-3' : 'lying grid gap-2 p-3'}
    >
      <h3 className={surfaceId ? 'narrow text-note font-semibold text-faint' : 'text-do'}>
        {phrase('photos')}
      </h3>
      <div className="grid items-end gap-2 sm:grid-cols-[1fr_auto]">
        <Pick
          label={phrase('moment')}
          value={moment}
          options={moments}
          onChange={(value) => setMoment(value as Moment)}
        />
        <label className="relative inline-flex min-h-11 cursor-pointer items-center justify-center gap-2 rounded-piece border border-ink/60 bg-paper px-4 font-semibold focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-focus">
          <Camera size={18} aria-hidden="true" /> {phrase('photo')}
          <input
            type="file"
            accept="image/jpeg,image/png,image/webp"
            className="sr-only"
            disabled={add.isPending}
            onChange={(e) => {
              const file = e.target.files?.[0]
              e.target.value = ''
              if (file) add.mutate(file)
            }}
          />
        </label>
      </div>
      <div aria-live="polite">
        {add.isPending && <p className="text-faint">{phrase('turning-and-storing-it')}</p>}
      </div>
      {add.error && <Trouble error={add.error} />}
      {due > 0 && (
        <p role="status" className="border-l-4 border-l-care pl-3">
          {phrase('photos-kept-on-this-device', { due })}
        </p>
      )}
      {waiting
        .filter((p) => p.refused)
        .map((p) => (
          <div key={p.id} role="alert" className="border-l-4 border-l-over pl-3">
            {phrase('a-photo-of-was-not', { takenAt: timeOf(p.takenAt), why: p.refused ?? '' })}
            <Button weight="quiet" onClick={() => void keep({ ...p, refused: undefined })}>
              {phrase('send-it-again')}
            </Button>
            <Button weight="quiet" onClick={() => void forget(p)}>
              {phrase('let-it-go')}
            </Button>
          </div>
        ))}
      {shown.length > 0 && (
        <ul className="grid grid-cols-2 gap-2 sm:grid-cols-3">
          {shown.map((p) => (
            <li key={p.id}>
              <Button
                className="h-full w-full flex-col items-stretch gap-1 p-1 text-left"
                onClick={() => setOpen(p.id)}
                aria-label={phrase('photo-of-job', { moment: nameOf(p.moment), job: where(job, p) })}
              >
                <img
                  src={pictureOf(job.id, p.id, true)}
                  alt=""
                  width={p.width}
                  height={p.height}
                  loading="lazy"
                  className="aspect-[4/3] w-full bg-piece object-cover"
                />
                <span className="px-1 text-note">{nameOf(p.moment)}</span>
                {!surfaceId && (
                  <span className="truncate px-1 text-note font-normal text-faint">{where(job, p)}</span>
                )}
              </Button>
            </li>
          ))}
        </ul>
      )}
      {opened && (
        <Suspense fallback={null}>
          <PhotoSheet job={job} photo={opened} onClose={() => setOpen(undefined)} />
        </Suspense>
      )}
    </section>
  )
}

const nameOf = (moment: Moment) => moments.find((m) => m.value === moment)?.label as string
const where = (job: Schemas['JobDetail'], p: Photo) =>
  p.caption ?? (p.surfaceId ? (job.labels[p.surfaceId] ?? p.surfaceId) : phrase('the-whole'))
