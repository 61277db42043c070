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
  FIRST_DAY: phrase('first-day'),
  WET_WORK: phrase('cleaning-wet'),
  DELICATE: phrase('delicate-trim'),
  PROTECT: phrase('caring-and-coating'),
  MASTER: phrase('whole-cars'),
}

export const kinds: Record<Lesson['kind'], string> = {
  TELL: phrase('tell-what-it-is'),
  READ: phrase('read-the-state'),
  CHOOSE: phrase('choose'),
  MIX: phrase('mix'),
  PACE: phrase('pace'),
  TECHNIQUE: phrase('technique'),
  STOP: phrase('stop-or-go-on'),
  PLAN: phrase('plan'),
  HAND_OVER: phrase('promise'),
  WORK: phrase('by-hand'),
  COAT: phrase('coat-by-hand'),
}

export const works: Record<Work, string> = {
  COATING: phrase('lay-a-coating'),
  RIM: phrase('work-a-steering-wheels-rim'),
  ANILINE: phrase('work-hide-without-a-full'),
}

export const marks: Record<Mark, { says: string; ink: string; bar: string }> = {
  RIGHT: { says: phrase('right'), ink: 'text-tune', bar: 'border-l-tune' },
  WEAK: { says: phrase('no-harm-but-not-it'), ink: 'text-under', bar: 'border-l-under' },
  HARSH: { says: phrase('harsher-than-it-need-be'), ink: 'text-care', bar: 'border-l-care' },
  DANGEROUS: { says: phrase('dangerous'), ink: 'text-barred', bar: 'border-l-barred' },
}
