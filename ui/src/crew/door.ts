import { queryOptions, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, need, type Schemas } from '../api/client'
import { READS } from '../api/meaning'
import { phrase } from './phrase'

export type Right = Schemas['MeView']['rights'][number]
export type Role = Schemas['MeView']['role']

export const roles = {
  owner: phrase('owner'),
  specialist: phrase('specialist'),
  technician: phrase('technician'),
  desk: phrase('desk'),
  learner: phrase('learner'),
} satisfies Record<Role, string>

/** What each is there for, in a few words. */
export const does = {
  owner: phrase('everything-within'),
  specialist: phrase('decides-how-a-job-is'),
  technician: phrase('ticks-and-measures'),
  desk: phrase('books-quotes-hands-over'),
  learner: phrase('trains-and-watches'),
} satisfies Record<Role, string>

/** The door as it stands for this device: who may be picked, and who is signed in. */
export const doorQuery = queryOptions({
  queryKey: ['door'],
  queryFn: () => need(api.GET('/api/v1/crew/door')),
  staleTime: 60_000,
})

/** Whether whoever is signed in may do something; true while that is not known, as the server holds it anyway. */
export function useMay() {
  const door = useQuery(doorQuery)
  return (right: Right) => !door.data || Boolean(door.data.me?.rights.includes(right))
}

/** After somebody has come in or gone: nothing read for somebody else is shown on. */
export function useDoorTurned() {
  const client = useQueryClient()
  return (door?: Schemas['DoorView']) => {
    void globalThis.caches?.delete(READS)
    client.removeQueries({ predicate: (query) => query.queryKey[0] !== 'door' })
    if (door) client.setQueryData(doorQuery.queryKey, door)
    else void client.invalidateQueries({ queryKey: doorQuery.queryKey })
  }
}
