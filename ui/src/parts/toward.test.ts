import { describe, expect, it } from 'vitest'
import fiveSeat from '../../../app/src/main/resources/layouts/five-seat.json'
import { toward } from './toward'

const square = [
  { id: 'top', at: [50, 0] },
  { id: 'left', at: [0, 50] },
  { id: 'middle', at: [50, 50] },
  { id: 'right', at: [100, 52] },
  { id: 'bottom', at: [50, 100] },
]

describe('an arrow key goes where it points on the drawing', () => {
  it.each([
    ['ArrowUp', 'top'],
    ['ArrowLeft', 'left'],
    ['ArrowRight', 'right'],
    ['ArrowDown', 'bottom'],
  ])('%s from the middle goes to the %s', (key, to) => {
    expect(toward(key, 'middle', square)).toBe(to)
  })

  it('stays where nothing lies that way, and goes to the ends by Home and End', () => {
    expect(toward('ArrowLeft', 'left', square)).toBeUndefined()
    expect(toward('Home', 'middle', square)).toBe('top')
    expect(toward('End', 'middle', square)).toBe('bottom')
    expect(toward('Tab', 'middle', square)).toBeUndefined()
  })

  it('reaches every panel of a five-seat cabin from the first', () => {
    const panels = fiveSeat.panels as { id: string; at: number[] }[]
    const reached = new Set([panels[0]!.id])
    const open = [...reached]
    for (let id = open.pop(); id; id = open.pop()) {
      for (const key of ['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight']) {
        const to = toward(key, id, panels)
        if (to && !reached.has(to)) {
          reached.add(to)
          open.push(to)
        }
      }
    }
    expect(panels.map((p) => p.id).filter((id) => !reached.has(id))).toEqual([])
  })
})
