import { X } from 'lucide-react'
import { useState } from 'react'
import type { Schemas } from '../api/client'
import { AnyOf, Button, Field, NumberField, OneOf, type Option, Pick } from '../parts/controls'
import { Swatch } from '../parts/textures'
import { Say, say } from '../parts/words'
import { Carry } from './Carry'
import { Identify } from './Identify'
import { NameAndSize } from './NameAndSize'
import { agreed, differ } from './shared'
import type { Finding } from './useFindings'

type Surface = Schemas['SurfaceFile']

const words = (...codes: string[]): Option[] => codes.map((value) => ({ value, label: Say(value) }))

const soilLevels: Option[] = [
  { value: 'none', label: 'None', hint: 'Clean: matt, slightly grippy' },
  { value: 'light', label: 'Light', hint: 'A film; a damp cloth greys' },
  { value: 'moderate', label: 'Moderate', hint: 'A season: shine where it is touched' },
  { value: 'heavy', label: 'Heavy', hint: 'Half a year and more; slippery, dark seams' },
  { value: 'caked', label: 'Caked', hint: 'Comes off in layers' },
]

const soilKinds: Option[] = [
  { value: 'skin-oil', label: 'Skin oil', hint: 'Shine is grease' },
  { value: 'make-up', label: 'Make-up' },
  { value: 'food-drink', label: 'Food, drink' },
  { value: 'denim-dye', label: 'Denim dye', hint: 'A blue haze on pale trim' },
  { value: 'dust', label: 'Dust' },
  { value: 'shoe-scuff', label: 'Shoe marks', hint: 'Rubber left on the surface, not into it' },
  { value: 'silicone-film', label: 'Old dressing', hint: 'Glossy, slippery, wipes oily' },
  { value: 'polish', label: 'Polish' },
  { value: 'ink', label: 'Ink' },
  { value: 'adhesive', label: 'Adhesive' },
  { value: 'mould', label: 'Mould', hint: 'Stop: its own precautions' },
  { value: 'white-bloom', label: 'White bloom' },
  { value: 'odour', label: 'Odour' },
]

const damages: Option[] = [
  { value: 'scuffed', label: 'Scuffed through' },
  { value: 'scratched', label: 'Scratched' },
  { value: 'gummy', label: 'Gummy' },
  { value: 'faded', label: 'Faded' },
  { value: 'creaks', label: 'Creaks' },
]

const dyes = ['denim-dye', 'ink']

