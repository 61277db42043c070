import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { ApiError, api, need } from '../api/client'
import { deviceMs, localOf, msOf, nowMs } from '../api/clock'
import { benchQuery, handoverQuery, jobQuery, recordQuery } from '../api/queries'
import { laterWord, withEntry, type Bench, type Entry } from './run'
import {
  keepRefused,
  keepRun,
  keepWaiting,
  keptRun,
  refusedEntries,
  waitingEntries,
  type RefusedEntry,
} from './waiting'

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

const isCut = (error: unknown) => error instanceof ApiError && error.status === 0

export type Tell = Pick<Entry, 'taskId' | 'kind'> & Partial<Entry>

/** What can never be taken, however often it is sent: its content is at fault. */
const isFaulty = (error: ApiError) => error.status === 422 || error.status === 400

/**
 * The run, and what can be told it. What is told shows at once, is kept on the device until the
 * server has it, and goes out in its order, each entry once.
 */
export function useBench(id: string, by: string) {
  const client = useQueryClient()
  const key = benchQuery(id).queryKey
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
  const [waiting, setWaiting] = useState<Entry[]>(() => waitingEntries(id))
  const [refused, setRefused] = useState<RefusedEntry[]>(() => refusedEntries(id))
  const [held, setHeld] = useState<string>()
  const [remark, setRemark] = useState<string>()
  const [lastTold, setLastTold] = useState<string[]>([])
  const [cut, setCut] = useState(false)
  const queue = useRef(waiting)
  const sending = useRef(false)

  const hold = useCallback(
    (entries: Entry[]) => {
      queue.current = entries
      keepWaiting(id, entries)
      setWaiting(entries)
    },
    [id],
  )
  const putAside = useCallback(
    (entries: RefusedEntry[]) => {
      keepRefused(id, entries)
      setRefused(entries)
    },
    [id],
  )
  const heard = useCallback(
    (fresh: Bench) => {
      keepRun(id, { bench: fresh, heardAt: deviceMs() })
      client.setQueryData(key, fresh)
      void client.invalidateQueries({ queryKey: ['day'] })
      // opened while the last words were still on their way
      void client.invalidateQueries({ queryKey: handoverQuery(id).queryKey })
      void client.invalidateQueries({ queryKey: recordQuery(id).queryKey })
    },
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key follows the id
    [client, id],
  )

  const send = useCallback(
    (entries: Entry[]) =>
      need(api.POST('/api/v1/jobs/{id}/bench/entries', { params: { path: { id } }, body: { entries } })),
    [id],
  )

  const flush = useCallback(async () => {
    if (sending.current) return
    sending.current = true
    let together = true
    try {
      while (queue.current.length > 0) {
        const batch = together ? queue.current : queue.current.slice(0, 1)
        const sent = new Set(batch.map((e) => e.id))
        try {
          const told = await send(batch)
          hold(queue.current.filter((e) => !sent.has(e.id)))
          heard(told.run)
          const last = told.remarks.at(-1)
          if (last) setRemark(last.says)
          setCut(false)
          setHeld(undefined)
        } catch (error) {
          if (isCut(error) || !(error instanceof ApiError)) {
            setCut(true)
            return
          }
          if (!isFaulty(error)) {
            setHeld(error.message) // kept, and tried again
            return
          }
          if (batch.length > 1) {
            together = false // find the one at fault; the others go through
            continue
          }
          putAside([...refusedEntries(id), ...batch.map((entry) => ({ entry, why: error.message }))])
          hold(queue.current.filter((e) => !sent.has(e.id)))
        }
      }
    } finally {
      sending.current = false
    }
  }, [heard, hold, id, putAside, send])

  const again = useCallback(() => {
    void flush()
    void client.invalidateQueries({ queryKey: ['job', id, 'bench'] })
  }, [client, flush, id])
  useOthers(id, again)

  useEffect(() => {
    if (waiting.length === 0) return
    void flush()
    const timer = setInterval(() => void flush(), TRY_AGAIN_MS)
    const back = () => void flush()
    window.addEventListener('online', back)
    return () => {
      clearInterval(timer)
      window.removeEventListener('online', back)
    }
  }, [flush, waiting.length])

  useEffect(() => {
    if (run.data && run.isSuccess && !run.isFetching)
      keepRun(id, { bench: run.data, heardAt: run.dataUpdatedAt })
  }, [id, run.data, run.dataUpdatedAt, run.isFetching, run.isSuccess])

  const begin = useMutation({
    mutationFn: () => need(api.POST('/api/v1/jobs/{id}/bench', { params: { path: { id } } })),
    onSuccess: (fresh) => {
      heard(fresh)
      void client.invalidateQueries({ queryKey: jobQuery(id).queryKey, exact: true })
    },
  })

  const bench = useMemo(() => run.data && waiting.reduce(withEntry, run.data), [run.data, waiting])

  /** What one press says, of one step or of several at once; an undo takes all of it back. */
  const tell = (...whats: Tell[]) => {
    const kind = whats[0]?.kind
    if (!run.data || !kind) return
    const offset = msOf(run.data.serverNow) - run.dataUpdatedAt
    const at = localOf(deviceMs() + offset)
    setRemark(undefined)
    if (['started', 'done', 'seen', 'skipped'].includes(kind)) setLastTold(whats.map((w) => w.taskId))
    if (kind === 'undone') setLastTold([])
    hold([
      ...queue.current,
      ...whats.map((what): Entry => ({ id: crypto.randomUUID(), at, by: by || undefined, ...what })),
    ])
    void flush()
  }

  return {
    run,
    bench,
    begin,
    tell,
    lastTold,
    waiting,
    refused,
    held,
    forget: () => {
      putAside([])
      if (held) hold([])
      setHeld(undefined)
    },
    remark,
    cut: cut || isCut(run.error),
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
