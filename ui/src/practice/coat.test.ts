import { describe, expect, it } from 'vitest'
import { begun, next } from './coat'

const work = {
  areas: [
    { name: 'Left headrest', applyS: 30, levelS: 20, fromS: 100 },
    { name: 'Left back', applyS: 60, levelS: 40, fromS: 100 },
  ],
}

describe('a coating by hand', () => {
  it('lays what is bare and levels what has sat, and its clock goes on by what the hands take', () => {
    let coat = next(work, begun(work), 0)
    expect([coat.now, coat.areas[0]?.laid]).toEqual([30, 0])
    coat = next(work, coat, 1)
    coat = next(work, coat, undefined, 15)
    expect(coat.now).toBe(105)
    coat = next(work, coat, 0)
    expect(coat.areas[0]).toEqual({ laid: 0, levelled: 125, smears: 0 })
    expect(coat.deeds.map((d) => [d.act, d.cells, d.seconds])).toEqual([
      ['apply', [0], 0],
      ['apply', [1], 0],
      ['wait', [], 15],
      ['level', [0], 0],
    ])
  })

  it('smears what is wiped too early: it is bare again and laid anew', () => {
    const early = next(work, next(work, begun(work), 0), 0)
    expect(early.areas[0]).toEqual({ smears: 1 })
    expect(next(work, early, 0).areas[0]).toEqual({ laid: 50, smears: 1 })
  })

  it('leaves alone what is levelled', () => {
    let coat = next(work, begun(work), 0)
    coat = next(work, next(work, coat, undefined, 100), 0)
    expect(next(work, coat, 0)).toBe(coat)
  })
})
