import type { Schemas } from '../api/client'
import { phrase } from './phrase'

export type Lesson = Schemas['LessonView']
export type Learner = Schemas['LearnerView']
export type Exercise = Schemas['ExerciseView']
export type Marked = Schemas['MarkedView']
export type Mark = Marked['mark']
export type Course = Lesson['course']
export type Work = Schemas['GateView']['work']

export const courses: Record<Course, string> = {
  'first-day': phrase('first-day'),
  'wet-work': phrase('cleaning-wet'),
  delicate: phrase('delicate-trim'),
  protect: phrase('caring-and-coating'),
  master: phrase('whole-cars'),
}

export const kinds: Record<Lesson['kind'], string> = {
  tell: phrase('tell-what-it-is'),
  read: phrase('read-the-state'),
  choose: phrase('choose'),
  mix: phrase('mix'),
  pace: phrase('pace'),
  technique: phrase('technique'),
  stop: phrase('stop-or-go-on'),
  plan: phrase('plan'),
  'hand-over': phrase('promise'),
  work: phrase('by-hand'),
  coat: phrase('coat-by-hand'),
}

export const works: Record<Work, string> = {
  coating: phrase('lay-a-coating'),
  rim: phrase('work-a-steering-wheels-rim'),
  aniline: phrase('work-hide-without-a-full'),
}

export const marks: Record<Mark, { says: string; ink: string; bar: string }> = {
  right: { says: phrase('right'), ink: 'text-tune', bar: 'border-l-tune' },
  weak: { says: phrase('no-harm-but-not-it'), ink: 'text-under', bar: 'border-l-under' },
  harsh: { says: phrase('harsher-than-it-need-be'), ink: 'text-care', bar: 'border-l-care' },
  dangerous: { says: phrase('dangerous'), ink: 'text-barred', bar: 'border-l-barred' },
}
