import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { api, need, type Schemas } from '../api/client'
import { Button } from '../parts/controls'
import { phrase } from './phrase'

/** What would have to change: each change a button that lays it on the rack. */
export function RemedyList(props: {
  remedies: Schemas['RemedyView'][]
  onTry: (needles: Schemas['Needles']) => void
  put: string
}) {
  return (
    <ul className="grid gap-2">
      {props.remedies.map((r) => (
        <li key={r.text} className="flex flex-wrap items-center gap-x-3 gap-y-1">
          <span className={r.possible ? '' : 'text-faint'}>{r.text}</span>
          {r.needles && (
            <Button className="px-3" onClick={() => r.needles && props.onTry(r.needles)}>
              {props.put}
            </Button>
          )}
        </li>
      ))}
    </ul>
  )
}

/** The single changes that would bring the needles in hand into tune. */
export function Remedies(props: {
  id: string
  revision: number
  surfaceId: string
  needles: Schemas['Needles']
  onTry: (needles: Schemas['Needles']) => void
}) {
  const { id, revision, surfaceId, needles } = props
  const asked = useQuery({
    queryKey: ['why-needles', id, revision, surfaceId, needles],
    queryFn: ({ signal }) =>
      need(
        api.POST('/api/v1/jobs/{id}/surfaces/{surfaceId}/why', {
          params: { path: { id, surfaceId } },
          body: needles,
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })
  if (!asked.data || asked.data.remedies.length === 0) return null
  return (
    <div className="mt-3 border-l-4 border-l-tune pl-3">
      <h3 className="font-semibold">{phrase('what-would-have-to-change')}</h3>
      <RemedyList remedies={asked.data.remedies} onTry={props.onTry} put={phrase('do-it')} />
    </div>
  )
}
