import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, need, type Schemas } from '../api/client'
import { useJobSettled } from '../api/useJobSettled'

type Sun = Schemas['HourView']['sun']

export type Air = { airTempC: number; relativeHumidity: number; airSpeedMs: number; sun: Sun }

export const airOf = (job: Schemas['JobDetail']): Air => {
  const s = job.document.setting
  return {
    airTempC: s.airTempC ?? 20,
    relativeHumidity: s.relativeHumidity ?? 0.5,
    airSpeedMs: s.airSpeedMs ?? 0.1,
    sun: s.sun ?? 'none',
  }
}

/** The air looked at: the job's own until one of its needles is moved. */
export function useOutlook(job: Schemas['JobDetail']) {
  const own = airOf(job)
  const [moved, setMoved] = useState<Partial<Air>>({})
  const air = { ...own, ...moved }
  const isMoved = JSON.stringify(air) !== JSON.stringify(own)
  const path = { params: { path: { id: job.id } } }
  const outlook = useQuery({
    queryKey: ['job', job.id, 'outlook', job.revision, air],
    queryFn: ({ signal }) => need(api.POST('/api/v1/jobs/{id}/outlook', { ...path, body: air, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    enabled: job.document.surfaces.length > 0,
  })
  const onSuccess = useJobSettled()
  const keep = useMutation({
    mutationFn: () =>
      need(
        api.PATCH('/api/v1/jobs/{id}', { ...path, body: { setting: { ...job.document.setting, ...air } } }),
      ),
    onSuccess: (fresh) => {
      setMoved({})
      onSuccess(fresh)
    },
  })
  const read = useMutation({
    mutationFn: async () => {
      const take = (instrument: Schemas['ReadingRequest']['instrument']) =>
        need(api.POST('/api/v1/jobs/{id}/readings', { ...path, body: { instrument } })).then(
          (r) => r.value ?? 0,
        )
      const t = await take('air-temperature')
      const h = await take('humidity')
      const v = await take('air-speed')
      return { airTempC: t, relativeHumidity: h / 100, airSpeedMs: v }
    },
    onSuccess: (room) => setMoved((before) => ({ ...before, ...room })),
  })
  return {
    air,
    isMoved,
    outlook,
    keep,
    read,
    move: (part: Partial<Air>) => setMoved((before) => ({ ...before, ...part })),
    back: () => setMoved({}),
  }
}
