import { Copy } from 'lucide-react'
import type { Schemas } from '../api/client'
import { Button } from '../parts/controls'
import { phrase } from './phrase'

type Panel = Schemas['Panel']
type Pair = Schemas['Pair']

/** Pairs from each surveyed panel to its neighbour, where it has one that is not itself picked. */
export function pairsTo(
  neighbour: 'mirror' | 'behind',
  panels: Panel[],
  surveyed: (id: string) => boolean,
): Pair[] {
  const picked = new Set(panels.map((p) => p.id))
  return panels.flatMap((p) => {
    const to = p[neighbour]
    return to && surveyed(p.id) && !picked.has(to) ? [{ from: p.id, to }] : []
  })
}

/** Carries what was found here to where it is usually the same. */
export function Carry(props: {
  panels: Panel[]
  surfaces: (Schemas['SurfaceFile'] | undefined)[]
  finishName?: string
  onCopy: (pairs: Pair[]) => void
  onPickFinish?: () => void
}) {
  const known = new Set(props.surfaces.flatMap((s) => (s ? [s.id] : [])))
  const surveyed = (id: string) => known.has(id)
  const across = pairsTo('mirror', props.panels, surveyed)
  const behind = pairsTo('behind', props.panels, surveyed)
  if (across.length === 0 && behind.length === 0 && !props.onPickFinish) return null
  return (
    <div className="flex flex-wrap gap-1.5" role="group" aria-label={phrase('carry-on')}>
      {across.length > 0 && (
        <Button onClick={() => props.onCopy(across)}>
          <Copy size={16} aria-hidden="true" /> {phrase('copy-to-the-other-side')}
        </Button>
      )}
      {behind.length > 0 && (
        <Button onClick={() => props.onCopy(behind)}>
          <Copy size={16} aria-hidden="true" /> {phrase('copy-to-the-row-behind')}
        </Button>
      )}
      {props.onPickFinish && (
        <Button onClick={props.onPickFinish}>
          {phrase('pick-all')} {props.finishName}
        </Button>
      )}
    </div>
  )
}
