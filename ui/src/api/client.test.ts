import { expect, it } from 'vitest'
import { MEANING } from './meaning'

const documents = import.meta.glob<{ info: { version: string } }>('../../../app/openapi.json', {
  eager: true,
  import: 'default',
})

it('a page knows answers as the document of the API means them', () => {
  expect(Object.values(documents).map((api) => api.info.version)).toEqual([MEANING])
})
