import createClient from 'openapi-fetch'
import { heardTime } from './clock'
import { MEANING } from './meaning'
import { renew } from './renew'
import type { components, paths } from './schema'
import { phrase } from './phrase'

export type Schemas = components['schemas']

export type Fault = { pointer: string; found: string; allowed: string }

/** What went wrong, in words for the user, with every fault the server named. */
export class ApiError extends Error {
  readonly status: number
  readonly faults: Fault[]

  constructor(status: number, detail: string, faults: Fault[]) {
    super(detail)
    this.status = status
    this.faults = faults
  }
}

/** What no later attempt changes: its content or size is at fault, it is not allowed, or its place is gone. */
const FOR_GOOD = [400, 403, 404, 413, 415, 422]

/** Whether the same may yet be taken later: nobody answered, or what stood in its way passes. */
export const canWait = (error: unknown) => error instanceof ApiError && !FOR_GOOD.includes(error.status)

/** What this page takes answers to mean, as the document of the API has it; the server refuses an older one. */
export const OWN_PAGE = { 'Attune-Page': MEANING }

export const api = createClient<paths>({ baseUrl: '/', headers: OWN_PAGE })

let setClock = false
const OLDER_PAGE = 426

/** True where the server was started as if it were another day. */
export const isClockSet = () => setClock

api.use({
  onResponse({ response }) {
    heardTime(response.headers.get('Attune-Now'), response.headers.get('Attune-Clock-Changed'))
    const pair = response.headers.get('Attune-Pair')
    if (pair && window.location.pathname !== pair) window.location.assign(pair)
    setClock ||= response.headers.has('Attune-Clock-Set')
    if (response.status === OLDER_PAGE) void renew()
  },
})

type Answer<T> = { data?: T; error?: unknown; response: Response }

/** The data of an answer, or an ApiError. */
export async function need<T>(answer: Promise<Answer<T>>): Promise<T> {
  let result: Answer<T>
  try {
    result = await answer
  } catch {
    throw new ApiError(0, phrase('attune-does-not-answer-is'), [])
  }
  if (result.data !== undefined) return result.data
  const problem = (result.error ?? {}) as { detail?: string; faults?: Fault[] }
  throw new ApiError(
    result.response.status,
    problem.detail ?? phrase('something-went-wrong'),
    problem.faults ?? [],
  )
}
