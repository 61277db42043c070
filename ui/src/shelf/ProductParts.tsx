import type { Schemas } from '../api/client'
import { AnyOf, OneOf, TextField } from '../parts/controls'
import { blanks, cleans, stays } from './blanks'
import { PenReadings } from './PenReadings'
import { Amount, Part, three } from './record'
import { Said } from './Said'
import * as words from './shelfWords'
import { phrase } from './phrase'

type Product = Schemas['ProductFile']

const HOUR = 3600
const MINUTE = 60

type Props = {
  draft: Product
  set: (part: Partial<Product>) => void
  at: (field: string) => string | undefined
  open: boolean
}

/** What it takes off, and how. */
export function Cleaning(props: Props) {
  const { draft, set, at } = props
  const span = (field: 'dwellS' | 'flashS', end: 'min' | 'max', value: number | undefined) =>
    set(spanned(draft, field, end, value))
  return (
    <Part
      title={phrase('what-it-takes-off')}
      open={props.open && cleans(draft)}
      blanks={blanks.cleaning(draft)}
    >
      <div className={three}>
        <Amount
          label={phrase('strength-at-the-usual-ratio')}
          value={draft.strength}
          onChange={(strength) => set({ strength })}
          fault={at('strength')}
        />
        <Amount
          label={phrase('solvent')}
          value={draft.solventPercent}
          onChange={(solventPercent) => set({ solventPercent })}
          fault={at('solventPercent')}
        />
      </div>
      <OneOf
        label={phrase('how-its-ph-answers-to')}
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
        label={phrase('good-at')}
        value={draft.goodAt ?? []}
        options={words.soils}
        onChange={(goodAt) => set({ goodAt })}
      />
      <div className={three}>
        <Amount
          label={phrase('sits-at-least-s')}
          value={draft.dwellS?.min}
          onChange={(v) => span('dwellS', 'min', v)}
          fault={at('dwellS')}
        />
        <Amount
          label={phrase('at-most-s')}
          value={draft.dwellS?.max}
          onChange={(v) => span('dwellS', 'max', v)}
        />
      </div>
      <OneOf
        label={phrase('film-it-leaves')}
        value={draft.leavesFilm}
        options={words.films}
        onChange={(leavesFilm) => set({ leavesFilm })}
      />
    </Part>
  )
}

/** Where the label lets it go, and what it says it is. */
export function Label(props: Props & { finishes: Schemas['FinishChoice'][] }) {
  const { draft, set } = props
  const families = [...new Set(props.finishes.map((f) => f.family))].map((f) => ({
    value: `${f}/*`,
    label: phrase('all', { f }),
  }))
  const named = [...families, ...props.finishes.map((f) => ({ value: f.code, label: f.name }))]
  return (
    <Part title={phrase('where-the-label-lets-it')} open={props.open} blanks={blanks.label(draft)}>
      <AnyOf
        label={phrase('may-go-on-if-it')}
        value={draft.labelAllows ?? []}
        options={named}
        onChange={(labelAllows) => set({ labelAllows })}
      />
      <AnyOf
        label={phrase('must-not-go-on')}
        value={draft.labelExcludes ?? []}
        options={named}
        onChange={(labelExcludes) => set({ labelExcludes })}
      />
      <div className="grid gap-4 sm:grid-cols-2">
        <Said label={phrase('scented')} value={draft.scented} onChange={(scented) => set({ scented })} />
        <Said
          label={phrase('mists-by-itself')}
          value={draft.aerosol}
          onChange={(aerosol) => set({ aerosol })}
        />
      </div>
    </Part>
  )
}

