import { describe, expect, it } from 'vitest'
import { localOf } from '../api/clock'
import { cardOf, cardsOf, deedOf, insisted, roundOf } from './deeds'
import type { BenchTask } from './run'

const NOW = new Date('2026-06-09T09:10:00').getTime()
const at = (secondsAgo: number) => localOf(NOW - secondsAgo * 1000)

const step = (id: string, part: Partial<BenchTask> = {}): BenchTask => ({
  id,
  roundId: 'r-seat',
  card: 'r-seat',
  step: 'clean',
  title: 'Clean',
  surfaceIds: [id.replace(/^\w+-/, '')],
  covers: [],
  where: id,
  needsHands: true,
  lines: [],
  cautions: [],
  look: 'cloth',
  answers: [],
  rung: 1,
  passes: 0,
  passesLow: 2,
  passesHigh: 3,
  lastPass: 3,
  dwellS: 40,
  wipeByS: 240,
  plannedS: 120,
  state: 'waiting',
  by: '',
  after: [],
  ...part,
})
const none = new Set<string>()
const sitting = (id: string, secondsAgo: number) =>
  step(id, { state: 'running', startedAt: at(secondsAgo), clockFrom: at(secondsAgo) })
const ids = (deed: ReturnType<typeof deedOf>) => deed?.tasks.map((t) => t.id)

describe('a seat worked as one round', () => {
  it('is laid panel by panel, two wet at once at most', () => {
    const seat = [step('clean-back'), step('clean-cushion'), step('clean-bolster')]
    expect(deedOf(seat, seat, NOW, none)).toMatchObject({ mode: 'lay', tasks: [{ id: 'clean-back' }] })
    const two = [sitting('clean-back', 20), sitting('clean-cushion', 5), step('clean-bolster')]
    expect(deedOf(two, two, NOW, none)).toMatchObject({ mode: 'wipe', tasks: [{ id: 'clean-back' }] })
  })

  it('has everything that is due wiped in the same look', () => {
    const seat = [sitting('clean-back', 60), sitting('clean-cushion', 50), step('clean-bolster')]
    const deed = deedOf(seat, seat, NOW, none)
    expect(deed?.mode).toBe('wipe')
    expect(ids(deed)).toEqual(['clean-back', 'clean-cushion'])
  })

  it('answers for one panel alone where that is picked', () => {
    const seat = [sitting('clean-back', 60), sitting('clean-cushion', 50)]
    expect(ids(deedOf(seat, seat, NOW, new Set(['cushion'])))).toEqual(['clean-cushion'])
  })

  it('does not answer for a panel that is a pass behind', () => {
    const behind = { ...sitting('clean-cushion', 50), passes: 1 }
    const seat = [sitting('clean-back', 60), behind]
    expect(ids(deedOf(seat, seat, NOW, none))).toEqual(['clean-back'])
  })

  it('is looked over once, when it is dry', () => {
    const check = { step: 'check', look: 'seams', rung: 0, dwellS: undefined, passesLow: 0 } as const
    const seat = [
      step('check-back', { ...check, after: ['clean-back'] }),
      step('check-cushion', { ...check, after: ['clean-cushion'] }),
    ]
    const cleaned = [step('clean-back', { state: 'done' }), step('clean-cushion', { state: 'done' })]
    expect(deedOf(seat, [...cleaned, ...seat], NOW, none)).toMatchObject({ mode: 'look' })
    expect(ids(deedOf(seat, [...cleaned, ...seat], NOW, none))).toEqual(['check-back', 'check-cushion'])
    const wet = [step('clean-back', { state: 'done' }), sitting('clean-cushion', 3)]
    expect(ids(deedOf(seat, [...wet, ...seat], NOW, none))).toEqual(['check-back'])
  })

  it('says nothing can be done where all of it waits, but lets one insist', () => {
    const seat = [step('coat-back', { step: 'coat', look: undefined, dwellS: undefined, after: ['dry'] })]
    const dry = step('dry', { needsHands: false, state: 'running', look: undefined })
    expect(deedOf(seat, [dry, ...seat], NOW, none)).toBeUndefined()
    expect(insisted(seat)).toMatchObject({ mode: 'tick', tasks: [{ id: 'coat-back' }] })
  })
})

describe('what is laid on', () => {
  const lay = { step: 'condition', look: undefined, rung: 0, dwellS: undefined, passesLow: 0 } as const

  it('is told at one press where it only goes in', () => {
    const seat = [step('condition-back', lay), step('condition-cushion', lay)]
    expect(deedOf(seat, seat, NOW, none)).toMatchObject({ mode: 'tick' })
    expect(ids(deedOf(seat, seat, NOW, none))).toHaveLength(2)
  })

  it('is told panel by panel where it sets', () => {
    const coat = { ...lay, step: 'coat' } as const
    const seat = [step('coat-back', coat), step('coat-cushion', coat)]
    const levels = ['back', 'cushion'].map((panel) =>
      step(`level-${panel}`, { step: 'level', after: [`coat-${panel}`], wipeByS: 300 }),
    )
    expect(ids(deedOf(seat, [...seat, ...levels], NOW, none))).toEqual(['coat-back'])
  })
})

describe('test spots', () => {
  const spot = (id: string, productId: string) =>
    step(id, {
      step: 'test-spot',
      look: 'test-spot',
      rung: 0,
      dwellS: undefined,
      passesLow: 0,
      productId,
      roundId: `r-${productId}`,
      card: 'test-spots',
    })

  it('are one card, answered bottle by bottle', () => {
    const spots = [spot('test-1', 'mild'), spot('test-2', 'mild'), spot('test-3', 'deep')]
    expect(cardsOf(spots)).toEqual(['test-spots'])
    expect(ids(deedOf(spots, spots, NOW, none))).toEqual(['test-1', 'test-2'])
  })
})

describe('cards', () => {
  it('are what the shop says, and each step by itself in a run kept before that', () => {
    expect(cardOf(step('clean-back'))).toBe('r-seat')
    expect(cardOf({ id: 'clean-back' })).toBe('clean-back')
    const all = [
      step('clean-back'),
      step('clean-cushion'),
      step('dry', { needsHands: false }),
      step('x', { state: 'held', card: 'y' }),
    ]
    expect(cardsOf(all)).toEqual(['r-seat'])
  })

  it('have no words of a round where the run was kept before there were any', () => {
    expect(roundOf({}, step('clean-back'))).toBeUndefined()
  })
})
