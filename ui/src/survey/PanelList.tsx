import type { Cabin, DrawnPanel } from '../parts/cabin'
import type { PanelLook } from '../parts/CabinSheet'
import { phrase } from './phrase'

/** The same panels as a plain list. */
export function PanelList(props: {
  layout: Cabin
  look: (panel: DrawnPanel) => PanelLook
  picked: ReadonlySet<string>
  onPick: (id: string) => void
  zone?: string
}) {
  const { layout, look, picked, onPick, zone } = props
  const zones = layout.zones.filter((z) => !zone || z.id === zone)
  return (
    <div
      className="lying max-h-[calc(100dvh-13.5rem)] overflow-auto p-3"
      tabIndex={0}
      role="group"
      aria-label={phrase('panels')}
    >
      {zones.map((z) => (
        <fieldset key={z.id} className="mb-3">
          <legend className="narrow font-semibold text-faint">{z.label}</legend>
          {layout.panels
            .filter((p) => p.zone === z.id)
            .map((panel) => (
              <label key={panel.id} className="flex min-h-11 items-center gap-3 border-b border-line">
                <input
                  type="checkbox"
                  className="size-5 accent-needle"
                  checked={picked.has(panel.id)}
                  onChange={() => onPick(panel.id)}
                />
                <span className="flex-1">{panel.label}</span>
                <span className="text-note text-faint">{look(panel).state}</span>
              </label>
            ))}
        </fieldset>
      ))}
    </div>
  )
}
