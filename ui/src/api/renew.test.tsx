import { afterEach, expect, it, vi } from 'vitest'
import { READS, RUN } from './meaning'
import { forgetOlder } from './renew'

afterEach(() => vi.unstubAllGlobals())

it('what was read under an older meaning goes, what was told and is not taken yet stays', async () => {
  const caches = new Set(['attune-reads', 'attune-reads-1', READS, 'workbox-precache'])
  vi.stubGlobal('caches', {
    keys: () => Promise.resolve([...caches]),
    delete: (name: string) => Promise.resolve(caches.delete(name)),
  })
  for (const key of ['attune.run.a', 'attune.run-1.a', `${RUN}a`, 'attune.waiting.a', 'attune.refused.a'])
    localStorage.setItem(key, '{}')
  await forgetOlder()
  expect(Object.keys(localStorage).sort()).toEqual(['attune.refused.a', `${RUN}a`, 'attune.waiting.a'].sort())
  expect([...caches]).toEqual([READS, 'workbox-precache'])
})
