import { describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { withOwnPanels } from './ownPanels'

const blank: Schemas['Layout'] = {
  code: 'blank',
  name: 'Own panels only',
  viewBox: [0, 0, 1000, 400],
  zones: [{ id: 'own', label: 'Own panels' }],
  panels: [],
}

const surface = (id: string): Schemas['SurfaceFile'] => ({
  id,
  zone: 'own',
  part: 'own',
  texture: 'fine',
  tone: 'mid',
  areaM2: 0.4,
  role: 'seat',
  condition: {},
})

describe('panels of one’s own', () => {
  it('leave a layout alone that draws them all', () => {
    expect(withOwnPanels(blank, [], {})).toBe(blank)
  })

  it('stand as tiles that do not overlap, three in a row', () => {
    const many = Array.from({ length: 7 }, (_, i) => surface(`own-${i}`))
    const { panels, viewBox } = withOwnPanels(blank, many, { 'own-0': 'Bench' })
    expect(panels).toHaveLength(7)
    expect(panels[0]?.label).toBe('Bench')
    expect(new Set(panels.map((p) => p.at.join())).size).toBe(7)
    expect(panels[3]?.at[1]).toBeGreaterThan(panels[2]?.at[1] ?? 0)
    expect(panels.every((p) => (p.at[0] ?? 0) < (viewBox[2] ?? 0))).toBe(true)
  })

  it('make the sheet taller below a drawn cabin', () => {
    const drawn = {
      ...blank,
      panels: [{ ...withOwnPanels(blank, [surface('a')], {}).panels[0]!, id: 'seat' }],
    }
    const grown = withOwnPanels(drawn, [surface('own-shelf')], {})
    expect(grown.viewBox[3]).toBeGreaterThan(400)
    expect(grown.panels.map((p) => p.id)).toEqual(['seat', 'own-shelf'])
  })
})
