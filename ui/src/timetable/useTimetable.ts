import { useMutation } from '@tanstack/react-query'
import { api, need, type Schemas } from '../api/client'
import { useJobSettled } from '../api/useJobSettled'

/** What can be done to a job's timetable. */
export function useTimetable(id: string) {
  const onSuccess = useJobSettled()
  const path = { params: { path: { id } } }
  const tryMove = useMutation({
    mutationFn: (body: Schemas['MoveRequest']) =>
      need(api.POST('/api/v1/jobs/{id}/timetable/try', { ...path, body })),
  })
  const move = useMutation({
    mutationFn: (body: Schemas['MoveRequest']) =>
      need(api.PUT('/api/v1/jobs/{id}/timetable/pins', { ...path, body })),
    onSuccess,
  })
  const release = useMutation({
    mutationFn: (taskId: string) =>
      need(api.DELETE('/api/v1/jobs/{id}/timetable/pins/{taskId}', { params: { path: { id, taskId } } })),
    onSuccess,
  })
  const releaseAll = useMutation({
    mutationFn: () => need(api.DELETE('/api/v1/jobs/{id}/timetable/pins', path)),
    onSuccess,
  })
  const staff = useMutation({
    mutationFn: (body: Schemas['CrewRequest']) =>
      need(api.PUT('/api/v1/jobs/{id}/timetable/crew', { ...path, body })),
    onSuccess,
  })
  const take = useMutation({
    mutationFn: (kind: string) =>
      need(api.POST('/api/v1/jobs/{id}/timetable/offers/{kind}', { params: { path: { id, kind } } })),
    onSuccess,
  })
  const putBack = useMutation({
    mutationFn: () => need(api.DELETE('/api/v1/jobs/{id}/timetable/left-out', path)),
    onSuccess,
  })
  const order = useMutation({
    mutationFn: (parts: Schemas['PartRequest'][]) =>
      need(api.PUT('/api/v1/jobs/{id}/timetable/parts', { ...path, body: { parts } })),
    onSuccess,
  })
  return { order, tryMove, move, release, releaseAll, staff, take, putBack }
}
