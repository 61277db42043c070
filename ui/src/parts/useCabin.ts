import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import type { Schemas } from '../api/client'
import { layoutQuery } from '../api/queries'
import { withOwnPanels } from './ownPanels'

/** The layout of a job's vehicle, wheel on its side, with the panels of one's own below it. */
export function useCabin(job: Schemas['JobDetail']) {
  const { vehicle, surfaces } = job.document
  const layout = useQuery(layoutQuery(vehicle?.layout ?? 'blank', vehicle?.drive ?? 'left'))
  const cabin = useMemo(
    () => layout.data && withOwnPanels(layout.data, surfaces, job.labels),
    [layout.data, surfaces, job.labels],
  )
  return { ...layout, data: cabin }
}
