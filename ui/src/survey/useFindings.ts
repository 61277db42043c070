import { useMutation, useQueryClient } from '@tanstack/react-query'
import { api, need, type Schemas } from '../api/client'
import { jobQuery } from '../api/queries'
import { useJobSettled } from '../api/useJobSettled'
import { laid } from './laid'

type Job = Schemas['JobDetail']
export type Finding = Schemas['Finding']

/** One way a survey is changed; one after the other, as they were asked for. */
function useEdit<Body = void>(jobId: string, send: (body: Body) => Promise<Job>) {
  const onSuccess = useJobSettled()
  return useMutation({ scope: { id: `survey-${jobId}` }, mutationFn: send, onSuccess })
}

/** Which panels there are. */
function usePanelEdits(id: string) {
  const params = { params: { path: { id } } }
  return {
    add: useEdit(id, (body: Schemas['NewPanel']) =>
      need(api.POST('/api/v1/jobs/{id}/panels', { ...params, body })),
    ),
    split: useEdit(id, ({ surfaceId, along }: { surfaceId: string; along: 'across' | 'down' }) =>
      need(
        api.POST('/api/v1/jobs/{id}/panels/{surfaceId}/split', {
          params: { path: { id, surfaceId } },
          body: { along },
        }),
      ),
    ),
    merge: useEdit(id, (surfaceIds: string[]) =>
      need(api.POST('/api/v1/jobs/{id}/panels/merge', { ...params, body: { surfaceIds } })),
    ),
    remove: useEdit(id, (surfaceIds: string[]) =>
      need(api.POST('/api/v1/jobs/{id}/panels/remove', { ...params, body: { surfaceIds } })),
    ),
    restore: useEdit(id, () => need(api.POST('/api/v1/jobs/{id}/panels/restore', params))),
  }
}

/** Saves findings at once; shows them before the server has answered and takes them back if it refuses. */
export function useFindings(job: Job, panels: Schemas['Panel'][]) {
  const client = useQueryClient()
  const key = jobQuery(job.id).queryKey
  const params = { params: { path: { id: job.id } } }
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
    onSuccess: useJobSettled(),
  })
  return {
    find,
    undo: useEdit(job.id, () => need(api.POST('/api/v1/jobs/{id}/undo', params))),
    redo: useEdit(job.id, () => need(api.POST('/api/v1/jobs/{id}/redo', params))),
    change: useEdit(job.id, (body: Schemas['JobChange']) =>
      need(api.PATCH('/api/v1/jobs/{id}', { ...params, body })),
    ),
    copy: useEdit(job.id, (pairs: Schemas['Pair'][]) =>
      need(api.POST('/api/v1/jobs/{id}/copies', { ...params, body: { pairs } })),
    ),
    ...usePanelEdits(job.id),
  }
}
