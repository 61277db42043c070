import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from 'react'
import { api, need } from '../api/client'
import { deviceMs, localOf, msOf, nowMs } from '../api/clock'
import { benchQuery, handoverQuery, jobQuery, recordQuery } from '../api/queries'
import { isCut, Outbox } from './outbox'
import { laterWord, withEntry, type Bench, type Entry } from './run'
import { keepRun, keptRun } from './waiting'

const LISTEN_AFTER_MS = 1000
const TRY_AGAIN_MS = 4000

/** Asks for the run again whenever somebody else told it something. */
function useOthers(id: string, again: () => void) {
  useEffect(() => {
    let events: EventSource | undefined
    const wait = setTimeout(() => {
      events = new EventSource(`/api/v1/jobs/${id}/bench/events`)
      events.onopen = again // what was told while nobody listened
      events.onmessage = again
    }, LISTEN_AFTER_MS)
    return () => {
      clearTimeout(wait)
      events?.close()
    }
  }, [id, again])
}

export type Tell = Pick<Entry, 'taskId' | 'kind'> & Partial<Entry>

/** The run as the server or this device has it. */
function useRun(id: string) {
  const kept = useMemo(() => keptRun(id), [id])
  const run = useQuery({
    ...benchQuery(id),
    refetchInterval: 15_000,
    retry: false,
    networkMode: 'always',
    // an answer asked for before something was told may come in after it: the later word stands
    structuralSharing: (before, fresh) => laterWord(before as Bench | undefined, fresh as Bench),
    initialData: kept?.bench,
    initialDataUpdatedAt: kept?.heardAt,
  })
  useEffect(() => {
    if (run.data && run.isSuccess && !run.isFetching)
      keepRun(id, { bench: run.data, heardAt: run.dataUpdatedAt })
  }, [id, run.data, run.dataUpdatedAt, run.isFetching, run.isSuccess])
  return run
}

/** What to do with a run as it just came from the server. */
function useHeard(id: string) {
  const client = useQueryClient()
  return useCallback(
    (fresh: Bench) => {
      keepRun(id, { bench: fresh, heardAt: deviceMs() })
      client.setQueryData(benchQuery(id).queryKey, fresh)
      void client.invalidateQueries({ queryKey: ['day'] })
      // opened while the last words were still on their way
      void client.invalidateQueries({ queryKey: handoverQuery(id).queryKey })
      void client.invalidateQueries({ queryKey: recordQuery(id).queryKey })
    },
    [client, id],
  )
}

/** What waits to be told, sent again and again while something does. */
function useOutbox(id: string, heard: (fresh: Bench) => void) {
  const outbox = useMemo(
    () =>
      new Outbox(
        id,
        (entries) =>
          need(api.POST('/api/v1/jobs/{id}/bench/entries', { params: { path: { id } }, body: { entries } })),
        heard,
      ),
    [heard, id],
  )
  const stands = useSyncExternalStore(outbox.subscribe, outbox.stands)
  useEffect(() => {
    if (stands.waiting.length === 0) return
    void outbox.flush()
    const timer = setInterval(() => void outbox.flush(), TRY_AGAIN_MS)
    const back = () => void outbox.flush()
    window.addEventListener('online', back)
    return () => {
      clearInterval(timer)
      window.removeEventListener('online', back)
    }
  }, [outbox, stands.waiting.length])
  return { outbox, stands }
}

/** How much of a run this device has told and the server has not taken, refused or on its way. */
export function useNotIn(id: string) {
  const { waiting, refused } = useOutbox(id, useHeard(id)).stands
  return waiting.length + refused.length
}

/**
 * The run, and what can be told it. What is told shows at once, is kept on the device until the
 * server has it, and goes out in its order, each entry once.
 */
export function useBench(id: string, by: string) {
  const client = useQueryClient()
  const run = useRun(id)
  const heard = useHeard(id)
  const { outbox, stands } = useOutbox(id, heard)
  const [lastTold, setLastTold] = useState<string[]>([])

  useOthers(
    id,
    useCallback(() => {
      void outbox.flush()
      void client.invalidateQueries({ queryKey: benchQuery(id).queryKey })
    }, [client, id, outbox]),
  )

  const begin = useMutation({
    mutationFn: () => need(api.POST('/api/v1/jobs/{id}/bench', { params: { path: { id } } })),
    onSuccess: (fresh) => {
      heard(fresh)
      void client.invalidateQueries({ queryKey: jobQuery(id).queryKey, exact: true })
    },
  })

  const { waiting } = stands
  const bench = useMemo(() => run.data && waiting.reduce(withEntry, run.data), [run.data, waiting])

  /** What one press says, of one step or of several at once; an undo takes all of it back. */
  const tell = (...whats: Tell[]) => {
    const kind = whats[0]?.kind
    if (!run.data || !kind) return
    const at = localOf(deviceMs() + msOf(run.data.serverNow) - run.dataUpdatedAt)
    if (['started', 'done', 'seen', 'skipped'].includes(kind)) setLastTold(whats.map((w) => w.taskId))
    if (kind === 'undone') setLastTold([])
    outbox.put(whats.map((what): Entry => ({ id: crypto.randomUUID(), at, by: by || undefined, ...what })))
  }

  return {
    ...stands,
    run,
    bench,
    begin,
    tell,
    lastTold,
    forget: () => outbox.forget(),
    cut: stands.cut || isCut(run.error),
  }
}

/** The server's time, ticking: its last word plus what has passed since it came in, at `heardAt` here. */
export function useServerTime(serverNow: string | undefined, heardAt: number): number {
  const [now, setNow] = useState(deviceMs)
  useEffect(() => {
    const timer = setInterval(() => setNow(deviceMs()), 500)
    return () => clearInterval(timer)
  }, [])
  return serverNow ? msOf(serverNow) + Math.max(0, now - heardAt) : nowMs()
}
