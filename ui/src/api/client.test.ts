import { expect, it } from 'vitest'
import { ApiError, canWait } from './client'
import { MEANING } from './meaning'

const documents = import.meta.glob<{ info: { version: string } }>('../../../app/openapi.json', {
  eager: true,
  import: 'default',
})

it('a page knows answers as the document of the API means them', () => {
  expect(Object.values(documents).map((api) => api.info.version)).toEqual([MEANING])
})

it('what is sent waits until it can be taken, unless it never can', () => {
  const waits = (status: number) => canWait(new ApiError(status, '', []))
  expect([0, 401, 409, 426, 500, 503, 507].filter((status) => !waits(status))).toEqual([])
  expect([400, 403, 404, 413, 415, 422].filter(waits)).toEqual([])
  expect(canWait(new Error('a fault of our own'))).toBe(false)
})
