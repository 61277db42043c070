import { useMutation } from '@tanstack/react-query'
import { api, need, type Schemas } from '../api/client'
import { useJobSettled } from '../api/useJobSettled'

/** What is decided on a panel: needles kept, set back, and what the cloth said of them. */
export function useDecisions(id: string, surfaceId: string) {
  const onSuccess = useJobSettled()
  const params = { params: { path: { id, surfaceId } } }
  const keep = useMutation({
    mutationFn: (body: Schemas['ByHandRequest']) =>
      need(api.PUT('/api/v1/jobs/{id}/surfaces/{surfaceId}/by-hand', { ...params, body })),
    onSuccess,
  })
  const reset = useMutation({
    mutationFn: () => need(api.DELETE('/api/v1/jobs/{id}/surfaces/{surfaceId}/by-hand', params)),
    onSuccess,
  })
  const tried = useMutation({
    mutationFn: (body: Schemas['TriedRequest']) =>
      need(api.POST('/api/v1/jobs/{id}/surfaces/{surfaceId}/tried', { ...params, body })),
    onSuccess,
  })
  const forget = useMutation({
    mutationFn: () => need(api.DELETE('/api/v1/jobs/{id}/surfaces/{surfaceId}/tried', params)),
    onSuccess,
  })
  return { keep, reset, tried, forget }
}
