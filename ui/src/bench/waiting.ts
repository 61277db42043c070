import { RUN } from '../api/meaning'
import type { Bench, Entry } from './run'

/** What a device keeps of a run, so that it goes on through a lost connection and a reload. */
const runKey = (id: string) => RUN + id
const waitingKey = (id: string) => `attune.waiting.${id}`

export type Kept = { bench: Bench; heardAt: number }

const refusedKey = (id: string) => `attune.refused.${id}`

const read = <T>(key: string): T | undefined => {
  try {
    const text = localStorage.getItem(key)
    return text === null ? undefined : (JSON.parse(text) as T)
  } catch {
    return undefined
  }
}

const write = (key: string, value: unknown) => {
  try {
    localStorage.setItem(key, JSON.stringify(value))
  } catch {
    // full or forbidden: it goes on without
  }
}

export const keptRun = (id: string) => read<Kept>(runKey(id))
export const keepRun = (id: string, kept: Kept) => write(runKey(id), kept)

/** Entries the server has not taken yet, in their order. */
export const waitingEntries = (id: string) => read<Entry[]>(waitingKey(id)) ?? []
export const keepWaiting = (id: string, entries: Entry[]) => write(waitingKey(id), entries)

/** An entry the server can make nothing of, with what it said: kept until somebody has read it. */
export type RefusedEntry = { entry: Entry; why: string }

export const refusedEntries = (id: string) => read<RefusedEntry[]>(refusedKey(id)) ?? []
export const keepRefused = (id: string, entries: RefusedEntry[]) => write(refusedKey(id), entries)
