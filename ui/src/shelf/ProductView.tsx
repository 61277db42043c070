import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useDeferredValue, useState, type FormEvent } from 'react'
import { useNavigate, useParams, useSearchParams } from 'react-router'
import { api, need, type Schemas } from '../api/client'
import { finishesQuery, productQuery } from '../api/queries'
import { AnyOf, Button, ButtonLink, OneOf, TextField } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { Bottles } from './Bottles'
import { WhyNotLinks } from './WhyNotLinks'
import { Preview } from './Preview'
import { SafetySheet } from './SafetySheet'
import { Amount, faultAt, faultsOf, filledIn, Part, three } from './record'
import { Said } from './Said'
import * as words from './shelfWords'

type Product = Schemas['ProductFile']

const HOUR = 3600
const MINUTE = 60
const blank: Product = { id: '', name: '', roles: [], supply: 'ready' }

export function ProductView() {
  const { id } = useParams()
  const [query] = useSearchParams()
  const from = query.get('like') ?? undefined
  const wanted = id ?? from
  const product = useQuery({ ...productQuery(wanted ?? ''), enabled: wanted !== undefined })
  const finishes = useQuery(finishesQuery)
  if (finishes.isPending || (wanted !== undefined && product.isPending)) return <Loading what="the product" />
  const error = product.error ?? finishes.error
  if (error)
    return (
      <div className="p-4">
        <Trouble error={error} again={() => void product.refetch()} />
      </div>
    )
  const start = id
    ? product.data?.record
    : product.data && { ...product.data.record, id: '', name: `${product.data.record.name}, copy` }
  return (
    <ProductForm
      key={`${id ?? 'new'}-${product.data?.earlier}`}
      known={id ? product.data : undefined}
      start={start ?? blank}
      finishes={finishes.data ?? []}
    />
  )
}

