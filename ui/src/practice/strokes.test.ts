import { describe, expect, it } from 'vitest'
import { columns } from './model'
import { band, line, Stroke, under } from './strokes'

describe('a hand on the panel', () => {
  it('covers three by three cells, fewer at an edge', () => {
    expect(under(columns + 1)).toHaveLength(9)
    expect(under(0)).toEqual([0, 1, columns, columns + 1])
  })

  it('goes over every cell between two places, however fast', () => {
    expect(line(0, 5)).toEqual([1, 2, 3, 4, 5])
    expect(line(0, columns * 3)).toEqual([columns, columns * 2, columns * 3])
  })

  it('counts a cell once while it lies under the hand, and again when it comes back', () => {
    const stroke = new Stroke()
    expect(stroke.to(columns * 5 + 5)).toHaveLength(9)
    expect(stroke.to(columns * 5 + 5)).toHaveLength(0)
    expect(stroke.to(columns * 5 + 6)).toHaveLength(3)
    expect(stroke.to(columns * 5 + 5)).toHaveLength(3)
  })

  it('takes a whole band by one key', () => {
    expect(new Set(band(columns * 4)).size).toBe(columns * 3)
  })
})
