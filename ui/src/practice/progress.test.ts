import { describe, expect, it } from 'vitest'
import { msOf } from '../api/clock'
import { levelFor, nextUp, standings } from './progress'
import type { Learner, Lesson, Mark } from './words'

const lesson = (id: string): Lesson => ({
  id,
  course: 'first-day',
  kind: 'mix',
  title: id,
  aim: '',
  level: 3,
  rule: '',
  example: '',
  inTest: 5,
})
const lessons = [lesson('one'), lesson('two')]
const learner = (...answers: [string, Mark, string][]): Learner => ({
  person: 'Ines',
  answers: answers.map(([of, mark, at]) => ({ lesson: of, mark, at, level: 1, score: 0, test: false })),
  passed: [],
  mayNot: [],
})
const days = (from: string, to: number) => (to - msOf(from)) / 86_400_000

describe('what comes back when', () => {
  it('is new until it was tried', () => {
    expect(standings(lessons, undefined).every((s) => s.dueMs === undefined)).toBe(true)
    expect(nextUp(standings(lessons, undefined), 0)?.standing.lesson.id).toBe('one')
  })

  it('comes back later after each right day, and soon after a wrong one', () => {
    const first = '2026-06-01T09:00:00'
    const once = standings(lessons, learner(['one', 'right', first]))[0]!.dueMs!
    const second = '2026-06-05T09:00:00'
    const twice = standings(lessons, learner(['one', 'right', first], ['one', 'right', second]))[0]!.dueMs!
    const wrong = standings(lessons, learner(['one', 'dangerous', first]))[0]!.dueMs!
    expect(days(first, once)).toBeGreaterThan(days(first, wrong))
    expect(days(second, twice)).toBeGreaterThan(days(first, once))
  })

  it('counts a day by its worst answer', () => {
    const mixed = learner(
      ['one', 'dangerous', '2026-06-01T09:00:00'],
      ['one', 'right', '2026-06-01T09:05:00'],
    )
    const only = learner(['one', 'dangerous', '2026-06-01T09:00:00'])
    expect(standings(lessons, mixed)[0]!.dueMs).toBe(standings(lessons, only)[0]!.dueMs)
  })

  it('puts what is due before what is new', () => {
    const later = msOf('2027-06-01T09:00:00')
    const next = nextUp(standings(lessons, learner(['two', 'right', '2026-06-01T09:00:00'])), later)
    expect(next).toMatchObject({ due: true, standing: { lesson: { id: 'two' } } })
  })

  it('asks harder after each right answer, up to the lesson, and begins again after a wrong one', () => {
    const at = '2026-06-01T09:00:00'
    expect(levelFor(lessons[0]!, learner())).toBe(1)
    expect(levelFor(lessons[0]!, learner(['one', 'right', at]))).toBe(2)
    expect(
      levelFor(lessons[0]!, learner(...Array<[string, Mark, string]>(9).fill(['one', 'right', at]))),
    ).toBe(3)
    expect(levelFor(lessons[0]!, learner(['one', 'right', at], ['one', 'weak', at]))).toBe(1)
  })
})
