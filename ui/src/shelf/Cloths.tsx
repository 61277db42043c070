import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, need, type Schemas } from '../api/client'
import { clothsQuery } from '../api/queries'
import { AnyOf, Button, TextField } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { Say, say } from '../parts/words'
import { Amount } from './record'
import { allOf } from '../words/lists'
import { phrase } from './phrase'

type Cloth = Schemas['ClothView']
const uses = [
  { value: 'cleaning', label: phrase('cleaning') },
  { value: 'levelling', label: phrase('levelling') },
  { value: 'coating', label: phrase('coating') },
]

/** Every cloth, sponge and applicator, and where its pieces are. */
export function Cloths() {
  const cloths = useQuery(clothsQuery)
  if (cloths.isPending) return <Loading what={phrase('fetching-cloths')} />
  if (cloths.isError) return <Trouble error={cloths.error} again={() => void cloths.refetch()} />
  return (
    <div className="grid gap-3 md:grid-cols-2">
      {cloths.data.map((c) => (
        <ClothCard key={c.toolId} cloth={c} />
      ))}
    </div>
  )
}

export function ClothCard({ cloth }: { cloth: Cloth }) {
  const client = useQueryClient()
  const [pieces, setPieces] = useState<number | undefined>(1)
  const [editing, setEditing] = useState(false)
  const fresh = () => void client.invalidateQueries({ queryKey: ['shelf'] })
  const path = { params: { path: { toolId: cloth.toolId } } }
  const step = useMutation({
    mutationFn: (event: Schemas['ClothStep']['event']) =>
      need(
        api.POST('/api/v1/shelf/cloths/{toolId}/pieces', {
          ...path,
          body: { event, pieces: event === 'washed' ? cloth.toWash : (pieces ?? 0) },
        }),
      ),
    onSuccess: fresh,
  })
  return (
    <article aria-label={cloth.name} className="lying grid content-start gap-2 p-3">
      <div className="flex items-start justify-between gap-3">
        <div>
          <h2 className="text-do">{Say(cloth.name)}</h2>
          <p className="text-note text-faint">
            {[
              cloth.colour,
              cloth.dyed ? phrase('dyed-washed-times', { timesWashed: cloth.timesWashed }) : phrase('undyed'),
              phrase('faces', { faces: cloth.faces }),
              allOf(cloth.uses.map(say)),
            ]
              .filter(Boolean)
              .join(' · ')}
          </p>
          {!cloth.colourfast && <p className="font-semibold text-care">{phrase('not-on-pale-trim-the')}</p>}
        </div>
        <Button weight="quiet" className="px-1" onClick={() => setEditing(!editing)} aria-expanded={editing}>
          {phrase('change')}
        </Button>
      </div>
      {editing && (
        <ClothForm
          cloth={cloth}
          onDone={() => {
            setEditing(false)
            fresh()
          }}
        />
      )}
      <dl className="grid grid-cols-3">
        {(
          [
            [phrase('clean'), cloth.clean],
            [phrase('to-wash'), cloth.toWash],
            [phrase('thrown'), cloth.thrown],
          ] as const
        ).map(([label, n]) => (
          <div key={label}>
            <dt className="text-note text-faint">{label}</dt>
            <dd className="text-do font-semibold">{n}</dd>
          </div>
        ))}
      </dl>
      <div className="grid grid-cols-[5rem_1fr] items-end gap-2">
        <Amount label={phrase('pieces')} value={pieces} onChange={setPieces} />
        <div className="flex flex-wrap gap-1.5">
          <Button onClick={() => step.mutate('used')} disabled={step.isPending || !pieces}>
            {phrase('used')}
          </Button>
          <Button onClick={() => step.mutate('thrown')} disabled={step.isPending || !pieces}>
            {phrase('thrown-away')}
          </Button>
          <Button onClick={() => step.mutate('washed')} disabled={step.isPending || cloth.toWash === 0}>
            {phrase('all-washed')}
          </Button>
        </div>
      </div>
      {step.error && <Trouble error={step.error} />}
    </article>
  )
}

function ClothForm({ cloth, onDone }: { cloth: Cloth; onDone: () => void }) {
  const [colour, setColour] = useState(cloth.colour ?? '')
  const [faces, setFaces] = useState<number | undefined>(cloth.faces)
  const [kept, setKept] = useState<string[]>(cloth.uses)
  const save = useMutation({
    mutationFn: () =>
      need(
        api.PUT('/api/v1/shelf/cloths/{toolId}', {
          params: { path: { toolId: cloth.toolId } },
          body: { colour: colour || undefined, faces: faces ?? 0, uses: kept as Cloth['uses'] },
        }),
      ),
    onSuccess: onDone,
  })
  return (
    <div className="grid gap-3 border-y border-line py-3">
      <div className="grid grid-cols-2 gap-3">
        <TextField label={phrase('colour')} value={colour} onChange={setColour} maxLength={40} />
        <Amount label={phrase('faces-folded')} value={faces} onChange={setFaces} />
      </div>
      <AnyOf label={phrase('kept-for')} value={kept} options={uses} onChange={setKept} />
      {save.error && <Trouble error={save.error} />}
      <Button
        weight="main"
        className="justify-self-start"
        onClick={() => save.mutate()}
        disabled={save.isPending}
      >
        {phrase('save')}
      </Button>
    </div>
  )
}
