import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { type FormEvent } from 'react'
import { useNavigate, useParams, useSearchParams } from 'react-router'
import { api, need, type Schemas } from '../api/client'
import { clothsQuery, toolQuery } from '../api/queries'
import { type Option } from '../parts/choices'
import { AnyOf, Button, ButtonLink, OneOf, TextField, Tick } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { WhyNotLinks } from './WhyNotLinks'
import { ClothCard } from './Cloths'
import { Amount, faultAt, faultsOf, filledIn, three } from './record'
import { Conflict } from './Conflict'
import { Said } from './Said'
import { isConflict, useRecord } from './useRecord'
import * as words from './shelfWords'

type Tool = Schemas['ToolFile']
const blank: Tool = { id: '', name: '', kind: 'brush', stiffness: 3, reach: 'fine' }
const droplets: Option<NonNullable<Schemas['ToolFile']['throwsDroplets']>>[] = [
  { value: 'none', label: 'None', hint: 'Hugs the hand' },
  { value: 'some', label: 'Some', hint: 'Shield what lies beside' },
  { value: 'much', label: 'Much', hint: 'Long bristles flick dirty cleaner about' },
]
const reaches = (['smooth', 'fine', 'medium', 'deep'] as const).map((value) => ({ value, label: value }))

export function ToolView() {
  const { id } = useParams()
  const [query] = useSearchParams()
  const from = query.get('like') ?? undefined
  const wanted = id ?? from
  const tool = useQuery({ ...toolQuery(wanted ?? ''), enabled: wanted !== undefined })
  if (wanted !== undefined && tool.isPending) return <Loading what="the tool" />
  if (tool.isError)
    return (
      <div className="p-4">
        <Trouble error={tool.error} again={() => void tool.refetch()} />
      </div>
    )
  const start = id
    ? tool.data?.record
    : tool.data && { ...tool.data.record, id: '', name: `${tool.data.record.name}, copy` }
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
  const stiffness = draft.stiffness ?? 0
  return (
    <div className="mx-auto grid w-full max-w-5xl gap-5 p-3 md:grid-cols-[1.4fr_1fr] md:p-5">
      <form onSubmit={submit} className="grid content-start gap-4">
        <div className="flex flex-wrap items-end justify-between gap-2">
          <h1 className="text-head">{known ? known.record.name : 'New tool or cloth'}</h1>
          {known && (
            <div className="flex flex-wrap gap-2">
              <ButtonLink to={`/shelf/tools/new?like=${known.record.id}`}>Duplicate</ButtonLink>
              <Button onClick={() => archive.mutate(!known.archived)} disabled={archive.isPending}>
                {known.archived ? 'Back on the shelf' : 'Archive'}
              </Button>
            </div>
          )}
        </div>
        <TextField
          label="Name"
          value={draft.name}
          onChange={(name) => set({ name })}
          maxLength={120}
          fault={at('name')}
          required
        />
        <OneOf label="Kind" value={draft.kind} options={words.kinds} onChange={(kind) => set({ kind })} />
        <label className="grid gap-1">
          <span className="narrow text-note font-semibold text-faint">Stiffness, 0 to 9</span>
          <input
            type="range"
            min={0}
            max={9}
            value={stiffness}
            className="min-h-11 w-full accent-needle"
            aria-valuetext={words.stiffnesses[stiffness]}
            onChange={(e) => set({ stiffness: Number(e.target.value) })}
          />
          <span className="text-do font-semibold">{words.stiffnesses[stiffness]}</span>
        </label>
        <OneOf
          label="Reaches into grain"
          value={draft.reach}
          options={reaches}
          onChange={(reach) => set({ reach })}
        />
        <OneOf
          label="Throws droplets"
          value={draft.throwsDroplets ?? 'none'}
          options={droplets}
          onChange={(throwsDroplets) => set({ throwsDroplets })}
        />
        <div className="grid items-end gap-4 sm:grid-cols-3">
          <Said label="Abrasive" value={draft.abrasive} onChange={(abrasive) => set({ abrasive })} />
          <Said label="Dyed" value={draft.dyed} onChange={(dyed) => set({ dyed })} />
          <Tick
            label="Barrier-backed"
            checked={draft.barrierBacked ?? false}
            onChange={(barrierBacked) => set({ barrierBacked: barrierBacked || undefined })}
          />
        </div>
        <AnyOf
          label="Kept for"
          value={draft.suits ?? []}
          options={words.suits}
          onChange={(suits) => set({ suits: suits.length > 0 ? suits : undefined })}
        />
        <div className={three}>
          <Amount
            label="Lies on at once, cm²"
            value={draft.contactCm2}
            onChange={(contactCm2) => set({ contactCm2 })}
            fault={at('contactCm2')}
          />
          <Amount
            label="Keeps of a product, ml"
            value={draft.retainsMl}
            onChange={(retainsMl) => set({ retainsMl })}
            fault={at('retainsMl')}
          />
          <Amount
            label="Washed, times"
            value={draft.timesWashed}
            onChange={(timesWashed) => set({ timesWashed })}
            fault={at('timesWashed')}
          />
          <Amount
            label="How many"
            value={draft.count}
            onChange={(count) => set({ count })}
            fault={at('count')}
          />
        </div>
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
        <div className="flex flex-wrap items-center gap-3">
          <Button
            type="submit"
            weight="main"
            disabled={save.isPending || !changed || draft.name.trim() === ''}
          >
            {known ? 'Save' : 'Put it on the shelf'}
          </Button>
          <span role="status" className="text-note text-faint">
            {known && !changed && 'Saved'}
          </span>
        </div>
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
