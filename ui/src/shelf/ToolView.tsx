import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { type FormEvent } from 'react'
import { useNavigate, useParams, useSearchParams } from 'react-router'
import { api, need, type Schemas } from '../api/client'
import { clothsQuery, toolQuery } from '../api/queries'
import { Loading, PageTrouble, Trouble } from '../parts/Notice'
import { SaveLine } from '../parts/SaveLine'
import { WhyNotLinks } from './WhyNotLinks'
import { ClothCard } from './Cloths'
import { faultAt, faultsOf, filledIn } from './record'
import { RecordHead } from './RecordHead'
import { ToolFields } from './ToolFields'
import { Conflict } from './Conflict'
import { isConflict, useRecord } from './useRecord'
import { phrase } from './phrase'

type Tool = Schemas['ToolFile']
const blank: Tool = { id: '', name: '', kind: 'brush', stiffness: 3, reach: 'fine' }
export function ToolView() {
  const { id } = useParams()
  const [query] = useSearchParams()
  const from = query.get('like') ?? undefined
  const wanted = id ?? from
  const tool = useQuery({ ...toolQuery(wanted ?? ''), enabled: wanted !== undefined })
  if (wanted !== undefined && tool.isPending) return <Loading what={phrase('fetching-the-tool')} />
  if (tool.isError) return <PageTrouble error={tool.error} again={() => void tool.refetch()} />
  const start = id
    ? tool.data?.record
    : tool.data && { ...tool.data.record, id: '', name: phrase('copy', { name: tool.data.record.name }) }
  return <ToolForm key={id ?? 'new'} known={id ? tool.data : undefined} start={start ?? blank} />
}

function ToolForm({ known, start }: { known: Schemas['ToolView'] | undefined; start: Tool }) {
  const client = useQueryClient()
  const navigate = useNavigate()
  const cloths = useQuery(clothsQuery)
  const { base, draft, set, take } = useRecord<Tool>(known, start)
  const record = filledIn(draft)
  const fresh = () => void client.invalidateQueries({ queryKey: ['shelf'] })
  const save = useMutation({
    mutationFn: (earlier: number | undefined) =>
      need(
        known
          ? api.PUT('/api/v1/shelf/tools/{id}', {
              params: { path: { id: known.record.id }, query: { earlier } },
              body: record,
            })
          : api.POST('/api/v1/shelf/tools', { body: record }),
      ),
    onSuccess: (saved) => {
      take(saved)
      client.setQueryData(toolQuery(saved.record.id).queryKey, saved)
      fresh()
      void client.invalidateQueries({ queryKey: ['job'] })
      if (!known) void navigate(`/shelf/tools/${saved.record.id}`, { replace: true })
    },
  })
  const theirs = useQuery({
    queryKey: ['shelf', 'theirs', known?.record.id, save.submittedAt],
    queryFn: () =>
      need(api.GET('/api/v1/shelf/tools/{id}', { params: { path: { id: known?.record.id ?? '' } } })),
    enabled: isConflict(save.error),
  })
  const archive = useMutation({
    mutationFn: (away: boolean) =>
      need(
        api.POST('/api/v1/shelf/tools/{id}/archived', {
          params: { path: { id: known?.record.id ?? '' }, query: { away } },
        }),
      ),
    onSuccess: fresh,
  })
  const at = (field: string) => faultAt(faultsOf(save.error), field)
  const changed = JSON.stringify(record) !== JSON.stringify(filledIn(base?.record ?? start)) || !known
  const cloth = known && cloths.data?.find((c) => c.toolId === known.record.id)
  const submit = (event: FormEvent) => {
    event.preventDefault()
    save.mutate(base?.earlier)
  }
  return (
    <div className="mx-auto grid w-full max-w-5xl gap-5 p-3 md:grid-cols-[1.4fr_1fr] md:p-5">
      <form onSubmit={submit} className="grid content-start gap-4">
        <RecordHead
          name={known ? known.record.name : 'New tool or cloth'}
          like={known && `/shelf/tools/new?like=${known.record.id}`}
          archived={known?.archived ?? false}
          busy={archive.isPending}
          onArchive={() => archive.mutate(!known?.archived)}
        />
        <ToolFields draft={draft} set={set} at={at} />
        {save.error && !theirs.data && <Trouble error={save.error} />}
        {known && theirs.data && (
          <Conflict
            mine={record}
            theirs={filledIn(theirs.data.record)}
            busy={save.isPending}
            onMine={() => save.mutate(theirs.data.earlier)}
            onTheirs={() => {
              take(theirs.data)
              save.reset()
            }}
          />
        )}
        <SaveLine
          label={known ? phrase('save') : phrase('put-it-on-the-shelf')}
          disabled={save.isPending || !changed || draft.name.trim() === ''}
          says={known && !changed && phrase('saved')}
        />
      </form>
      {known && (
        <div className="grid content-start gap-4">
          {cloth && <ClothCard cloth={cloth} />}
          {known.scrubs && <WhyNotLinks itemId={known.record.id} />}
        </div>
      )}
    </div>
  )
}
