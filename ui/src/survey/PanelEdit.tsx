import { Merge, SplitSquareHorizontal, SplitSquareVertical, Trash2 } from 'lucide-react'
import type { Schemas } from '../api/client'
import type { DrawnPanel } from '../parts/cabin'
import { Button } from '../parts/controls'
import { phrase } from './phrase'

export type PanelEdits = {
  panels: DrawnPanel[]
  surfaces: (Schemas['SurfaceFile'] | undefined)[]
  onSplit: (surfaceId: string, along: 'across' | 'down') => void
  onMerge: (surfaceIds: string[]) => void
  onRemove: (surfaceIds: string[]) => void
}

/** Cuts the sheet to the vehicle: splits, merges, removes. All of it can be undone. */
export function PanelEdit(props: PanelEdits & { onClear: () => void }) {
  const { panels, surfaces, onSplit, onMerge, onRemove } = props
  const ids = panels.map((p) => p.id)
  const one = panels.length === 1 ? panels[0] : undefined
  const finishes = new Set(surfaces.flatMap((s) => (s?.finish ? [s.finish] : [])))
  const roles = new Set(panels.map((p) => p.role))
  const alike = finishes.size < 2 && roles.size < 2
  return (
    <div
      className="grid gap-2 border-t border-line pt-3"
      role="group"
      aria-label={phrase('cut-the-sheet-to-the')}
    >
      <div className="flex flex-wrap gap-1.5">
        {one && (
          <>
            <Button onClick={() => onSplit(one.id, 'across')}>
              <SplitSquareHorizontal size={18} aria-hidden="true" /> {phrase('split-left-and-right')}
            </Button>
            <Button onClick={() => onSplit(one.id, 'down')}>
              <SplitSquareVertical size={18} aria-hidden="true" /> {phrase('split-front-and-rear')}
            </Button>
          </>
        )}
        {panels.length > 1 && (
          <Button onClick={() => onMerge(ids)} disabled={!alike}>
            <Merge size={18} aria-hidden="true" /> {phrase('make-one-panel-of-these')}
          </Button>
        )}
        {panels.every((p) => !p.cutFrom) && (
          <Button onClick={() => onRemove(ids)}>
            <Trash2 size={18} aria-hidden="true" /> {phrase('not-on-this-vehicle')}
          </Button>
        )}
      </div>
      {panels.length > 1 && !alike && (
        <p className="text-note text-faint">{phrase('only-panels-of-one-finish')}</p>
      )}
      {surfaces.some(Boolean) && (
        <Button weight="quiet" className="justify-self-start px-0" onClick={props.onClear}>
          {one?.zone === 'own' ? phrase('remove-this-panel') : phrase('clear-what-was-found-here')}
        </Button>
      )}
    </div>
  )
}
