// @vitest-environment jsdom
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Bench, Entry } from './run'
import { keepRun, keepWaiting, keptRun, waitingEntries } from './waiting'

afterEach(() => {
  localStorage.clear()
  vi.restoreAllMocks()
})

const entry = (id: string): Entry => ({ id, taskId: 'clean', kind: 'done', at: '2026-05-04T09:00:00' })

describe('what a device keeps of a run', () => {
  it('comes back in its order after a reload, apart for each job', () => {
    keepWaiting('one', [entry('a'), entry('b')])
    keepWaiting('two', [entry('c')])
    expect(waitingEntries('one').map((e) => e.id)).toEqual(['a', 'b'])
    expect(waitingEntries('two').map((e) => e.id)).toEqual(['c'])
    keepWaiting('one', [])
    expect(waitingEntries('one')).toEqual([])
    expect(waitingEntries('two')).toHaveLength(1)
  })

  it('keeps the run with the moment it was heard, so that clocks go on', () => {
    keepRun('one', { bench: { jobId: 'one' } as Bench, heardAt: 1234 })
    expect(keptRun('one')).toEqual({ bench: { jobId: 'one' }, heardAt: 1234 })
    expect(keptRun('two')).toBeUndefined()
  })

  it('goes on without where nothing can be kept, or what was kept cannot be read', () => {
    localStorage.setItem('attune.waiting.one', 'not json')
    expect(waitingEntries('one')).toEqual([])
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new Error('full')
    })
    expect(() => keepWaiting('one', [entry('a')])).not.toThrow()
  })
})
