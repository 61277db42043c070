import { useQueryClient } from '@tanstack/react-query'
import type { Schemas } from './client'
import { jobQuery } from './queries'

/** Puts a job as the server has it now in place, and has all that follows from it asked for again. */
export function useJobSettled() {
  const client = useQueryClient()
  return (fresh: Schemas['JobDetail']) => {
    client.setQueryData(jobQuery(fresh.id).queryKey, fresh)
    void client.invalidateQueries({
      queryKey: ['job', fresh.id],
      predicate: (q) => q.queryKey.length > 2,
    })
    void client.invalidateQueries({ queryKey: ['day'] })
  }
}
