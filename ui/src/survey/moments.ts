import type { Schemas } from '../api/client'
import { phrase } from './phrase'

type Moment = Schemas['PhotoView']['moment']

export const moments: { value: Moment; label: string; hint: string }[] = [
  { value: 'FOUND', label: phrase('as-found'), hint: phrase('before-anything-is-done') },
  { value: 'TEST_SPOT', label: phrase('test-spot'), hint: phrase('the-hidden-place-and-its') },
  { value: 'HALF_AND_HALF', label: phrase('half-and-half'), hint: phrase('taped-line-between-cleaned-and') },
  { value: 'CLOTH', label: phrase('cloth'), hint: phrase('what-came-off') },
  { value: 'DONE', label: phrase('done'), hint: phrase('dry-levelled-settled') },
]

export const pictureOf = (job: string, photo: string, small: boolean) =>
  `/api/v1/jobs/${job}/photos/${photo}/picture${small ? '?small=true' : ''}`