function ProductForm(props: {
  known: Schemas['ProductView'] | undefined
  start: Product
  finishes: Schemas['FinishChoice'][]
}) {
  const { known, start, finishes } = props
  const client = useQueryClient()
  const navigate = useNavigate()
  const [draft, setDraft] = useState<Product>(start)
  const set = (part: Partial<Product>) => setDraft((before) => ({ ...before, ...part }))
  const record = filledIn(draft)
  const asked = useDeferredValue(JSON.stringify(record))
  const preview = useQuery({
    queryKey: ['shelf', 'preview', asked],
    queryFn: () => need(api.POST('/api/v1/shelf/products/preview', { body: JSON.parse(asked) as Product })),
    enabled: draft.name.trim() !== '' && draft.roles.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
  })
  const fresh = () => void client.invalidateQueries({ queryKey: ['shelf'] })
  const save = useMutation({
    mutationFn: () =>
      need(
        known
          ? api.PUT('/api/v1/shelf/products/{id}', {
              params: { path: { id: known.record.id } },
              body: record,
            })
          : api.POST('/api/v1/shelf/products', { body: record }),
      ),
    onSuccess: (saved) => {
      client.setQueryData(productQuery(saved.record.id).queryKey, saved)
      fresh()
      void client.invalidateQueries({ queryKey: ['job'] })
      if (!known) void navigate(`/shelf/products/${saved.record.id}`, { replace: true })
    },
  })
  const archive = useMutation({
    mutationFn: (away: boolean) =>
      need(
        api.POST('/api/v1/shelf/products/{id}/archived', {
          params: { path: { id: known?.record.id ?? '' }, query: { away } },
        }),
      ),
    onSuccess: fresh,
  })
  const faults = faultsOf(save.error).length > 0 ? faultsOf(save.error) : faultsOf(preview.error)
  const at = (field: string) => faultAt(faults, field)
  const cleans = draft.roles.some((r) => words.cleaningRoles.includes(r))
  const stays = draft.roles.some((r) => !words.cleaningRoles.includes(r) && r !== 'dusting-aid')
  const thins = draft.supply === 'concentrate'
  const families = [...new Set(finishes.map((f) => f.family))].map((f) => ({
    value: `${f}/*`,
    label: `All ${f}`,
  }))
  const named = [...families, ...finishes.map((f) => ({ value: f.code, label: f.name }))]
  const changed = JSON.stringify(record) !== JSON.stringify(filledIn(start)) || !known
  const submit = (event: FormEvent) => {
    event.preventDefault()
    save.mutate()
  }
  const span = (field: 'dwellS' | 'flashS', end: 'min' | 'max', value: number | undefined) => {
    const next = { ...draft[field], [end]: value }
    set({ [field]: next.min === undefined && next.max === undefined ? undefined : next })
  }
  return (
    <div className="mx-auto grid w-full max-w-6xl gap-5 p-3 md:grid-cols-[1.5fr_1fr] md:p-5">
      <form onSubmit={submit} className="grid content-start gap-4">
        <div className="flex flex-wrap items-end justify-between gap-2">
          <h1 className="text-head">{known ? known.record.name : 'New product'}</h1>
          {known && (
            <div className="flex flex-wrap gap-2">
              <ButtonLink to={`/shelf/products/new?like=${known.record.id}`}>Duplicate</ButtonLink>
              <Button onClick={() => archive.mutate(!known.archived)} disabled={archive.isPending}>
                {known.archived ? 'Back on the shelf' : 'Archive'}
              </Button>
            </div>
          )}
        </div>
        {known?.archived && (
          <p className="border-l-4 border-l-care pl-3">
            Archived: nothing new is planned with it. Jobs that used it keep it as it was.
          </p>
        )}
        <div className="grid gap-4 sm:grid-cols-2">
          <TextField
            label="Name"
            value={draft.name}
            onChange={(name) => set({ name })}
            maxLength={120}
            fault={at('name')}
            required
          />
          <TextField
            label="Maker"
            value={draft.maker ?? ''}
            onChange={(maker) => set({ maker })}
            maxLength={120}
            fault={at('maker')}
          />
        </div>
        <AnyOf
          label="What it is for"
          value={draft.roles}
          options={words.roles}
          onChange={(v) => set({ roles: v })}
        />
        <div className="grid gap-4 sm:grid-cols-2">
          <OneOf
            label="Comes as"
            value={draft.form}
            options={words.forms}
            onChange={(form) => set({ form })}
          />
          <OneOf
            label="Supplied"
            value={draft.supply}
            options={[
              { value: 'ready', label: 'Ready to use' },
              { value: 'concentrate', label: 'Concentrate' },
            ]}
            onChange={(supply) => set({ supply, ...(supply === 'ready' ? { labelRatios: undefined } : {}) })}
          />
        </div>
        {thins && (
          <div className={three}>
            {(['mildest', 'default', 'strongest'] as const).map((which) => (
              <TextField
                key={which}
                label={`${{ mildest: 'Mildest', default: 'Usual', strongest: 'Strongest' }[which]} on the label`}
                value={draft.labelRatios?.[which] ?? ''}
                placeholder="1:10"
                maxLength={16}
                fault={at(`labelRatios/${which}`)}
                onChange={(v) =>
                  set({
                    labelRatios: { ...draft.labelRatios, [which]: v || undefined } as Product['labelRatios'],
                  })
                }
              />
            ))}
          </div>
        )}
        <Part title="pH and strength" open={cleans}>
          <div className={three}>
            <Amount
              label="pH as supplied"
              value={draft.ph}
              onChange={(ph) => set({ ph })}
              note="Not on the label? Leave it out and take the pen."
              fault={at('ph')}
            />
            <Amount
              label="Strength at the usual ratio, 0 to 10"
              value={draft.strength}
              onChange={(strength) => set({ strength })}
              fault={at('strength')}
            />
            <Amount
              label="Solvent, %"
              value={draft.solventPercent}
              onChange={(solventPercent) => set({ solventPercent })}
              fault={at('solventPercent')}
            />
          </div>
          <OneOf
            label="How its pH answers to water"
            value={draft.phNature}
            options={words.natures}
            onChange={(phNature) => set({ phNature })}
          />
          <PenReadings
            points={draft.phMeasured ?? []}
            onChange={(phMeasured) => set({ phMeasured })}
            fault={at('phMeasured')}
          />
          <AnyOf
            label="Good at"
            value={draft.goodAt ?? []}
            options={words.soils}
            onChange={(goodAt) => set({ goodAt })}
          />
          <div className={three}>
            <Amount
              label="Sits at least, s"
              value={draft.dwellS?.min}
              onChange={(v) => span('dwellS', 'min', v)}
              fault={at('dwellS')}
            />
            <Amount label="At most, s" value={draft.dwellS?.max} onChange={(v) => span('dwellS', 'max', v)} />
          </div>
          <OneOf
            label="Film it leaves"
            value={draft.leavesFilm}
            options={words.films}
            onChange={(leavesFilm) => set({ leavesFilm })}
          />
        </Part>
        <Part title="What the label says" open>
          <AnyOf
            label="May go on, if it names any: then only these"
            value={draft.labelAllows ?? []}
            options={named}
            onChange={(labelAllows) => set({ labelAllows })}
          />
          <AnyOf
            label="Must not go on"
            value={draft.labelExcludes ?? []}
            options={named}
            onChange={(labelExcludes) => set({ labelExcludes })}
          />
          <AnyOf
            label="It is, or has"
            value={words.traits.filter((t) => draft[t.value]).map((t) => t.value)}
            options={[...words.traits]}
            onChange={(on) =>
              set(
                Object.fromEntries(
                  words.traits.map((t) => [t.value, on.includes(t.value) ? true : undefined]),
                ),
              )
            }
          />
          <div className="grid gap-4 sm:grid-cols-2">
            <Said label="Scented" value={draft.scented} onChange={(scented) => set({ scented })} />
            <Said label="Mists by itself" value={draft.aerosol} onChange={(aerosol) => set({ aerosol })} />
          </div>
          <TextField
            label="Hazard codes"
            value={(draft.hazards ?? []).join(' ')}
            onChange={(v) =>
              set({
                hazards: v
                  .toUpperCase()
                  .split(/[\s,;]+/)
                  .filter(Boolean),
              })
            }
            note="As on the label or safety sheet, such as H319 H226"
            maxLength={200}
            fault={at('hazards')}
          />
        </Part>
        <Part title="On the surface: dose, waits, cure" open={stays}>
          <div className={three}>
            <Amount
              label="Dose, ml/m²"
              value={draft.doseMlPerM2}
              onChange={(doseMlPerM2) => set({ doseMlPerM2 })}
              fault={at('doseMlPerM2')}
            />
            <Amount
              label="Most coats"
              value={draft.coatsMax}
              onChange={(coatsMax) => set({ coatsMax })}
              fault={at('coatsMax')}
            />
            <Amount
              label="Sheen it adds, GU"
              value={draft.sheenChangeGu}
              onChange={(sheenChangeGu) => set({ sheenChangeGu })}
              fault={at('sheenChangeGu')}
            />
            <Amount
              label="Wipe from, min"
              per={MINUTE}
              value={draft.flashS?.min}
              onChange={(v) => span('flashS', 'min', v)}
              fault={at('flashS')}
            />
            <Amount
              label="Wipe by, min"
              per={MINUTE}
              value={draft.flashS?.max}
              onChange={(v) => span('flashS', 'max', v)}
            />
            <Amount
              label="Soaks in, min"
              per={MINUTE}
              value={draft.absorbS}
              onChange={(absorbS) => set({ absorbS })}
              fault={at('absorbS')}
            />
            <Amount
              label="Before the next product, h"
              per={HOUR}
              value={draft.waitBeforeNextS}
              onChange={(waitBeforeNextS) => set({ waitBeforeNextS })}
              fault={at('waitBeforeNextS')}
            />
            <Amount
              label="Sat in after, h"
              per={HOUR}
              value={draft.sitAfterS}
              onChange={(sitAfterS) => set({ sitAfterS })}
              fault={at('sitAfterS')}
            />
            <Amount
              label="Fully cured after, h"
              per={HOUR}
              value={draft.fullCureS}
              onChange={(fullCureS) => set({ fullCureS })}
              fault={at('fullCureS')}
            />
            <Amount
              label="Lasts, days"
              value={draft.lifeDays}
              onChange={(lifeDays) => set({ lifeDays })}
              fault={at('lifeDays')}
            />
          </div>
          <OneOf
            label="Slip it leaves"
            value={draft.slip}
            options={words.slips}
            onChange={(slip) => set({ slip })}
          />
        </Part>
        <Part title="Pack, price, keeping" open>
          <div className={three}>
            <Amount
              label="Pack, ml"
              value={draft.pack?.ml}
              onChange={(ml) => set({ pack: pack(draft, { ml }) })}
              fault={at('pack')}
            />
            <Amount
              label="Price"
              per={100}
              value={draft.pack?.priceMinor}
              onChange={(v) =>
                set({ pack: pack(draft, { priceMinor: v === undefined ? undefined : Math.round(v) }) })
              }
            />
            <TextField
              label="Currency"
              value={draft.pack?.currency ?? 'EUR'}
              maxLength={3}
              onChange={(v) => set({ pack: pack(draft, { currency: v.toUpperCase() }) })}
            />
            <Amount
              label="Good for, days from opening"
              value={draft.shelfLifeOpenDays}
              onChange={(shelfLifeOpenDays) => set({ shelfLifeOpenDays })}
              fault={at('shelfLifeOpenDays')}
            />
            {(known?.bottles.length ?? 0) === 0 && (
              <>
                <Amount
                  label="On hand, ml"
                  value={draft.onHandMl}
                  onChange={(onHandMl) => set({ onHandMl })}
                  fault={at('onHandMl')}
                />
                <TextField
                  label="Opened on"
                  type="date"
                  value={draft.openedOn ?? ''}
                  onChange={(v) => set({ openedOn: v || undefined })}
                  fault={at('openedOn')}
                />
              </>
            )}
          </div>
        </Part>
        {save.error && <Trouble error={save.error} />}
        <div className="sticky bottom-0 flex flex-wrap items-center gap-3 bg-ground py-2">
          <Button
            type="submit"
            weight="main"
            disabled={save.isPending || !changed || draft.name.trim() === '' || draft.roles.length === 0}
          >
            {known ? 'Save' : 'Put it on the shelf'}
          </Button>
          <span role="status" className="text-note text-faint">
            {known && !changed && 'Saved'}
            {draft.roles.length === 0 && 'Say what it is for first'}
          </span>
        </div>
      </form>
      <div className="grid content-start gap-4">
        <Preview
          preview={preview.data}
          faults={faultsOf(preview.error)}
          pack={draft.pack}
          earlier={known?.earlier ?? 0}
        />
        {known && <Bottles product={known} />}
        {known && <WhyNotLinks itemId={known.record.id} />}
        {known && <SafetySheet product={known} />}
      </div>
    </div>
  )
}

