import { useQueryClient } from '@tanstack/react-query'
import { createStore, del, entries, set } from 'idb-keyval'
import { useEffect, useMemo, useSyncExternalStore } from 'react'
import { api, canWait, need, type Schemas } from '../api/client'
import { photosQuery } from '../api/queries'
import { localOf, nowMs } from '../api/clock'

export type WaitingPhoto = {
  id: string
  jobId: string
  surfaceId?: string
  moment: Schemas['PhotoView']['moment']
  /** By this device's clock. */
  takenAt: string
  file: File
  /** Why it was not taken, where it was refused. */
  refused?: string
}

const TRY_AGAIN_MS = 5000
const store = createStore('attune-photos', 'waiting')

export const taken = (photo: Omit<WaitingPhoto, 'id' | 'takenAt' | 'refused'>): WaitingPhoto => ({
  ...photo,
  id: crypto.randomUUID(),
  takenAt: localOf(nowMs()),
})

export const send = ({ id, jobId, surfaceId, moment, takenAt, file }: WaitingPhoto) => {
  const form = new FormData()
  form.set('file', file)
  return need(
    api.POST('/api/v1/jobs/{id}/photos', {
      params: { path: { id: jobId }, query: { moment, surfaceId, photoId: id, takenAt } },
      body: form as unknown as { file: string },
      bodySerializer: (body) => body as unknown as FormData,
    }),
  )
}

let known: WaitingPhoto[] = []
let sending = false
const listeners = new Set<() => void>()
const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

async function look() {
  known = (await entries<string, WaitingPhoto>(store).catch(() => [])).map(([, photo]) => photo)
  listeners.forEach((listener) => listener())
}

export async function keep(photo: WaitingPhoto) {
  await set(photo.id, photo, store)
  await look()
}

export async function forget(photo: WaitingPhoto) {
  await del(photo.id, store)
  await look()
}

async function sendAll(onSent: (photo: WaitingPhoto) => void) {
  if (sending) return
  sending = true
  try {
    for (const photo of known.filter((p) => !p.refused)) {
      try {
        await send(photo)
        await forget(photo)
        onSent(photo)
      } catch (error) {
        if (canWait(error)) return
        await keep({ ...photo, refused: (error as Error).message })
      }
    }
  } finally {
    sending = false
  }
}

/** Photos of a job that are kept on this device. */
export function useWaitingPhotos(jobId: string): WaitingPhoto[] {
  const all = useSyncExternalStore(subscribe, () => known)
  return useMemo(() => all.filter((photo) => photo.jobId === jobId), [all, jobId])
}

/** Sends what is kept, each once, as soon as it is taken; wherever one is in the application. */
export function usePhotoSender() {
  const client = useQueryClient()
  const all = useSyncExternalStore(subscribe, () => known)
  const due = all.some((photo) => !photo.refused)
  useEffect(() => void look(), [])
  useEffect(() => {
    if (!due) return
    const go = () =>
      void sendAll((photo) => void client.invalidateQueries({ queryKey: photosQuery(photo.jobId).queryKey }))
    const timer = setInterval(go, TRY_AGAIN_MS)
    window.addEventListener('online', go)
    return () => {
      clearInterval(timer)
      window.removeEventListener('online', go)
    }
  }, [client, due])
}
