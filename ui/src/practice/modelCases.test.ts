import { describe, expect, it } from 'vitest'
import { after, soilAt, type Deed, type HandWork } from './model'
import cases from './panel-cases.json'

type Then = (typeof cases)[number]['then']

/** Every case is what core made of it; see PanelCasesTest there. */
describe('a panel answers to the hand as core has it', () => {
  it.each(cases.map((c, i) => [i + 1, c] as const))('case %i', (_, { work, deeds, then }) => {
    const panel = after(work as unknown as HandWork, deeds as Deed[])
    const is: Then = {
      seconds: panel.seconds,
      onFace: panel.faceTaken,
      faces: panel.faces,
      cells: then.cells.map(({ cell }) => ({
        cell,
        soil: soilAt(panel, cell),
        liquid: panel.liquid[cell]!,
        coat: panel.coat[cell]!,
        nap: panel.nap[cell]!,
        colour: panel.colour[cell]!,
        tide: panel.tide[cell]!,
      })),
    }
    expect(is.faces).toBe(then.faces)
    expect(is.seconds).toBeCloseTo(then.seconds, 6)
    expect(is.onFace).toBeCloseTo(then.onFace, 6)
    is.cells.forEach((cell, i) =>
      Object.entries(cell).forEach(([what, value]) =>
        expect(value, `${what} of ${cell.cell}`).toBeCloseTo(then.cells[i]![what as keyof typeof cell], 6),
      ),
    )
  })
})
