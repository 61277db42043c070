import { queryOptions } from '@tanstack/react-query'
import { api, need } from './client'

export const dayQuery = queryOptions({ queryKey: ['day'], queryFn: () => need(api.GET('/api/v1/day')) })

export const layoutsQuery = queryOptions({
  queryKey: ['layouts'],
  queryFn: () => need(api.GET('/api/v1/layouts')),
  staleTime: Infinity,
})

export const layoutQuery = (code: string, drive: string) =>
  queryOptions({
    queryKey: ['layout', code, drive],
    queryFn: () => need(api.GET('/api/v1/layouts/{code}', { params: { path: { code }, query: { drive } } })),
    staleTime: Infinity,
  })

export const finishesQuery = queryOptions({
  queryKey: ['finishes'],
  queryFn: () => need(api.GET('/api/v1/finishes')),
  staleTime: Infinity,
})

export const shelfQuery = queryOptions({ queryKey: ['shelf'], queryFn: () => need(api.GET('/api/v1/shelf')) })

const path = (id: string) => ({ params: { path: { id } } })

export const jobQuery = (id: string) =>
  queryOptions({ queryKey: ['job', id], queryFn: () => need(api.GET('/api/v1/jobs/{id}', path(id))) })

export const planQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'plan'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/plan', path(id))),
  })

export const outcomesQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'outcomes'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/outcomes', path(id))),
  })

export const matchQuery = (id: string, surfaceId: string) =>
  queryOptions({
    queryKey: ['job', id, 'match', surfaceId],
    queryFn: () =>
      need(api.GET('/api/v1/jobs/{id}/surfaces/{surfaceId}/match', { params: { path: { id, surfaceId } } })),
  })

export const benchQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'bench'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/bench', path(id))),
  })

export const handoverQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'handover'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/handover', path(id))),
  })

export const identifyQuery = (role: string, answers: Record<string, string>) =>
  queryOptions({
    queryKey: ['identify', role, answers],
    queryFn: () => need(api.POST('/api/v1/identify', { body: { role, answers } })),
    staleTime: Infinity,
  })
