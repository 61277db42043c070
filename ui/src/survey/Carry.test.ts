import { describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { pairsTo } from './Carry'

const panel = (id: string, mirror?: string, behind?: string): Schemas['Panel'] => ({
  id,
  zone: 'z',
  part: 'p',
  label: id,
  d: 'M0 0Z',
  at: [0, 0],
  areaM2: 1,
  seamM: 0,
  role: 'seat',
  texture: 'fine',
  guess: 'leather/coated',
  tone: 'mid',
  features: [],
  near: [],
  side: 'left',
  mirror,
  behind,
  withWheel: false,
  mirrored: false,
  likely: [],
})

const all = () => true

describe('carrying findings on', () => {
  it('goes from each panel to its mirror', () => {
    const picked = [panel('fl-cushion', 'fr-cushion'), panel('fl-back', 'fr-back')]
    expect(pairsTo('mirror', picked, all)).toEqual([
      { from: 'fl-cushion', to: 'fr-cushion' },
      { from: 'fl-back', to: 'fr-back' },
    ])
  })

  it('leaves out what has no neighbour, what is not surveyed and what is picked as well', () => {
    const picked = [panel('dash'), panel('fl-side', 'fr-side'), panel('fr-side', 'fl-side')]
    expect(pairsTo('mirror', picked, all)).toEqual([])
    expect(pairsTo('mirror', [panel('fl-mat', 'fr-mat')], () => false)).toEqual([])
  })

  it('goes one row back', () => {
    expect(pairsTo('behind', [panel('fl-door', 'fr-door', 'rl-door')], all)).toEqual([
      { from: 'fl-door', to: 'rl-door' },
    ])
  })
})