export function FindingsPanel(props: {
  panels: Schemas['Panel'][]
  surfaces: (Surface | undefined)[]
  finishes: Schemas['FinishChoice'][]
  disabled: boolean
  onFinding: (finding: Finding) => void
  onCopy: (pairs: Schemas['Pair'][]) => void
  onPickFinish: (finish: string) => void
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
    differ(surfaces, field) ? `${label}: they differ` : label

  return (
    <div className="lying grid gap-4 p-3 md:max-h-[calc(100dvh-9.5rem)] md:overflow-auto" tabIndex={-1}>
      <div className="flex items-start justify-between gap-2">
        <h2 className="text-do">
          {panels.length === 1 ? panels[0]?.label : `${panels.length} panels picked`}
        </h2>
        <Button weight="quiet" className="-my-1 px-2" onClick={onClose} aria-label="Put the panels down">
          <X size={20} aria-hidden="true" />
        </Button>
      </div>
      <FinishPick
        panels={panels}
        finishes={finishes}
        value={finish}
        disabled={disabled}
        onFinding={onFinding}
      />
      <OneOf
        label={named('Soil', (s) => s.condition.soil)}
        value={soil}
        options={soilLevels}
        disabled={disabled}
        onChange={(v) => onFinding({ soil: v })}
      />
      {one && soil === undefined && !disabled && (
        <Likely panel={one} field="soil" onTake={(v) => onFinding({ soil: v })} />
      )}
      {soil !== 'none' && (
        <AnyOf
          label={named('Of what', (s) => s.condition.soils)}
          value={soils}
          options={soilKinds}
          disabled={disabled}
          onChange={(v) => onFinding({ soils: v })}
        />
      )}
      {soils.some((s) => dyes.includes(s)) && (
        <NumberField
          label="How long it has sat, days"
          value={read((s) => s.condition.stainAgeDays)}
          disabled={disabled}
          max={10000}
          onSave={(stainAgeDays) => onFinding({ stainAgeDays })}
        />
      )}
      <OneOf
        label={named('Wear', (s) => s.condition.wear)}
        value={read((s) => s.condition.wear)}
        options={words('intact', 'worn', 'cracked', 'torn')}
        disabled={disabled}
        onChange={(wear) => onFinding({ wear })}
      />
      {hide && (
        <OneOf
          label="Feel"
          value={read((s) => s.condition.feel) ?? 'supple'}
          options={words('supple', 'dry', 'stiff')}
          disabled={disabled}
          onChange={(feel) => onFinding({ feel })}
        />
      )}
      {nap && (
        <OneOf
          label="Nap"
          value={read((s) => s.condition.nap) ?? 'open'}
          options={words('open', 'matted', 'pilled')}
          disabled={disabled}
          onChange={(v) => onFinding({ nap: v })}
        />
      )}
      <OneOf
        label="Holes"
        value={
          perforated === undefined
            ? 'no'
            : perforated
              ? (read((s) => s.condition.perforations) ?? 'open')
              : 'no'
        }
        options={[{ value: 'no', label: 'Not perforated' }, ...words('open', 'ringed', 'blocked')]}
        disabled={disabled}
        onChange={(v) =>
          onFinding(v === 'no' ? { perforated: false } : { perforated: true, perforations: v })
        }
      />
      <div className="grid gap-4 lg:grid-cols-2">
        <OneOf
          label="Tone"
          value={read((s) => s.tone)}
          options={words('pale', 'mid', 'dark')}
          disabled={disabled}
          onChange={(tone) => onFinding({ tone })}
        />
        <OneOf
          label="Grain"
          value={read((s) => s.texture)}
          options={words('smooth', 'fine', 'medium', 'deep')}
          disabled={disabled}
          onChange={(texture) => onFinding({ texture })}
        />
      </div>
      <AnyOf
        label="Built in"
        value={read((s) => s.features) ?? []}
        options={words('heated', 'ventilated', 'airbag', 'electronics')}
        disabled={disabled}
        onChange={(features) => onFinding({ features })}
      />
      <AnyOf
        label="Beside it"
        value={read((s) => s.near) ?? []}
        options={[
          { value: 'wood-open-pore', label: 'Open-pore wood' },
          { value: 'screen', label: 'Screen' },
          { value: 'metal-bright', label: 'Bright metal' },
          { value: 'textile', label: 'Textile' },
          { value: 'paint', label: 'Paint' },
        ]}
        disabled={disabled}
        onChange={(near) => onFinding({ near })}
      />
      <AnyOf
        label="Damage cleaning does not mend"
        value={read((s) => s.condition.damage) ?? []}
        options={damages}
        disabled={disabled}
        onChange={(damage) => onFinding({ damage })}
      />
      <div className="grid grid-cols-2 gap-4">
        <NumberField
          label="Age of the trim, months"
          value={read((s) => s.ageMonths)}
          disabled={disabled}
          max={1200}
          onSave={(ageMonths) => onFinding({ ageMonths })}
        />
        <NumberField
          label="Sheen at 60°, GU"
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
      {surfaces.some(Boolean) && !disabled && (
        <Button
          weight="quiet"
          className="justify-self-start px-0"
          onClick={() => onFinding({ cleared: true })}
        >
          {one?.zone === 'own' ? 'Remove this panel' : 'Clear what was found here'}
        </Button>
      )}
    </div>
  )
}

/** The finish: the layout's usual one first, as an offer; never taken until picked. */
function FinishPick(props: {
  panels: Schemas['Panel'][]
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
    label: (
      <span className="flex items-center gap-2">
        <Swatch finish={f.code} />
        {f.name.charAt(0).toUpperCase() + f.name.slice(1)}
      </span>
    ),
  })
  return (
    <Field label="Finish">
      <Pick
        label="Finish"
        value={value}
        disabled={disabled}
        placeholder="Not asked yet"
        options={[
          ...finishes.map(option),
          {
            value: 'unknown',
            label: (
              <span className="flex items-center gap-2">
                <Swatch finish="unknown" /> Cannot tell yet
              </span>
            ),
          },
        ]}
        onChange={(finish) => onFinding({ finish })}
      />
      <div className="mt-1 flex flex-wrap gap-1.5">
        {guess && value === undefined && !disabled && (
          <Button className="border-dashed" onClick={() => onFinding({ finish: guess.code })}>
            <Swatch finish={guess.code} /> Usually {guess.name} here: confirm
          </Button>
        )}
        {roles.length === 1 && roles[0] && (value === undefined || value === 'unknown') && !disabled && (
          <Button onClick={() => setAsking(true)}>Find out what it is</Button>
        )}
      </div>
      {asking && roles[0] && (
        <Identify
          where={panels.length === 1 ? (panels[0]?.label ?? '') : `${panels.length} panels`}
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
function Likely(props: {
  panel: Schemas['Panel']
  field: 'soil' | 'finish'
  onTake: (value: string) => void
}) {
  return props.panel.likely
    .filter((l) => l.field === props.field)
    .map((l) => (
      <div key={l.value} className="-mt-2 flex flex-wrap items-center gap-2">
        <Button className="border-dashed" onClick={() => props.onTake(l.value)}>
          Often {say(l.value)} here: confirm
        </Button>
        <span className="text-note text-faint">{l.why}</span>
      </div>
    ))
}
