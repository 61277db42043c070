import type { Schemas } from '../api/client'

type Moment = Schemas['PhotoView']['moment']

export const moments: { value: Moment; label: string; hint: string }[] = [
  { value: 'FOUND', label: 'As found', hint: 'Before anything is done' },
  { value: 'TEST_SPOT', label: 'Test spot', hint: 'The hidden place and its cloth' },
  { value: 'HALF_AND_HALF', label: 'Half and half', hint: 'Taped line between cleaned and not' },
  { value: 'CLOTH', label: 'Cloth', hint: 'What came off' },
  { value: 'DONE', label: 'Done', hint: 'Dry, levelled, settled' },
]

export const pictureOf = (job: string, photo: string, small: boolean) =>
  `/api/v1/jobs/${job}/photos/${photo}/picture${small ? '?small=true' : ''}`
