import { useState } from 'react'
import { ApiError } from '../api/client'

type Known<R> = { record: R; earlier: number }

/**
 * A record being edited, on the state it was opened with: what is fetched meanwhile never takes the draft away, and
 * saving on an old state is told.
 */
export function useRecord<R extends object>(known: Known<R> | undefined, start: R) {
  const [base, setBase] = useState(known)
  const [draft, setDraft] = useState<R>(start)
  return {
    base,
    draft,
    set: (part: Partial<R>) => setDraft((before) => ({ ...before, ...part })),
    /** Goes on from a state that was saved. */
    take: (saved: Known<R>) => {
      setBase(saved)
      setDraft(saved.record)
    },
  }
}

export const isConflict = (error: unknown) => error instanceof ApiError && error.status === 409
