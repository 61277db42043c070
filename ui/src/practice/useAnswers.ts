import { useQueryClient, type QueryClient } from '@tanstack/react-query'
import { useEffect, useSyncExternalStore } from 'react'
import { ApiError, api, canWait, need, type Schemas } from '../api/client'
import { learnerQuery } from '../api/queries'
import { kept } from '../parts/kept'
import { phrase } from './phrase'

export type Answer = Schemas['AnswerRequest']

const key = 'attune.practice.waiting'
const listeners = new Set<() => void>()

const refusedKey = 'attune.practice.refused'
const brokenKey = 'attune.practice.broken'

function read<T>(from: string): T[] {
  const text = kept.get(from)
  if (!text) return []
  try {
    const found: unknown = JSON.parse(text)
    if (Array.isArray(found)) return found as T[]
  } catch {
    // told below
  }
  kept.set(brokenKey, text) // nobody can read it here, and nothing of it is thrown away
  kept.set(from, undefined)
  return []
}

const waiting = () => read<Answer>(key)

/** What a server would not count, and why, until somebody has read it. */
export type Refused = { lesson: string; why: string }

function refuse(answer: Answer, error: unknown) {
  const another = error instanceof ApiError && error.faults.some((f) => f.pointer === '/fingerprint')
  const why = another
    ? phrase('the-shelf-or-the-house')
    : error instanceof Error
      ? error.message
      : phrase('it-could-not-be-counted')
  kept.set(refusedKey, JSON.stringify([...read<Refused>(refusedKey), { lesson: answer.lesson, why }]))
}

function keep(answers: Answer[]) {
  kept.set(key, answers.length > 0 ? JSON.stringify(answers) : undefined)
  listeners.forEach((listener) => listener())
}

const listen = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

async function post(client: QueryClient, answer: Answer) {
  const marked = await need(api.POST('/api/v1/training/answers', { body: answer }))
  void client.invalidateQueries({ queryKey: learnerQuery(answer.person).queryKey })
  return marked
}

/** Sends what waits, in its order; what the server does not count is told. */
async function flush(client: QueryClient) {
  for (const answer of waiting()) {
    try {
      await post(client, answer)
    } catch (error) {
      if (canWait(error)) return
      refuse(answer, error)
    }
    keep(waiting().filter((a) => a.id !== answer.id))
  }
}

/** Sends answers; what finds no line is kept on this device and sent, once, when it is back. */
export function useAnswers() {
  const client = useQueryClient()
  const waits = useSyncExternalStore(listen, () => waiting().length)
  useEffect(() => {
    const back = () => void flush(client)
    back()
    window.addEventListener('online', back)
    return () => window.removeEventListener('online', back)
  }, [client])

  /** The mark, or nothing where there is no line: then it is kept. */
  const send = async (answer: Answer) => {
    try {
      return await post(client, answer)
    } catch (error) {
      if (!canWait(error)) throw error
      keep([...waiting(), answer])
      return undefined
    }
  }
  return { send, waits }
}

/** Answers that were not counted, and whether what waited here could not be read. */
export function useRefused() {
  const text = useSyncExternalStore(
    listen,
    () => `${kept.get(refusedKey) ?? ''} ${kept.get(brokenKey) ?? ''}`,
  )
  const forget = () => {
    kept.set(refusedKey, undefined)
    kept.set(brokenKey, undefined)
    listeners.forEach((listener) => listener())
  }
  return { refused: text ? read<Refused>(refusedKey) : [], broken: Boolean(kept.get(brokenKey)), forget }
}
