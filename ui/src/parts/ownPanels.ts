import type { Schemas } from '../api/client'

type Layout = Schemas['Layout']
type Panel = Schemas['Panel']

const TILE = { width: 310, height: 120, gap: 17, across: 3, left: 18 }

/** The layout with a tile for every surveyed panel it does not draw, in rows below the rest. */
export function withOwnPanels(
  layout: Layout,
  surfaces: Schemas['SurfaceFile'][],
  labels: Record<string, string>,
): Layout {
  const drawn = new Set(layout.panels.map((p) => p.id))
  const own = surfaces.filter((s) => !drawn.has(s.id))
  if (own.length === 0) return layout
  const [x = 0, y = 0, width = 1000, height = 0] = layout.viewBox
  const top = layout.panels.length === 0 ? y + TILE.gap : y + height
  const tiles = own.map((s, i) => tile(s, labels[s.id] ?? s.id, i, x, top))
  const rows = Math.ceil(own.length / TILE.across)
  const bottom = top + rows * (TILE.height + TILE.gap)
  const known = layout.zones.some((z) => z.id === 'own')
  return {
    ...layout,
    viewBox: [x, y, width, Math.max(height, bottom - y)],
    zones: known ? layout.zones : [...layout.zones, { id: 'own', label: 'Own panels' }],
    panels: [...layout.panels, ...tiles],
  }
}

function tile(s: Schemas['SurfaceFile'], label: string, i: number, x: number, top: number): Panel {
  const left = x + TILE.left + (i % TILE.across) * (TILE.width + TILE.gap)
  const up = top + Math.floor(i / TILE.across) * (TILE.height + TILE.gap)
  return {
    id: s.id,
    zone: 'own',
    part: s.part,
    label,
    d: `M${left} ${up}H${left + TILE.width}V${up + TILE.height}H${left}Z`,
    at: [left + TILE.width / 2, up + TILE.height / 2],
    areaM2: s.areaM2,
    seamM: s.seamM ?? 0,
    role: s.role,
    texture: s.texture,
    guess: 'unknown',
    tone: s.tone,
    features: s.features ?? [],
    near: s.near ?? [],
    side: 'middle',
    withWheel: false,
    mirrored: false,
    likely: [],
  }
}
