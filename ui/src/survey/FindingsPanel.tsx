import { X } from 'lucide-react'
import { useState, type ReactNode } from 'react'
import type { Schemas } from '../api/client'
import type { DrawnPanel } from '../parts/cabin'
import { type Option } from '../parts/choices'
import { AnyOf, Button, Field, NumberField, OneOf, Pick } from '../parts/controls'
import { Swatch } from '../parts/textures'
import { say } from '../parts/words'
import { Carry } from './Carry'
import * as words from './findingWords'
import { Identify } from './Identify'
import { NameAndSize } from './NameAndSize'
import { PanelEdit, type PanelEdits } from './PanelEdit'
import { agreed, differ } from './shared'
import { Stains } from './Stains'
import type { Finding } from './useFindings'
import { phrase } from './phrase'

type Surface = Schemas['SurfaceFile']

const dyes = ['denim-dye', 'ink']

export function FindingsPanel(props: {
  panels: DrawnPanel[]
  surfaces: (Surface | undefined)[]
  finishes: Schemas['FinishChoice'][]
  disabled: boolean
  onFinding: (finding: Finding) => void
  onCopy: (pairs: Schemas['Pair'][]) => void
  onPickFinish: (finish: string) => void
  edit: Omit<PanelEdits, 'panels' | 'surfaces'>
  children: ReactNode
  onClose: () => void
}) {
  const { panels, surfaces, finishes, disabled, onFinding, onClose } = props
  const read = <T,>(field: (s: Surface) => T | undefined) => agreed(surfaces, field)
  const finish = read((s) => s.finish)
  const soil = read((s) => s.condition.soil)
  const soils = read((s) => s.condition.soils) ?? []
  const family = finish?.split('/')[0]
  const hide = family === 'leather'
  const nap = family === 'microsuede' || finish === 'leather/nubuck'
  const perforated = read((s) => s.perforated)
  const one = panels.length === 1 ? panels[0] : undefined
  const named = (label: string, field: (s: Surface) => unknown) =>
    differ(surfaces, field) ? phrase('they-differ', { label }) : label

  return (
    <div className="lying grid gap-4 p-3 md:max-h-[calc(100dvh-9.5rem)] md:overflow-auto" tabIndex={-1}>
      <div className="flex items-start justify-between gap-2">
        <h2 className="text-do">
          {panels.length === 1 ? panels[0]?.label : phrase('panels-picked', { panels: panels.length })}
        </h2>
        <Button
          weight="quiet"
          className="-my-1 px-2"
          onClick={onClose}
          aria-label={phrase('clear-the-selection')}
        >
          <X size={20} aria-hidden="true" />
        </Button>
      </div>
      {panels.length > 1 && surfaces.some((s) => !s?.finish) && !disabled && (
        <Button className="min-h-14 border-dashed" onClick={() => onFinding({ usual: true })}>
          {phrase('each-is-what-it-usually', { panels: panels.length })}
        </Button>
      )}
      <FinishPick
        panels={panels}
        finishes={finishes}
        value={finish}
        disabled={disabled}
        onFinding={onFinding}
      />
      <OneOf
        label={named(phrase('soil'), (s) => s.condition.soil)}
        value={soil}
        options={words.soilLevels}
        disabled={disabled}
        onChange={(v) => onFinding({ soil: v })}
      />
      {one && soil === undefined && !disabled && (
        <Likely panel={one} field="soil" onTake={(v) => onFinding({ soil: v })} />
      )}
      {soil !== 'none' && (
        <AnyOf
          label={named(phrase('of-what'), (s) => s.condition.soils)}
          value={soils}
          options={words.soilKinds}
          disabled={disabled}
          onChange={(v) => onFinding({ soils: v })}
        />
      )}
      {soils.some((s) => dyes.includes(s)) && (
        <NumberField
          label={phrase('how-long-it-has-sat')}
          value={read((s) => s.condition.stainAgeDays)}
          disabled={disabled}
          max={10000}
          onSave={(stainAgeDays) => onFinding({ stainAgeDays })}
        />
      )}
      <Stains
        stains={read((s) => s.condition.stains) ?? []}
        soils={soils}
        disabled={disabled}
        onSave={(stains) => onFinding({ stains })}
      />
      <OneOf
        label={named(phrase('wear'), (s) => s.condition.wear)}
        value={read((s) => s.condition.wear)}
        options={words.wears}
        disabled={disabled}
        onChange={(wear) => onFinding({ wear })}
      />
      {one && read((s) => s.condition.wear) === undefined && !disabled && (
        <Likely panel={one} field="wear" onTake={(wear) => onFinding({ wear })} />
      )}
      {hide && (
        <OneOf
          label={phrase('feel')}
          value={read((s) => s.condition.feel) ?? 'supple'}
          options={words.feels}
          disabled={disabled}
          onChange={(feel) => onFinding({ feel })}
        />
      )}
      {nap && (
        <OneOf
          label={phrase('nap')}
          value={read((s) => s.condition.nap) ?? 'open'}
          options={words.naps}
          disabled={disabled}
          onChange={(v) => onFinding({ nap: v })}
        />
      )}
      <OneOf
        label={phrase('holes')}
        value={
          perforated === undefined
            ? 'no'
            : perforated
              ? (read((s) => s.condition.perforations) ?? 'open')
              : 'no'
        }
        options={words.holes}
        disabled={disabled}
        onChange={(v) =>
          onFinding(v === 'no' ? { perforated: false } : { perforated: true, perforations: v })
        }
      />
      <div className="grid gap-4 lg:grid-cols-2">
        <OneOf
          label={phrase('tone')}
          value={read((s) => s.tone)}
          options={words.tones}
          disabled={disabled}
          onChange={(tone) => onFinding({ tone })}
        />
        <OneOf
          label={phrase('grain')}
          value={read((s) => s.texture)}
          options={words.grains}
          disabled={disabled}
          onChange={(texture) => onFinding({ texture })}
        />
      </div>
      <AnyOf
        label={phrase('built-in')}
        value={read((s) => s.features) ?? []}
        options={words.features}
        disabled={disabled}
        onChange={(features) => onFinding({ features })}
      />
      <AnyOf
        label={phrase('beside-it')}
        value={read((s) => s.near) ?? []}
        options={words.besides}
        disabled={disabled}
        onChange={(near) => onFinding({ near })}
      />
      <AnyOf
        label={phrase('damage-cleaning-does-not-mend')}
        value={read((s) => s.condition.damage) ?? []}
        options={words.damages}
        disabled={disabled}
        onChange={(damage) => onFinding({ damage })}
      />
      <div className="grid grid-cols-2 gap-4">
        <NumberField
          label={phrase('age-of-the-trim-months')}
          value={read((s) => s.ageMonths)}
          disabled={disabled}
          max={1200}
          onSave={(ageMonths) => onFinding({ ageMonths })}
        />
        <NumberField
          label={phrase('sheen-at-60-gu')}
          value={read((s) => s.condition.sheenGu)}
          disabled={disabled}
          max={200}
          onSave={(sheenGu) => onFinding({ sheenGu })}
        />
      </div>
      {!disabled && (
        <Carry
          panels={panels}
          surfaces={surfaces}
          finishName={finishes.find((f) => f.code === finish)?.name}
          onCopy={props.onCopy}
          onPickFinish={finish ? () => props.onPickFinish(finish) : undefined}
        />
      )}
      {one && !disabled && (
        <NameAndSize key={one.id} label={one.label} surface={surfaces[0]} panel={one} onFinding={onFinding} />
      )}
      {props.children}
      {!disabled && (
        <PanelEdit
          {...props.edit}
          panels={panels}
          surfaces={surfaces}
          onClear={() => onFinding({ cleared: true })}
        />
      )}
    </div>
  )
}

