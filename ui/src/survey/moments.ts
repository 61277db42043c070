import type { Schemas } from '../api/client'
import { phrase } from './phrase'

type Moment = Schemas['PhotoView']['moment']

export const moments: { value: Moment; label: string; hint: string }[] = [
  { value: 'found', label: phrase('as-found'), hint: phrase('before-anything-is-done') },
  { value: 'test-spot', label: phrase('test-spot'), hint: phrase('the-hidden-place-and-its') },
  { value: 'half-and-half', label: phrase('half-and-half'), hint: phrase('taped-line-between-cleaned-and') },
  { value: 'cloth', label: phrase('cloth'), hint: phrase('what-came-off') },
  { value: 'done', label: phrase('done'), hint: phrase('dry-levelled-settled') },
]

export const pictureOf = (job: string, photo: string, small: boolean) =>
  `/api/v1/jobs/${job}/photos/${photo}/picture${small ? '?small=true' : ''}`