function pack(draft: Product, part: Partial<Schemas['PackFile']>): Product['pack'] {
  const next = { currency: 'EUR', ...draft.pack, ...part } as Schemas['PackFile']
  return next.ml === undefined && next.priceMinor === undefined ? undefined : next
}

function PenReadings(props: {
  points: Schemas['PhMeasuredFile'][]
  onChange: (points: Schemas['PhMeasuredFile'][]) => void
  fault: string | undefined
}) {
  const { points, onChange, fault } = props
  const [ratio, setRatio] = useState('')
  const [ph, setPh] = useState<number>()
  return (
    <fieldset className="grid gap-2">
      <legend className="narrow text-note font-semibold text-faint">By the pen: wins over the label</legend>
      {points.map((p) => (
        <div key={p.ratio} className="flex min-h-11 items-center justify-between gap-3 border-b border-line">
          <span>
            {p.ratio}: pH {p.ph}
          </span>
          <Button
            weight="quiet"
            onClick={() => onChange(points.filter((other) => other !== p))}
            aria-label={`Take out the reading at ${p.ratio}`}
          >
            Take out
          </Button>
        </div>
      ))}
      <div className="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
        <TextField
          label="At ratio"
          value={ratio}
          onChange={setRatio}
          placeholder="1:10 or ready"
          maxLength={16}
        />
        <Amount label="pH" value={ph} onChange={setPh} />
        <Button
          disabled={ratio.trim() === '' || ph === undefined}
          onClick={() => {
            onChange([
              ...points.filter((p) => p.ratio !== ratio.trim()),
              { ratio: ratio.trim(), ph: ph ?? 7 },
            ])
            setRatio('')
            setPh(undefined)
          }}
        >
          Add
        </Button>
      </div>
      {fault && <span className="text-note text-over">{fault}</span>}
    </fieldset>
  )
}
