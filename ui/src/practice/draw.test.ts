import { describe, expect, it } from 'vitest'
import { pixels, type Look } from './draw'
import { does, found, moistureAt, soilAt, type HandWork } from './model'
import cases from './panel-cases.json'

const work = cases[0]!.work as unknown as HandWork
const look: Look = { tone: 'pale', nap: false, holes: false, seams: false, foundCoat: 1, soilAt: () => 0 }
const at = (of: Look, cell = 0) => [...pixels(of).slice(cell * 4, cell * 4 + 3)]
const light = (rgb: number[]) => rgb.reduce((a, b) => a + b, 0)

describe('how a panel looks', () => {
  it('is the trim itself where it is clean', () => {
    expect(at(look)).toEqual([206, 192, 168])
    expect(at({ ...look, tone: 'dark' })).toEqual([40, 38, 38])
  })

  it('is darker with soil on pale trim and greyer on dark, and the more the more', () => {
    const one = light(at({ ...look, soilAt: () => 1 }))
    const four = light(at({ ...look, soilAt: () => 4 }))
    expect(one).toBeLessThan(light(at(look)))
    expect(four).toBeLessThan(one)
    expect(light(at({ ...look, tone: 'dark', soilAt: () => 4 }))).toBeGreaterThan(114)
  })

  it('shows where cleaner lies, where it dried, and where colour came off', () => {
    const panel = found(work)
    const of = { ...look, soilAt: (cell: number) => soilAt(panel, cell), panel, foundCoat: work.foundCoat }
    const dry = at(of)
    does(work, panel, { act: 'lay', means: 0, cells: [0], seconds: 0 })
    expect(at(of)).not.toEqual(dry)
    expect(moistureAt(work, panel, 0)).toBeGreaterThan(moistureAt(work, panel, 1))
    panel.tide[1] = 1
    expect(light(at(of, 1))).toBeGreaterThan(light(at({ ...of, panel: found(work) }, 1)))
    panel.colour[2] = 0.2
    expect(at(of, 2)).not.toEqual(at({ ...of, panel: found(work) }, 2))
  })
})
