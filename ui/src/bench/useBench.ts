import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { api, need, type Schemas } from '../api/client'
import { benchQuery, jobQuery } from '../api/queries'

export type BenchTask = Schemas['BenchTask']
type Bench = Schemas['BenchView']
type Move = { taskId: string; to: 'start' | 'done' | 'undo' }

const LISTEN_AFTER_MS = 1000

/** Asks for the run again whenever somebody else ticked something. */
function useOthers(id: string) {
  const client = useQueryClient()
  useEffect(() => {
    let events: EventSource | undefined
    const wait = setTimeout(() => {
      events = new EventSource(`/api/v1/jobs/${id}/bench/events`)
      const again = () => void client.invalidateQueries({ queryKey: benchQuery(id).queryKey })
      events.onopen = again // what was ticked while nobody listened
      events.onmessage = again
    }, LISTEN_AFTER_MS)
    return () => {
      clearTimeout(wait)
      events?.close()
    }
  }, [client, id])
}

/** The run, and what can be told it. A tick shows at once and is taken back if the server refuses it. */
export function useBench(id: string) {
  const client = useQueryClient()
  const key = benchQuery(id).queryKey
  const run = useQuery({ ...benchQuery(id), refetchInterval: 15_000, retry: false })
  useOthers(id)
  const settle = (fresh: Bench) => {
    client.setQueryData(key, fresh)
    void client.invalidateQueries({ queryKey: ['day'] })
  }
  const begin = useMutation({
    mutationFn: () => need(api.POST('/api/v1/jobs/{id}/bench', { params: { path: { id } } })),
    onSuccess: (fresh) => {
      settle(fresh)
      void client.invalidateQueries({ queryKey: jobQuery(id).queryKey, exact: true })
    },
  })
  const tell = useMutation({
    scope: { id: `bench-${id}` },
    mutationFn: ({ taskId, to }: Move) => {
      const params = { params: { path: { id, taskId } } }
      switch (to) {
        case 'start':
          return need(api.POST('/api/v1/jobs/{id}/bench/tasks/{taskId}/start', params))
        case 'done':
          return need(api.POST('/api/v1/jobs/{id}/bench/tasks/{taskId}/done', params))
        case 'undo':
          return need(api.POST('/api/v1/jobs/{id}/bench/tasks/{taskId}/undo', params))
      }
    },
    onMutate: async (move) => {
      await client.cancelQueries({ queryKey: key })
      const before = client.getQueryData<Bench>(key)
      if (before) client.setQueryData(key, told(before, move))
      return { before }
    },
    onError: (_error, _move, context) => context?.before && client.setQueryData(key, context.before),
    onSuccess: settle,
  })
  return { run, begin, tell }
}

const next = { start: 'RUNNING', done: 'DONE', undo: 'WAITING' } as const

function told(bench: Bench, { taskId, to }: Move): Bench {
  const tasks = bench.tasks.map((t) =>
    t.id === taskId
      ? {
          ...t,
          state: next[to],
          startedAt: to === 'start' ? bench.serverNow : to === 'undo' ? undefined : t.startedAt,
        }
      : t,
  )
  return { ...bench, tasks, tasksDone: tasks.filter((t) => t.needsHands && t.state === 'DONE').length }
}

/** The server's time, ticking: its last word plus what has passed since it came in, at `heardAt` here. */
export function useServerTime(serverNow: string | undefined, heardAt: number): number {
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 500)
    return () => clearInterval(timer)
  }, [])
  return serverNow ? new Date(serverNow).getTime() + Math.max(0, now - heardAt) : now
}
