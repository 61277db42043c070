import { ApiError, type Schemas } from '../api/client'
import type { Bench, Entry } from './run'
import { keepRefused, keepWaiting, refusedEntries, waitingEntries, type RefusedEntry } from './waiting'

/** What can never be taken, however often it is sent: its content is at fault. */
const isFaulty = (error: ApiError) => error.status === 422 || error.status === 400

export const isCut = (error: unknown) => error instanceof ApiError && error.status === 0

export type Standing = {
  /** Told and not acknowledged, in its order. */
  waiting: Entry[]
  /** What the server can make nothing of, until somebody has read it. */
  refused: RefusedEntry[]
  /** Why what waits was not taken; it is tried again. */
  held: string | undefined
  /** What the server said of the last. */
  remark: string | undefined
  /** Whether nobody answers. */
  cut: boolean
}

/**
 * What was told of a run and the server has not taken yet: kept on the device through a lost line
 * and a reload, and sent in its order, each entry once.
 */
export class Outbox {
  private standing: Standing
  private isSending = false
  private readonly listeners = new Set<() => void>()

  constructor(
    private readonly id: string,
    private readonly send: (entries: Entry[]) => Promise<Schemas['ToldView']>,
    private readonly heard: (run: Bench) => void,
  ) {
    this.standing = {
      waiting: waitingEntries(id),
      refused: refusedEntries(id),
      held: undefined,
      remark: undefined,
      cut: false,
    }
  }

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  readonly stands = () => this.standing

  /** Takes in more, and sends what waits. */
  put(entries: Entry[]) {
    this.change({ remark: undefined })
    this.hold([...this.standing.waiting, ...entries])
    void this.flush()
  }

  /** Lets go of what was refused, and of what is held. */
  forget() {
    this.putAside([])
    if (this.standing.held) this.hold([])
    this.change({ held: undefined })
  }

  async flush() {
    if (this.isSending) return
    this.isSending = true
    try {
      await this.empty()
    } finally {
      this.isSending = false
    }
  }

  /** All at once; one by one from the first that is at fault on, so that the others go through. */
  private async empty() {
    let together = true
    while (this.standing.waiting.length > 0) {
      const batch = together ? this.standing.waiting : this.standing.waiting.slice(0, 1)
      try {
        this.taken(batch, await this.send(batch))
      } catch (error) {
        if (!(error instanceof ApiError) || isCut(error)) return this.change({ cut: true })
        if (!isFaulty(error)) return this.change({ held: error.message })
        if (batch.length === 1) this.refuse(batch, error.message)
        together = false
      }
    }
  }

  private taken(batch: Entry[], told: Schemas['ToldView']) {
    this.letGo(batch)
    this.heard(told.run)
    const last = told.remarks.at(-1)
    this.change({ cut: false, held: undefined, ...(last && { remark: last.says }) })
  }

  private refuse(batch: Entry[], why: string) {
    this.putAside([...refusedEntries(this.id), ...batch.map((entry) => ({ entry, why }))])
    this.letGo(batch)
  }

  private letGo(batch: Entry[]) {
    const sent = new Set(batch.map((e) => e.id))
    this.hold(this.standing.waiting.filter((e) => !sent.has(e.id)))
  }

  private hold(waiting: Entry[]) {
    keepWaiting(this.id, waiting)
    this.change({ waiting })
  }

  private putAside(refused: RefusedEntry[]) {
    keepRefused(this.id, refused)
    this.change({ refused })
  }

  private change(part: Partial<Standing>) {
    this.standing = { ...this.standing, ...part }
    this.listeners.forEach((listener) => listener())
  }
}
