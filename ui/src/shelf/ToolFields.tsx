import type { Schemas } from '../api/client'
import { type Option } from '../parts/choices'
import { AnyOf, OneOf, TextField, Tick } from '../parts/controls'
import { Say } from '../parts/words'
import { Amount, three } from './record'
import { Said } from './Said'
import * as words from './shelfWords'
import { phrase } from './phrase'

type Tool = Schemas['ToolFile']
type Part = { draft: Tool; set: (part: Partial<Tool>) => void; at: (field: string) => string | undefined }

const droplets: Option<NonNullable<Schemas['ToolFile']['throwsDroplets']>>[] = [
  { value: 'none', label: phrase('none'), hint: phrase('hugs-the-hand') },
  { value: 'some', label: phrase('some'), hint: phrase('shield-what-lies-beside') },
  { value: 'much', label: phrase('much'), hint: phrase('long-bristles-flick-dirty') },
]
const reaches = (['smooth', 'fine', 'medium', 'deep'] as const).map((value) => ({ value, label: Say(value) }))

/** What a tool or cloth is, and what it does to a surface. */
export function ToolFields({ draft, set, at }: Part) {
  return (
    <>
      <TextField
        label={phrase('name')}
        value={draft.name}
        onChange={(name) => set({ name })}
        maxLength={120}
        fault={at('name')}
        required
      />
      <OneOf
        label={phrase('kind')}
        value={draft.kind}
        options={words.kinds}
        onChange={(kind) => set({ kind })}
      />
      <Stiffness value={draft.stiffness ?? 0} onChange={(stiffness) => set({ stiffness })} />
      <OneOf
        label={phrase('reaches-into-grain')}
        value={draft.reach}
        options={reaches}
        onChange={(reach) => set({ reach })}
      />
      <OneOf
        label={phrase('throws-droplets')}
        value={draft.throwsDroplets ?? 'none'}
        options={droplets}
        onChange={(throwsDroplets) => set({ throwsDroplets })}
      />
      <div className="grid items-start gap-4 sm:grid-cols-3">
        <Said label={phrase('abrasive')} value={draft.abrasive} onChange={(abrasive) => set({ abrasive })} />
        <Said label={phrase('dyed')} value={draft.dyed} onChange={(dyed) => set({ dyed })} />
        <Tick
          label={phrase('barrier-backed')}
          checked={draft.barrierBacked ?? false}
          onChange={(barrierBacked) => set({ barrierBacked: barrierBacked || undefined })}
        />
      </div>
      <AnyOf
        label={phrase('kept-for')}
        value={draft.suits ?? []}
        options={words.suits}
        onChange={(suits) => set({ suits: suits.length > 0 ? suits : undefined })}
      />
      <Amounts draft={draft} set={set} at={at} />
    </>
  )
}

function Stiffness({ value: stiffness, onChange }: { value: number; onChange: (stiffness: number) => void }) {
  return (
    <label className="grid gap-1">
      <span className="narrow text-note font-semibold text-faint">{phrase('stiffness-0-to-9')}</span>
      <input
        type="range"
        min={0}
        max={9}
        value={stiffness}
        className="min-h-11 w-full accent-needle"
        aria-valuetext={words.stiffnesses[stiffness]}
        onChange={(e) => onChange(Number(e.target.value))}
      />
      <span className="text-do font-semibold">{words.stiffnesses[stiffness]}</span>
    </label>
  )
}

function Amounts({ draft, set, at }: Part) {
  return (
    <div className={three}>
      <Amount
        label={phrase('lies-on-at-once-cm')}
        value={draft.contactCm2}
        onChange={(contactCm2) => set({ contactCm2 })}
        fault={at('contactCm2')}
      />
      <Amount
        label={phrase('keeps-of-a-product-ml')}
        value={draft.retainsMl}
        onChange={(retainsMl) => set({ retainsMl })}
        fault={at('retainsMl')}
      />
      <Amount
        label={phrase('washed-times')}
        value={draft.timesWashed}
        onChange={(timesWashed) => set({ timesWashed })}
        fault={at('timesWashed')}
      />
      <Amount
        label={phrase('how-many')}
        value={draft.count}
        onChange={(count) => set({ count })}
        fault={at('count')}
      />
    </div>
  )
}
