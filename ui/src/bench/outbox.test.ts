// @vitest-environment jsdom
import { afterEach, describe, expect, it } from 'vitest'
import { ApiError, type Schemas } from '../api/client'
import { Outbox } from './outbox'
import type { Bench, Entry } from './run'
import { refusedEntries, waitingEntries } from './waiting'

afterEach(() => localStorage.clear())

const entry = (id: string): Entry => ({ id, taskId: 'clean', kind: 'done', at: '2026-05-04T09:00:00' })
const run = { jobId: 'one' } as Bench
const ids = (entries: Entry[]) => entries.map((e) => e.id)
const fails = (status: number) => new ApiError(status, `No: ${status}`, [])

/** An outbox to a server that takes each batch or throws, and what came in there. */
function to(answers: (batch: string[]) => void) {
  const came: string[][] = []
  const outbox = new Outbox(
    'one',
    (batch) => {
      answers(ids(batch))
      came.push(ids(batch))
      const told: Schemas['ToldView'] = { run, remarks: [{ id: batch[0]!.id, says: 'Done here.' }] }
      return Promise.resolve(told)
    },
    () => {},
  )
  return { outbox, came }
}

describe('what was told and not taken yet', () => {
  it('goes out together, in its order, and is kept no longer', async () => {
    const { outbox, came } = to(() => {})
    outbox.put([entry('a'), entry('b')])
    await expect.poll(() => outbox.stands().waiting).toEqual([])
    expect(came).toEqual([['a', 'b']])
    expect(waitingEntries('one')).toEqual([])
    expect(outbox.stands()).toMatchObject({ cut: false, held: undefined, remark: 'Done here.' })
  })

  it('waits while nobody answers, and goes out once when somebody does', async () => {
    let off = true
    const { outbox, came } = to(() => {
      if (off) throw fails(0)
    })
    outbox.put([entry('a')])
    await expect.poll(() => outbox.stands().cut).toBe(true)
    expect(ids(waitingEntries('one'))).toEqual(['a'])
    off = false
    await outbox.flush()
    expect(came).toEqual([['a']])
    expect(outbox.stands().cut).toBe(false)
  })

  it.each([409, 500, 503])(
    'is kept through a %d, with the reason, until somebody lets go of it',
    async (status) => {
      const { outbox } = to(() => {
        throw fails(status)
      })
      outbox.put([entry('a')])
      await expect.poll(() => outbox.stands().held).toBeDefined()
      expect(ids(outbox.stands().waiting)).toEqual(['a'])
      outbox.forget()
      expect(outbox.stands()).toMatchObject({ waiting: [], held: undefined })
      expect(waitingEntries('one')).toEqual([])
    },
  )

  it('goes one by one where one is at fault: that one is put aside, the others go through', async () => {
    const { outbox, came } = to((batch) => {
      if (batch.includes('b')) throw fails(422)
    })
    outbox.put([entry('a'), entry('b'), entry('c')])
    await expect.poll(() => outbox.stands().waiting).toEqual([])
    expect(came).toEqual([['a'], ['c']])
    expect(refusedEntries('one').map((r) => r.entry.id)).toEqual(['b'])
    outbox.forget()
    expect(outbox.stands().refused).toEqual([])
    expect(refusedEntries('one')).toEqual([])
  })

  it('is there again after a reload', () => {
    const { outbox } = to(() => {
      throw fails(0)
    })
    outbox.put([entry('a')])
    expect(ids(to(() => {}).outbox.stands().waiting)).toEqual(['a'])
  })
})