/** What stays on a surface: how much, how long, how it feels. */
export function OnSurface(props: Props) {
  const { draft, set, at } = props
  const span = (field: 'dwellS' | 'flashS', end: 'min' | 'max', value: number | undefined) =>
    set(spanned(draft, field, end, value))
  return (
    <Part
      title={phrase('on-the-surface-dose-waits')}
      open={props.open && stays(draft)}
      blanks={blanks.surface(draft)}
    >
      <div className={three}>
        <Amount
          label={phrase('dose-ml-m')}
          value={draft.doseMlPerM2}
          onChange={(doseMlPerM2) => set({ doseMlPerM2 })}
          fault={at('doseMlPerM2')}
        />
        <Amount
          label={phrase('most-coats')}
          value={draft.coatsMax}
          onChange={(coatsMax) => set({ coatsMax })}
          fault={at('coatsMax')}
        />
        <Amount
          label={phrase('sheen-it-adds-gu')}
          value={draft.sheenChangeGu}
          onChange={(sheenChangeGu) => set({ sheenChangeGu })}
          fault={at('sheenChangeGu')}
        />
        <Amount
          label={phrase('wipe-from-min')}
          per={MINUTE}
          value={draft.flashS?.min}
          onChange={(v) => span('flashS', 'min', v)}
          fault={at('flashS')}
        />
        <Amount
          label={phrase('wipe-by-min')}
          per={MINUTE}
          value={draft.flashS?.max}
          onChange={(v) => span('flashS', 'max', v)}
        />
        <Amount
          label={phrase('soaks-in-min')}
          per={MINUTE}
          value={draft.absorbS}
          onChange={(absorbS) => set({ absorbS })}
          fault={at('absorbS')}
        />
        <Amount
          label={phrase('before-the-next-product-h')}
          per={HOUR}
          value={draft.waitBeforeNextS}
          onChange={(waitBeforeNextS) => set({ waitBeforeNextS })}
          fault={at('waitBeforeNextS')}
        />
        <Amount
          label={phrase('sat-in-after-h')}
          per={HOUR}
          value={draft.sitAfterS}
          onChange={(sitAfterS) => set({ sitAfterS })}
          fault={at('sitAfterS')}
        />
        <Amount
          label={phrase('fully-cured-after-h')}
          per={HOUR}
          value={draft.fullCureS}
          onChange={(fullCureS) => set({ fullCureS })}
          fault={at('fullCureS')}
        />
        <Amount
          label={phrase('lasts-days')}
          value={draft.lifeDays}
          onChange={(lifeDays) => set({ lifeDays })}
          fault={at('lifeDays')}
        />
      </div>
      <OneOf
        label={phrase('slip-it-leaves')}
        value={draft.slip}
        options={words.slips}
        onChange={(slip) => set({ slip })}
      />
    </Part>
  )
}

/** What it comes in, costs, and how long it keeps. */
export function Keeping(props: Props & { counted: boolean }) {
  const { draft, set, at } = props
  return (
    <Part title={phrase('pack-price-keeping')} open={props.open} blanks={blanks.keeping(draft)}>
      <div className={three}>
        <Amount
          label={phrase('pack-ml')}
          value={draft.pack?.ml}
          onChange={(ml) => set({ pack: pack(draft, { ml }) })}
          fault={at('pack')}
        />
        <Amount
          label={phrase('price')}
          per={100}
          value={draft.pack?.priceMinor}
          onChange={(v) =>
            set({ pack: pack(draft, { priceMinor: v === undefined ? undefined : Math.round(v) }) })
          }
        />
        <TextField
          label={phrase('currency')}
          value={draft.pack?.currency ?? 'EUR'}
          maxLength={3}
          onChange={(v) => set({ pack: pack(draft, { currency: v.toUpperCase() }) })}
        />
        <Amount
          label={phrase('good-for-days-from-opening')}
          value={draft.shelfLifeOpenDays}
          onChange={(shelfLifeOpenDays) => set({ shelfLifeOpenDays })}
          fault={at('shelfLifeOpenDays')}
        />
        {!props.counted && (
          <>
            <Amount
              label={phrase('on-hand-ml')}
              value={draft.onHandMl}
              onChange={(onHandMl) => set({ onHandMl })}
              fault={at('onHandMl')}
            />
            <TextField
              label={phrase('opened-on')}
              type="date"
              value={draft.openedOn ?? ''}
              onChange={(v) => set({ openedOn: v || undefined })}
              fault={at('openedOn')}
            />
          </>
        )}
      </div>
    </Part>
  )
}

function spanned(
  draft: Product,
  field: 'dwellS' | 'flashS',
  end: 'min' | 'max',
  value: number | undefined,
): Partial<Product> {
  const next = { ...draft[field], [end]: value }
  return { [field]: next.min === undefined && next.max === undefined ? undefined : next }
}

function pack(draft: Product, part: Partial<Schemas['PackFile']>): Product['pack'] {
  const next = { currency: 'EUR', ...draft.pack, ...part } as Schemas['PackFile']
  return next.ml === undefined && next.priceMinor === undefined ? undefined : next
}
