import { useQueryClient, type QueryClient } from '@tanstack/react-query'
import { useEffect, useSyncExternalStore } from 'react'
import { ApiError, api, need, type Schemas } from '../api/client'
import { learnerQuery } from '../api/queries'
import { kept } from '../parts/kept'

export type Answer = Schemas['AnswerRequest']

const key = 'attune.practice.waiting'
const listeners = new Set<() => void>()

function waiting(): Answer[] {
  try {
    return JSON.parse(kept.get(key) ?? '[]') as Answer[]
  } catch {
    return [] // a broken note is no answer
  }
}

function keep(answers: Answer[]) {
  kept.set(key, answers.length > 0 ? JSON.stringify(answers) : undefined)
  listeners.forEach((listener) => listener())
}

const listen = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

const isCut = (error: unknown) => error instanceof ApiError && error.status === 0

async function post(client: QueryClient, answer: Answer) {
  const marked = await need(api.POST('/api/v1/training/answers', { body: answer }))
  void client.invalidateQueries({ queryKey: learnerQuery(answer.person).queryKey })
  return marked
}

/** Sends what waits, in its order; what no server can take is let go. */
async function flush(client: QueryClient) {
  for (const answer of waiting()) {
    try {
      await post(client, answer)
    } catch (error) {
      if (isCut(error)) return
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
      if (!isCut(error)) throw error
      keep([...waiting(), answer])
      return undefined
    }
  }
  return { send, waits }
}
