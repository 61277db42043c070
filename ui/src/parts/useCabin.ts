import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import type { Schemas } from '../api/client'
import { layoutQuery } from '../api/queries'
import { cabinOf, type Box } from './cabin'

/** The layout of a job's vehicle, wheel on its side, with its panels as the survey cut them. */
export function useCabin(job: Schemas['JobDetail']) {
  const { vehicle } = job.document
  const layout = useQuery(layoutQuery(vehicle?.layout ?? 'blank', vehicle?.drive ?? 'left'))
  const cabin = useMemo(
    () => layout.data && cabinOf(layout.data, job.document, job.labels, measured),
    [layout.data, job.document, job.labels],
  )
  return { ...layout, data: cabin }
}

/** The box around an outline, as the browser measures it. */
function measured(d: string): Box {
  const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg')
  svg.style.cssText = 'position:absolute;width:0;height:0;overflow:hidden'
  const path = document.createElementNS('http://www.w3.org/2000/svg', 'path')
  path.setAttribute('d', d)
  svg.append(path)
  document.body.append(svg)
  const { x, y, width, height } = path.getBBox()
  svg.remove()
  return { x, y, width, height }
}
