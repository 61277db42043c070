import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Dialog } from 'radix-ui'
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { api, need, type Schemas } from '../api/client'
import { photosQuery } from '../api/queries'
import { Button, Field, inputForm, OneOf } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { when } from '../parts/words'
import { moments, pictureOf } from './moments'
import { phrase } from './phrase'

type Photo = Schemas['PhotoView']
type Line = [number, number, number, number]

const MIDDLE: Line = [0.5, 0, 0.5, 1]
const STEP = 0.02
const inside = (n: number) => Math.min(1, Math.max(0, Math.round(n * 1000) / 1000))

/** One photo, large: its moment, its words, and the line between the two halves. */
export function PhotoSheet(props: { job: Schemas['JobDetail']; photo: Photo; onClose: () => void }) {
  const { job, photo, onClose } = props
  const client = useQueryClient()
  const [caption, setCaption] = useState(photo.caption ?? '')
  const [sure, setSure] = useState(false)
  const path = { params: { path: { id: job.id, photoId: photo.id } } }
  const fresh = () => client.invalidateQueries({ queryKey: photosQuery(job.id).queryKey })
  const save = useMutation({
    mutationFn: (part: Partial<Schemas['PhotoForm']>) =>
      need(
        api.PUT('/api/v1/jobs/{id}/photos/{photoId}', {
          ...path,
          body: {
            moment: photo.moment,
            surfaceId: photo.surfaceId,
            caption: photo.caption,
            line: photo.line,
            ...part,
          },
        }),
      ),
    onSuccess: fresh,
  })
  const remove = useMutation({
    mutationFn: async () => {
      await api.DELETE('/api/v1/jobs/{id}/photos/{photoId}', path)
    },
    onSuccess: () => {
      onClose()
      void fresh()
    },
  })
  const half = photo.moment === 'half-and-half'
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/50" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-0 z-50 grid content-start gap-3 overflow-auto bg-paper p-3 md:inset-auto md:top-1/2 md:left-1/2 md:max-h-[94dvh] md:w-[min(94vw,60rem)] md:-translate-x-1/2 md:-translate-y-1/2 md:grid-cols-[1.4fr_1fr] md:p-5"
        >
          <Picture
            src={pictureOf(job.id, photo.id, false)}
            photo={photo}
            onLine={half ? (line) => save.mutate({ line }) : undefined}
          />
          <div className="grid content-start gap-4">
            <div>
              <Dialog.Title className="text-head">
                {photo.surfaceId ? (job.labels[photo.surfaceId] ?? photo.surfaceId) : phrase('the-whole')}
              </Dialog.Title>
              <p className="text-note text-faint">{when(photo.at)}</p>
            </div>
            <OneOf
              label={phrase('moment')}
              value={photo.moment}
              options={moments}
              onChange={(moment) => save.mutate({ moment: moment as Photo['moment'] })}
            />
            {half && (
              <div className="grid gap-2">
                <p>
                  {photo.line ? phrase('the-line-lies-between-the') : phrase('draw-the-line-between-the')}
                </p>
                <div className="flex flex-wrap gap-2">
                  {!photo.line && (
                    <Button onClick={() => save.mutate({ line: MIDDLE })}>{phrase('down-the-middle')}</Button>
                  )}
                  {photo.line && (
                    <Button onClick={() => save.mutate({ line: undefined })}>
                      {phrase('take-the-line-off')}
                    </Button>
                  )}
                </div>
                {photo.line && <Halves key={photo.line.join()} jobId={job.id} photoId={photo.id} />}
              </div>
            )}
            <label>
              <Field label={phrase('in-words')}>
                <input
                  className={inputForm}
                  value={caption}
                  maxLength={200}
                  onChange={(e) => setCaption(e.target.value)}
                  onBlur={() => caption !== (photo.caption ?? '') && save.mutate({ caption })}
                />
              </Field>
            </label>
            {(save.error ?? remove.error) && <Trouble error={save.error ?? remove.error} />}
            <div className="flex flex-wrap gap-2">
              <Button weight="main" onClick={onClose}>
                {phrase('close')}
              </Button>
              {sure ? (
                <Button className="border-over text-over" onClick={() => remove.mutate()}>
                  {phrase('yes-delete-it-for-good')}
                </Button>
              ) : (
                <Button onClick={() => setSure(true)}>{phrase('delete')}</Button>
              )}
            </div>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

/** Reads the two sides of the line: which is cleaned is asked, what it gained is answered. */
function Halves({ jobId, photoId }: { jobId: string; photoId: string }) {
  const read = useMutation({
    mutationFn: (leftCleaned: boolean) =>
      need(
        api.GET('/api/v1/jobs/{id}/photos/{photoId}/halves', {
          params: { path: { id: jobId, photoId }, query: { leftCleaned } },
        }),
      ),
  })
  return (
    <div className="grid gap-2" aria-live="polite">
      <OneOf
        label={phrase('read-it-the-cleaned-half')}
        value={read.variables === undefined ? undefined : read.variables ? 'left' : 'right'}
        options={[
          { value: 'left', label: phrase('left') },
          { value: 'right', label: phrase('right') },
        ]}
        onChange={(side) => read.mutate(side === 'left')}
      />
      {read.data && (
        <div className="border-l-4 border-l-tune pl-3">
          <p className="font-semibold">{read.data.text}</p>
          <p className="flex flex-wrap items-center gap-x-3 text-note text-faint">
            {[read.data.cleaned, read.data.other].map((colour, i) => (
              <span key={i} className="inline-flex items-center gap-1.5">
                <span
                  className="size-5 border border-ink/40"
                  style={{ background: colour }}
                  aria-hidden="true"
                />
                {i === 0 ? phrase('cleaned') : phrase('other')} {colour}
              </span>
            ))}
            <span>
              {phrase('l-b-shine', {
                deltaL: read.data.deltaL,
                deltaB: read.data.deltaB,
                sheenRatio: read.data.sheenRatio,
              })}
            </span>
          </p>
        </div>
      )}
      {read.error && <Trouble error={read.error} />}
    </div>
  )
}

function Picture(props: { src: string; photo: Photo; onLine?: (line: Line) => void }) {
  const { src, photo, onLine } = props
  const box = useRef<HTMLDivElement>(null)
  const [drawn, setDrawn] = useState<Line>()
  const line = drawn ?? (photo.line as Line | undefined)
  const at = (e: PointerEvent): [number, number] => {
    const r = box.current?.getBoundingClientRect()
    return r ? [inside((e.clientX - r.left) / r.width), inside((e.clientY - r.top) / r.height)] : [0, 0]
  }
  const start = (e: PointerEvent) => {
    e.currentTarget.setPointerCapture(e.pointerId)
    setDrawn([...at(e), ...at(e)])
  }
  const move = (e: PointerEvent) => drawn && setDrawn([drawn[0], drawn[1], ...at(e)])
  const end = () => {
    if (drawn && Math.hypot(drawn[2] - drawn[0], drawn[3] - drawn[1]) > 0.05) onLine?.(drawn)
    setDrawn(undefined)
  }
  const nudge = (e: KeyboardEvent) => {
    const by = (
      { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] } as const
    )[e.key as 'ArrowLeft']
    if (!by || !line || !onLine) return
    e.preventDefault()
    onLine(line.map((n, i) => inside(n + by[i % 2]!)) as Line)
  }
  const draws = onLine && {
    onPointerDown: start,
    onPointerMove: move,
    onPointerUp: end,
    onPointerCancel: () => setDrawn(undefined),
    onKeyDown: nudge,
    tabIndex: 0,
    role: 'application',
    'aria-label': phrase('photo-draw-the-line-between'),
  }
  return (
    <div
      ref={box}
      className={`relative self-start bg-piece ${onLine ? 'cursor-crosshair touch-none' : ''}`}
      style={{ aspectRatio: `${photo.width} / ${photo.height}` }}
      {...draws}
    >
      <img src={src} alt={photo.caption ?? phrase('photo')} className="block size-full" draggable={false} />
      {onLine && line && (
        <svg
          viewBox="0 0 1 1"
          preserveAspectRatio="none"
          className="absolute inset-0 size-full"
          aria-hidden="true"
        >
          {['var(--ink)', 'var(--paper)'].map((colour, i) => (
            <line
              key={colour}
              x1={line[0]}
              y1={line[1]}
              x2={line[2]}
              y2={line[3]}
              stroke={colour}
              strokeWidth={i === 0 ? 6 : 2.5}
              strokeDasharray={i === 0 ? undefined : '9 6'}
              vectorEffect="non-scaling-stroke"
            />
          ))}
        </svg>
      )}
    </div>
  )
}