/** The finish: the layout's usual one first, as an offer; never taken until picked. */
function FinishPick(props: {
  panels: DrawnPanel[]
  finishes: Schemas['FinishChoice'][]
  value: string | undefined
  disabled: boolean
  onFinding: (finding: Finding) => void
}) {
  const { panels, finishes, value, disabled, onFinding } = props
  const [asking, setAsking] = useState(false)
  const roles = [...new Set(panels.map((p) => p.role))]
  const guesses = [...new Set(panels.map((p) => p.guess))]
  const guess = guesses.length === 1 ? finishes.find((f) => f.code === guesses[0]) : undefined
  const option = (f: Schemas['FinishChoice']): Option => ({
    value: f.code,
    hint: f.look,
    label: (
      <span className="flex items-center gap-2">
        <Swatch finish={f.code} />
        {f.name.charAt(0).toUpperCase() + f.name.slice(1)}
      </span>
    ),
  })
  return (
    <Field label={phrase('finish')}>
      <Pick
        label={phrase('finish')}
        value={value}
        disabled={disabled}
        placeholder={phrase('not-asked-yet')}
        options={[
          ...finishes.map(option),
          {
            value: 'unknown',
            label: (
              <span className="flex items-center gap-2">
                <Swatch finish="unknown" /> {phrase('cannot-tell-yet')}
              </span>
            ),
          },
        ]}
        onChange={(finish) => onFinding({ finish })}
      />
      <p className="text-note text-faint">{finishes.find((f) => f.code === value)?.look}</p>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {guess && value === undefined && !disabled && (
          <Button className="border-dashed" onClick={() => onFinding({ finish: guess.code })}>
            <Swatch finish={guess.code} /> {phrase('usually-here-confirm', { name: guess.name })}
          </Button>
        )}
        {roles.length === 1 && roles[0] && (value === undefined || value === 'unknown') && !disabled && (
          <Button onClick={() => setAsking(true)}>{phrase('find-out-what-it-is')}</Button>
        )}
      </div>
      {asking && roles[0] && (
        <Identify
          where={
            panels.length === 1
              ? (panels[0]?.label ?? '')
              : phrase('panels-counted', { panels: panels.length })
          }
          role={roles[0]}
          onTake={(finish) => {
            setAsking(false)
            onFinding({ finish })
          }}
          onClose={() => setAsking(false)}
        />
      )}
    </Field>
  )
}

/** What is often found on a panel: a guess, drawn as one, until it is confirmed. */
function Likely<F extends 'soil' | 'wear'>(props: {
  panel: DrawnPanel
  field: F
  onTake: (value: NonNullable<Finding[F]>) => void
}) {
  return props.panel.likely
    .filter((l) => l.field === props.field)
    .map((l) => (
      <div key={l.value} className="-mt-2 flex flex-wrap items-center gap-2">
        <Button className="border-dashed" onClick={() => props.onTake(l.value as NonNullable<Finding[F]>)}>
          {phrase('often-here-confirm', { value: say(l.value) })}
        </Button>
        <span className="text-note text-faint">{l.why}</span>
      </div>
    ))
}
