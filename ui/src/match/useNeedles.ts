import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, need, type Schemas } from '../api/client'

export type Needles = Schemas['Needles']

const same = (a: Needles, b: Needles) => JSON.stringify(a) === JSON.stringify(b)

/** Needles in hand: Attune's choice until one is moved; every move asks the server again. */
export function useNeedles(
  id: string,
  revision: number,
  surfaceId: string,
  chosen: Schemas['Reading'],
  start?: Needles,
) {
  const [needles, setNeedles] = useState(start ?? chosen.needles)
  const moved = !same(needles, chosen.needles)
  const asked = useQuery({
    queryKey: ['reading', id, revision, surfaceId, needles],
    queryFn: ({ signal }) =>
      need(
        api.POST('/api/v1/jobs/{id}/surfaces/{surfaceId}/reading', {
          params: { path: { id, surfaceId } },
          body: needles,
          signal,
        }),
      ),
    enabled: moved,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })
  return {
    needles,
    moved,
    reading: moved ? (asked.data ?? chosen) : chosen,
    error: moved ? asked.error : null,
    move: (part: Partial<Needles>) => setNeedles((before) => ({ ...before, ...part })),
    reset: () => setNeedles(chosen.needles),
  }
}
