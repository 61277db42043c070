import { useMutation, useQueryClient } from '@tanstack/react-query'
import { api, need, type Schemas } from '../api/client'
import { jobQuery } from '../api/queries'
import { useJobSettled } from '../api/useJobSettled'
import { laid } from './laid'

type Job = Schemas['JobDetail']
export type Finding = Schemas['Finding']

/** Saves findings at once; shows them before the server has answered and takes them back if it refuses. */
export function useFindings(job: Job, panels: Schemas['Panel'][]) {
  const client = useQueryClient()
  const key = jobQuery(job.id).queryKey
  const params = { params: { path: { id: job.id } } }

  const settle = useJobSettled()

  const find = useMutation({
    scope: { id: `survey-${job.id}` },
    mutationFn: (body: Schemas['FindingRequest']) =>
      need(api.POST('/api/v1/jobs/{id}/findings', { ...params, body })),
    onMutate: async (request) => {
      await client.cancelQueries({ queryKey: key, exact: true })
      const before = client.getQueryData<Job>(key)
      if (before) client.setQueryData(key, { ...before, document: laid(before.document, panels, request) })
      return { before }
    },
    onError: (_error, _request, context) => context?.before && client.setQueryData(key, context.before),
    onSuccess: settle,
  })
  const undo = useMutation({
    scope: { id: `survey-${job.id}` },
    mutationFn: () => need(api.POST('/api/v1/jobs/{id}/undo', params)),
    onSuccess: settle,
  })
  const redo = useMutation({
    scope: { id: `survey-${job.id}` },
    mutationFn: () => need(api.POST('/api/v1/jobs/{id}/redo', params)),
    onSuccess: settle,
  })
  const change = useMutation({
    scope: { id: `survey-${job.id}` },
    mutationFn: (body: Schemas['JobChange']) => need(api.PATCH('/api/v1/jobs/{id}', { ...params, body })),
    onSuccess: settle,
  })
  const copy = useMutation({
    scope: { id: `survey-${job.id}` },
    mutationFn: (pairs: Schemas['Pair'][]) =>
      need(api.POST('/api/v1/jobs/{id}/copies', { ...params, body: { pairs } })),
    onSuccess: settle,
  })
  const add = useMutation({
    scope: { id: `survey-${job.id}` },
    mutationFn: (body: Schemas['NewPanel']) =>
      need(api.POST('/api/v1/jobs/{id}/panels', { ...params, body })),
    onSuccess: settle,
  })
  const split = useMutation({
    scope: { id: `survey-${job.id}` },
    mutationFn: ({ surfaceId, along }: { surfaceId: string; along: 'across' | 'down' }) =>
      need(
        api.POST('/api/v1/jobs/{id}/panels/{surfaceId}/split', {
          params: { path: { id: job.id, surfaceId } },
          body: { along },
        }),
      ),
    onSuccess: settle,
  })
  const merge = useMutation({
    scope: { id: `survey-${job.id}` },
    mutationFn: (surfaceIds: string[]) =>
      need(api.POST('/api/v1/jobs/{id}/panels/merge', { ...params, body: { surfaceIds } })),
    onSuccess: settle,
  })
  const remove = useMutation({
    scope: { id: `survey-${job.id}` },
    mutationFn: (surfaceIds: string[]) =>
      need(api.POST('/api/v1/jobs/{id}/panels/remove', { ...params, body: { surfaceIds } })),
    onSuccess: settle,
  })
  const restore = useMutation({
    scope: { id: `survey-${job.id}` },
    mutationFn: () => need(api.POST('/api/v1/jobs/{id}/panels/restore', params)),
    onSuccess: settle,
  })
  return { find, undo, redo, change, copy, add, split, merge, remove, restore }
}
