import type { Schemas } from '../api/client'
import { phrase } from './phrase'

type Layout = Schemas['Layout']
type Panel = Schemas['Panel']
type Surface = Schemas['SurfaceFile']
export type Box = { x: number; y: number; width: number; height: number }

/** One outline of a panel; of a cut panel only what lies in `clip` belongs to it. */
export type Shape = { d: string; mirrored: boolean; clip?: Box }
export type DrawnPanel = Panel & {
  shapes?: Shape[]
  /** Panel of the layout a piece was cut from, in whose place it stands. */
  cutFrom?: string
}
export type Cabin = Omit<Layout, 'panels'> & { panels: DrawnPanel[] }

const TILE = { width: 310, height: 120, gap: 17, across: 3, left: 18 }

/**
 * The layout as a job has it: panels it lacks are gone, split and merged ones are drawn from their
 * pieces, and every surveyed panel the layout does not draw has a tile in rows below the rest.
 */
export function cabinOf(
  layout: Layout,
  document: Pick<Schemas['JobFile'], 'surfaces' | 'vehicle'>,
  labels: Record<string, string>,
  measure: (d: string) => Box,
): Cabin {
  const { surfaces } = document
  const cut = surfaces.filter((s) => s.pieces)
  const hidden = new Set(document.vehicle?.without ?? [])
  cut.forEach((s) => s.pieces?.forEach((piece) => hidden.add(piece.panel)))
  const byId = new Map(layout.panels.map((p) => [p.id, p]))
  const drawn = layout.panels.filter((p) => !hidden.has(p.id))
  const across = (layout.viewBox[0] ?? 0) * 2 + (layout.viewBox[2] ?? 0)
  const pieces = cut.flatMap((s) => fromPieces(s, labels[s.id] ?? s.id, byId, measure, across) ?? [])
  const known = new Set([...drawn.map((p) => p.id), ...pieces.map((p) => p.id)])
  const own = surfaces.filter((s) => !known.has(s.id))
  const panels = inOrder(layout, [...drawn, ...pieces])
  return own.length === 0 ? { ...layout, panels } : withTiles({ ...layout, panels }, own, labels)
}

/** Pieces stand where their panel stood, so that lists and the keyboard meet them in their place. */
function inOrder(layout: Layout, panels: DrawnPanel[]): DrawnPanel[] {
  const order = layout.panels.map((p) => p.id)
  const place = (p: DrawnPanel) => order.indexOf(p.cutFrom ?? p.id)
  return [...panels].sort((a, b) => place(a) - place(b))
}

function fromPieces(
  s: Surface,
  label: string,
  byId: Map<string, Panel>,
  measure: (d: string) => Box,
  across: number,
): DrawnPanel | undefined {
  const first = byId.get(s.pieces?.[0]?.panel ?? '')
  if (!s.pieces || !first) return undefined
  const shapes: Shape[] = []
  let at: number[] | undefined
  for (const piece of s.pieces) {
    const panel = byId.get(piece.panel)
    if (!panel) continue
    const box = measure(panel.d)
    const clip = {
      x: box.x + piece.x * box.width,
      y: box.y + piece.y * box.height,
      width: piece.w * box.width,
      height: piece.h * box.height,
    }
    const whole = piece.w === 1 && piece.h === 1
    shapes.push({ d: panel.d, mirrored: panel.mirrored, ...(whole ? {} : { clip }) })
    const middle = clip.x + clip.width / 2
    at ??= whole ? panel.at : [panel.mirrored ? across - middle : middle, clip.y + clip.height / 2]
  }
  return {
    ...first,
    ...sizes(s),
    id: s.id,
    label,
    shapes,
    at: at ?? first.at,
    mirror: undefined,
    behind: undefined,
    cutFrom: first.id,
  }
}

const sizes = (s: Surface) => ({
  areaM2: s.areaM2,
  seamM: s.seamM ?? 0,
  role: s.role,
  texture: s.texture,
  tone: s.tone,
})

function withTiles(cabin: Cabin, own: Surface[], labels: Record<string, string>): Cabin {
  const [x = 0, y = 0, width = 1000, height = 0] = cabin.viewBox
  const top = cabin.panels.length === 0 ? y + TILE.gap : y + height
  const tiles = own.map((s, i) => tile(s, labels[s.id] ?? s.id, i, x, top))
  const rows = Math.ceil(own.length / TILE.across)
  const bottom = top + rows * (TILE.height + TILE.gap)
  const known = cabin.zones.some((z) => z.id === 'own')
  return {
    ...cabin,
    viewBox: [x, y, width, Math.max(height, bottom - y)],
    zones: known ? cabin.zones : [...cabin.zones, { id: 'own', label: phrase('own-panels') }],
    panels: [...cabin.panels, ...tiles],
  }
}

function tile(s: Surface, label: string, i: number, x: number, top: number): DrawnPanel {
  const left = x + TILE.left + (i % TILE.across) * (TILE.width + TILE.gap)
  const up = top + Math.floor(i / TILE.across) * (TILE.height + TILE.gap)
  return {
    ...sizes(s),
    id: s.id,
    zone: 'own',
    part: s.part,
    label,
    d: `M${left} ${up}H${left + TILE.width}V${up + TILE.height}H${left}Z`,
    at: [left + TILE.width / 2, up + TILE.height / 2],
    guess: 'unknown',
    features: s.features ?? [],
    near: s.near ?? [],
    side: 'middle',
    withWheel: false,
    mirrored: false,
    likely: [],
  }
}
