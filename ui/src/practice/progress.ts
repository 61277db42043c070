import { createEmptyCard, fsrs, Rating, type Grade } from 'ts-fsrs'
import { dateOf } from '../api/clock'
import type { Learner, Lesson, Mark } from './words'

/** The published scheduler FSRS: what was right comes back after longer and longer, the rest soon. */
const scheduler = fsrs({ enable_fuzz: false, enable_short_term: false })

const grades: Record<Mark, Grade> = {
  right: Rating.Good,
  weak: Rating.Hard,
  harsh: Rating.Again,
  dangerous: Rating.Again,
}

export type Standing = { lesson: Lesson; passed: boolean; tries: number; dueMs: number | undefined }

/** How each lesson stands with somebody: worked out anew from all they answered, in its order. */
export function standings(lessons: Lesson[], learner: Learner | undefined): Standing[] {
  return lessons.map((lesson) => {
    const own = (learner?.answers ?? []).filter((a) => a.lesson === lesson.id)
    const days = lastOfEachDay(own)
    let card = createEmptyCard(days[0] && dateOf(days[0].at))
    for (const answer of days) card = scheduler.next(card, dateOf(answer.at), grades[answer.mark]).card
    return {
      lesson,
      passed: learner?.passed.includes(lesson.id) ?? false,
      tries: own.length,
      dueMs: own.length > 0 ? card.due.getTime() : undefined,
    }
  })
}

/** Many answers of one day are one repetition: its worst, since that is what has to come back. */
function lastOfEachDay(answers: Learner['answers']) {
  const byDay = new Map<string, Learner['answers'][number]>()
  for (const answer of answers) {
    const day = answer.at.slice(0, 10)
    const before = byDay.get(day)
    if (!before || grades[answer.mark] < grades[before.mark]) byDay.set(day, answer)
  }
  return [...byDay.values()]
}

/** What to train next: what has come due longest ago, then the first that is not passed. */
export function nextUp(all: Standing[], nowMs: number): { standing: Standing; due: boolean } | undefined {
  const due = all
    .filter((s) => s.dueMs !== undefined && s.dueMs <= nowMs)
    .sort((a, b) => a.dueMs! - b.dueMs!)[0]
  if (due) return { standing: due, due: true }
  const open = all.find((s) => !s.passed)
  return open && { standing: open, due: false }
}

/** The level of the next exercise: one up for each right in a row, and down again after a wrong one. */
export function levelFor(lesson: Lesson, learner: Learner | undefined): number {
  const own = (learner?.answers ?? []).filter((a) => a.lesson === lesson.id)
  const lastWrong = own.map((a) => a.mark === 'right').lastIndexOf(false)
  return Math.min(lesson.level, 1 + own.slice(lastWrong + 1).length)
}
