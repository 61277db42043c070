import type { Schemas } from '../api/client'

export type Lesson = Schemas['LessonView']
export type Learner = Schemas['LearnerView']
export type Exercise = Schemas['ExerciseView']
export type Marked = Schemas['MarkedView']
export type Mark = Marked['mark']
export type Course = Lesson['course']
export type Work = Schemas['GateView']['work']

export const courses: Record<Course, string> = {
  FIRST_DAY: 'First day',
  WET_WORK: 'Cleaning wet',
  DELICATE: 'Delicate trim',
  PROTECT: 'Caring and coating',
  MASTER: 'Whole cars',
}

export const kinds: Record<Lesson['kind'], string> = {
  TELL: 'Tell what it is',
  READ: 'Read the state',
  CHOOSE: 'Choose',
  MIX: 'Mix',
  PACE: 'Pace',
  TECHNIQUE: 'Technique',
  STOP: 'Stop or go on',
  PLAN: 'Plan',
  HAND_OVER: 'Promise',
  WORK: 'By hand',
  COAT: 'Coat by hand',
}

export const works: Record<Work, string> = {
  COATING: 'Lay a coating',
  RIM: "Work a steering wheel's rim",
  ANILINE: 'Work hide without a full coat',
}

export const marks: Record<Mark, { says: string; ink: string; bar: string }> = {
  RIGHT: { says: 'Right', ink: 'text-tune', bar: 'border-l-tune' },
  WEAK: { says: 'No harm, but not it', ink: 'text-under', bar: 'border-l-under' },
  HARSH: { says: 'Harsher than it need be', ink: 'text-care', bar: 'border-l-care' },
  DANGEROUS: { says: 'Dangerous', ink: 'text-barred', bar: 'border-l-barred' },
}
