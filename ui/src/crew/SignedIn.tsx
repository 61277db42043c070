import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api } from '../api/client'
import { Button } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { when, placed } from '../parts/words'
import { ownSessionsQuery } from './crewQueries'
import { phrase } from './phrase'

/** Where I am signed in, each ended by itself. */
export function SignedIn() {
  const client = useQueryClient()
  const sessions = useQuery(ownSessionsQuery)
  const end = useMutation({
    mutationFn: (handle: string) =>
      api.DELETE('/api/v1/crew/me/sessions/{handle}', { params: { path: { handle } } }),
    onSettled: () => void client.invalidateQueries({ queryKey: ownSessionsQuery.queryKey }),
  })
  if (sessions.isError) return <Trouble error={sessions.error} again={() => void sessions.refetch()} />
  const elsewhere = sessions.data?.filter((s) => !s.here) ?? []
  return (
    <details>
      <summary className="flex min-h-11 cursor-pointer items-center font-semibold">
        {placed(phrase('where-i-am-signed-in'), sessions.data?.length)}
      </summary>
      <ul className="divide-y divide-line" aria-label={phrase('where-i-am-signed-in')}>
        <li className="flex min-h-11 items-center">{phrase('here')}</li>
        {elsewhere.map((s) => (
          <li key={s.handle} className="flex items-center justify-between gap-2 py-1">
            <span>
              <span className="block">{s.device}</span>
              <span className="text-note text-faint">{phrase('last-used', { at: when(s.seen) })}</span>
            </span>
            <Button
              aria-label={phrase('sign-out-at', { device: s.device })}
              disabled={end.isPending}
              onClick={() => end.mutate(s.handle)}
            >
              {phrase('sign-out')}
            </Button>
          </li>
        ))}
      </ul>
    </details>
  )
}
