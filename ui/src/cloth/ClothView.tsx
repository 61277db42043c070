import { useMutation, useQuery } from '@tanstack/react-query'
import { ImagePlus, Pipette } from 'lucide-react'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { api, need, type Schemas } from '../api/client'
import { matchQuery } from '../api/queries'
import { useJobSettled } from '../api/useJobSettled'
import { Button, ButtonLink, TextField } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { Answer } from './Answer'
import { PickPatches, type Patches } from './PickPatches'
import { phrase } from './phrase'

type Read = Schemas['ClothReadingView']

/** Reads a cloth, face by face: from the colour reader, from a photo, or from colours typed in. */
export function ClothView() {
  const [search] = useSearchParams()
  const jobId = search.get('job') ?? undefined
  const surfaceId = search.get('surface') ?? undefined
  const taskId = search.get('task') ?? undefined
  const match = useQuery({
    ...matchQuery(jobId ?? '', surfaceId ?? ''),
    enabled: jobId !== undefined && surfaceId !== undefined,
  })
  const [trim, setTrim] = useState('')
  const [faces, setFaces] = useState<string[]>([])
  const [typed, setTyped] = useState('')
  const [photo, setPhoto] = useState<File>()
  const [noted, setNoted] = useState(false)
  const colours = useMutation({
    mutationFn: (of: { faces: string[]; trim: string }) =>
      need(
        api.POST('/api/v1/cloth-reading', { body: { faces: of.faces, trim: of.trim.trim() || undefined } }),
      ),
  })
  const fromPhoto = useMutation({
    mutationFn: (patches: Patches) => readPhoto(photo!, patches),
  })
  const reader = useMutation({
    mutationFn: () =>
      need(
        api.POST('/api/v1/jobs/{id}/readings', {
          params: { path: { id: jobId! } },
          body: { instrument: 'cloth-colour', surfaceId },
        }),
      ),
    onSuccess: (reading) => reading.colour && take(reading.colour),
  })
  const take = (colour: string) => {
    const next = [...faces, colour]
    setFaces(next)
    fromPhoto.reset()
    colours.mutate({ faces: next, trim })
  }
  const choose = (file: File | undefined) => {
    setPhoto(file)
    fromPhoto.reset()
  }
  const again = () => {
    setFaces([])
    setNoted(false)
    colours.reset()
    fromPhoto.reset()
  }
  const read: Read | undefined = fromPhoto.data ?? colours.data
  return (
    <div className="mx-auto grid w-full max-w-6xl content-start gap-3 p-3 md:grid-cols-2 md:p-5">
      <header className="md:col-span-2">
        <h1 className="text-head">{phrase('read-a-cloth')}</h1>
        <p className="text-faint">
          {match.data ? (
            <>
              {phrase('from')}{' '}
              <Link to={`/jobs/${jobId}/match/${surfaceId}`} className="underline underline-offset-4">
                {match.data.label}
              </Link>
            </>
          ) : (
            phrase('is-it-soil-or-is')
          )}
        </p>
      </header>
      <div className="grid content-start gap-3">
        <section aria-label={phrase('colour-reader')} className="lying grid gap-3 p-3">
          <h2 className="text-do">{phrase('face-by-face')}</h2>
          <TrimColour value={trim} onChange={setTrim} />
          {jobId && surfaceId && (
            <Button weight="main" disabled={reader.isPending} onClick={() => reader.mutate()}>
              <Pipette size={18} aria-hidden="true" /> {phrase('read-the-next-face')}
            </Button>
          )}
          {reader.error && <Trouble error={reader.error} />}
          <form
            className="flex items-end gap-2"
            onSubmit={(e) => {
              e.preventDefault()
              take(typed.trim())
              setTyped('')
            }}
          >
            <div className="flex-1">
              <TextField
                label={phrase('a-faces-colour-rrggbb')}
                value={typed}
                onChange={setTyped}
                placeholder="#b0aca4"
                maxLength={7}
              />
            </div>
            <Button type="submit" disabled={!/^#[0-9a-f]{6}$/i.test(typed.trim())}>
              {phrase('add')}
            </Button>
          </form>
          {(faces.length > 0 || read) && (
            <Button weight="quiet" className="-ml-4 justify-self-start" onClick={again}>
              {phrase('begin-again-with-a-clean')}
            </Button>
          )}
        </section>
        <section
          aria-label={phrase('photo')}
          className="lying grid gap-3 p-3"
          onDragOver={(e) => e.preventDefault()}
          onDrop={(e) => {
            e.preventDefault()
            const dropped = e.dataTransfer.files[0]
            if (dropped) choose(dropped)
          }}
        >
          <h2 className="text-do">{phrase('or-from-a-photo')}</h2>
          <label className="inline-flex min-h-12 w-fit cursor-pointer items-center gap-2 rounded-piece border border-ink/60 px-4 font-semibold focus-within:outline-3 focus-within:outline-focus">
            <ImagePlus size={18} aria-hidden="true" />{' '}
            {photo ? phrase('another-photo') : phrase('take-choose-or-drop-a')}
            <input
              type="file"
              accept="image/jpeg,image/png,image/webp"
              className="sr-only"
              onChange={(e) => choose(e.target.files?.[0])}
            />
          </label>
          {photo && (
            <PickPatches
              key={photo.name + photo.size + photo.lastModified}
              photo={photo}
              busy={fromPhoto.isPending}
              onRead={(patches) => {
                setFaces([])
                colours.reset()
                fromPhoto.mutate(patches)
              }}
            />
          )}
          {fromPhoto.error && <Trouble error={fromPhoto.error} />}
        </section>
      </div>
      <div className="grid content-start gap-3" aria-live="polite">
        {colours.error && <Trouble error={colours.error} />}
        {read ? (
          <>
            <Answer read={read} />
            {jobId && taskId && (
              <ButtonLink
                weight="main"
                className="min-h-14 justify-self-start"
                to={`/jobs/${jobId}/bench?task=${taskId}&seen=${seenOf(read)}`}
              >
                {phrase('take-it-to-the-bench')}
              </ButtonLink>
            )}
            {jobId && surfaceId && !taskId && match.data?.chosen && !noted && (
              <Note
                jobId={jobId}
                surfaceId={surfaceId}
                needles={match.data.chosen.needles}
                read={read}
                onNoted={() => setNoted(true)}
              />
            )}
            {noted && (
              <p className="border-l-4 border-l-tune pl-3">
                {phrase('noted-and-planned-anew')}{' '}
                <Link to={`/jobs/${jobId}/match/${surfaceId}`} className="underline underline-offset-4">
                  {phrase('to-the-ladder')}
                </Link>
              </p>
            )}
          </>
        ) : (
          <p className="lying p-3 text-faint">{phrase('what-the-cloth-says-stands')}</p>
        )}
      </div>
    </div>
  )
}

/** What a reading is at the bench. */
const seenOf = (read: Read) =>
  ({ pigment: 'colour', nothing: 'clean', soil: 'soil', 'cannot-tell': 'cannot-tell' })[read.taken] ??
  'cannot-tell'

function TrimColour(props: { value: string; onChange: (value: string) => void }) {
  return (
    <div className="flex items-end gap-2">
      <div className="flex-1">
        <TextField
          label={phrase('the-trims-own-colour-rrggbb')}
          note={phrase('without-it-pigment-cannot-be')}
          value={props.value}
          onChange={props.onChange}
          placeholder="#8b2020"
          maxLength={7}
        />
      </div>
      <input
        type="color"
        aria-label={phrase('pick-the-trims-own-colour')}
        value={/^#[0-9a-f]{6}$/i.test(props.value) ? props.value : '#808080'}
        onChange={(e) => props.onChange(e.target.value)}
        className="mb-6 h-11 w-12 cursor-pointer rounded-piece border border-ink/60 bg-paper p-1"
      />
    </div>
  )
}

/** Writes down on the panel what the cloth said of its first rung. */
function Note(props: {
  jobId: string
  surfaceId: string
  needles: Schemas['Needles']
  read: Read
  onNoted: () => void
}) {
  const settled = useJobSettled()
  const result =
    props.read.taken === 'pigment' ? 'colour' : props.read.taken === 'nothing' ? 'clean' : 'soil-stays'
  const note = useMutation({
    mutationFn: () =>
      need(
        api.POST('/api/v1/jobs/{id}/surfaces/{surfaceId}/tried', {
          params: { path: { id: props.jobId, surfaceId: props.surfaceId } },
          body: { needles: props.needles, result },
        }),
      ),
    onSuccess: (fresh) => {
      settled(fresh)
      props.onNoted()
    },
  })
  if (props.read.taken === 'cannot-tell') return null
  const words = {
    colour: phrase('note-it-stop-and-refer'),
    clean: phrase('note-it-it-came-clean'),
    'soil-stays': phrase('note-it-soil-stays'),
  }
  return (
    <div className="grid justify-items-start gap-2">
      <Button onClick={() => note.mutate()} disabled={note.isPending}>
        {words[result]}
      </Button>
      {note.error && <Trouble error={note.error} />}
    </div>
  )
}

async function readPhoto(photo: File, patches: Patches): Promise<Read> {
  const body = new FormData()
  body.append('file', photo)
  body.append('patches', new Blob([JSON.stringify(patches)], { type: 'application/json' }))
  return need(
    api.POST('/api/v1/cloth-reading/photo', {
      body: body as never,
      bodySerializer: (b: unknown) => b as FormData,
    }),
  )
}
