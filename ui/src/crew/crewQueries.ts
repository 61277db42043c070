import { queryOptions } from '@tanstack/react-query'
import { api, need, type Schemas } from '../api/client'

export type LogKind = Schemas['LogView']['kind']

export const membersQuery = queryOptions({
  queryKey: ['crew'],
  queryFn: () => need(api.GET('/api/v1/crew/members')),
})

/** Where whoever is signed in here is signed in. */
export const ownSessionsQuery = queryOptions({
  queryKey: ['crew', 'own-sessions'],
  queryFn: () => need(api.GET('/api/v1/crew/me/sessions')),
})

/** Passkeys of whoever is signed in here. */
export const passkeysQuery = queryOptions({
  queryKey: ['crew', 'own-passkeys'],
  queryFn: () => need(api.GET('/api/v1/crew/me/passkeys')),
})

export const rightsQuery = queryOptions({
  queryKey: ['crew', 'rights'],
  queryFn: () => need(api.GET('/api/v1/crew/rights')),
  staleTime: Infinity,
})

export const logQuery = (kind?: LogKind, who?: string) =>
  queryOptions({
    queryKey: ['crew', 'log', kind, who],
    queryFn: () => need(api.GET('/api/v1/crew/log', { params: { query: { kind, who } } })),
  })
