import { describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { cabinOf } from './cabin'

type Surface = Schemas['SurfaceFile']

const blank: Schemas['Layout'] = {
  code: 'blank',
  name: 'Own panels only',
  viewBox: [0, 0, 1000, 400],
  zones: [{ id: 'own', label: 'Own panels' }],
  panels: [],
}

const surface = (id: string, more: Partial<Surface> = {}): Surface => ({
  id,
  zone: 'own',
  part: 'own',
  texture: 'fine',
  tone: 'mid',
  areaM2: 0.4,
  role: 'seat',
  condition: {},
  ...more,
})

const unit = () => ({ x: 100, y: 50, width: 200, height: 100 })
const cabin = (layout: Schemas['Layout'], surfaces: Surface[], labels = {}, without?: string[]) =>
  cabinOf(layout, { surfaces, vehicle: { without } }, labels, unit)

const seats: Schemas['Layout'] = {
  ...blank,
  panels: ['cushion', 'back', 'side'].map((id) => ({
    ...cabin(blank, [surface('own')]).panels[0]!,
    id,
    zone: 'seat',
    at: [200, 100],
  })),
}

describe('panels of one’s own', () => {
  it('stand as tiles that do not overlap, three in a row', () => {
    const many = Array.from({ length: 7 }, (_, i) => surface(`own-${i}`))
    const { panels, viewBox } = cabin(blank, many, { 'own-0': 'Bench' })
    expect(panels[0]?.label).toBe('Bench')
    expect(new Set(panels.map((p) => p.at.join())).size).toBe(7)
    expect(panels[3]?.at[1]).toBeGreaterThan(panels[2]?.at[1] ?? 0)
    expect(panels.every((p) => (p.at[0] ?? 0) < (viewBox[2] ?? 0))).toBe(true)
  })

  it('make the sheet taller below a drawn cabin', () => {
    const grown = cabin(seats, [surface('own-shelf')])
    expect(grown.viewBox[3]).toBeGreaterThan(400)
    expect(grown.panels.map((p) => p.id)).toEqual(['cushion', 'back', 'side', 'own-shelf'])
  })
})

describe('a cut sheet', () => {
  const half = (id: string, x: number) => surface(id, { pieces: [{ panel: 'back', x, y: 0, w: 0.5, h: 1 }] })

  it('draws halves in the place of the panel they were cut from', () => {
    const cut = cabin(seats, [half('back-right', 0.5), half('back-left', 0)])
    expect(cut.panels.map((p) => p.id)).toEqual(['cushion', 'back-right', 'back-left', 'side'])
    const left = cut.panels.find((p) => p.id === 'back-left')
    expect(left?.shapes).toEqual([
      expect.objectContaining({ clip: { x: 100, y: 50, width: 100, height: 100 } }),
    ])
    expect(left?.at).toEqual([150, 100])
  })

  it('draws a merged panel as all its shapes and none of them twice', () => {
    const merged = surface('cushion', {
      pieces: ['cushion', 'back'].map((panel) => ({ panel, x: 0, y: 0, w: 1, h: 1 })),
    })
    const cut = cabin(seats, [merged])
    expect(cut.panels.map((p) => p.id)).toEqual(['cushion', 'side'])
    expect(cut.panels[0]?.shapes).toHaveLength(2)
    expect(cut.panels[0]?.at).toEqual([200, 100])
  })

  it('leaves out what the vehicle does not have', () => {
    expect(cabin(seats, [], {}, ['side']).panels.map((p) => p.id)).toEqual(['cushion', 'back'])
  })
})
