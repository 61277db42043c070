import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, need, type Schemas } from '../api/client'
import { clothsQuery } from '../api/queries'
import { AnyOf, Button, TextField } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { plural, Say } from '../parts/words'
import { Amount } from './record'

type Cloth = Schemas['ClothView']
const uses = [
  { value: 'CLEANING', label: 'Cleaning' },
  { value: 'LEVELLING', label: 'Levelling' },
  { value: 'COATING', label: 'Coating' },
]

/** Every cloth, sponge and applicator, and where its pieces are. */
export function Cloths() {
  const cloths = useQuery(clothsQuery)
  if (cloths.isPending) return <Loading what="cloths" />
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
          body: { event, pieces: event === 'WASHED' ? cloth.toWash : (pieces ?? 0) },
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
              cloth.dyed ? `dyed, washed ${plural(cloth.timesWashed, 'time')}` : 'undyed',
              plural(cloth.faces, 'face'),
              cloth.uses.map((u) => u.toLowerCase()).join(', '),
            ]
              .filter(Boolean)
              .join(' · ')}
          </p>
          {!cloth.colourfast && (
            <p className="font-semibold text-care">Not on pale trim: the dye may still bleed</p>
          )}
        </div>
        <Button weight="quiet" className="px-1" onClick={() => setEditing(!editing)} aria-expanded={editing}>
          Change
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
            ['Clean', cloth.clean],
            ['To wash', cloth.toWash],
            ['Thrown', cloth.thrown],
          ] as const
        ).map(([label, n]) => (
          <div key={label}>
            <dt className="text-note text-faint">{label}</dt>
            <dd className="text-do font-semibold">{n}</dd>
          </div>
        ))}
      </dl>
      <div className="grid grid-cols-[5rem_1fr] items-end gap-2">
        <Amount label="Pieces" value={pieces} onChange={setPieces} />
        <div className="flex flex-wrap gap-1.5">
          <Button onClick={() => step.mutate('USED')} disabled={step.isPending || !pieces}>
            Used
          </Button>
          <Button onClick={() => step.mutate('THROWN')} disabled={step.isPending || !pieces}>
            Thrown away
          </Button>
          <Button onClick={() => step.mutate('WASHED')} disabled={step.isPending || cloth.toWash === 0}>
            All washed
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
        <TextField label="Colour" value={colour} onChange={setColour} maxLength={40} />
        <Amount label="Faces, folded" value={faces} onChange={setFaces} />
      </div>
      <AnyOf label="Kept for" value={kept} options={uses} onChange={setKept} />
      {save.error && <Trouble error={save.error} />}
      <Button
        weight="main"
        className="justify-self-start"
        onClick={() => save.mutate()}
        disabled={save.isPending}
      >
        Save
      </Button>
    </div>
  )
}
