import type { Schemas } from '../api/client'
import { AnyOf, OneOf, TextField } from '../parts/controls'
import { Amount, three } from './record'
import * as words from './shelfWords'
import { phrase } from './phrase'

type Product = Schemas['ProductFile']
type Part = {
  draft: Product
  set: (part: Partial<Product>) => void
  at: (field: string) => string | undefined
}

/** What a product is: its name, what it is for, and what its label says first. */
export function Identity({ draft, set, at }: Part) {
  return (
    <>
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField
          label={phrase('name')}
          value={draft.name}
          onChange={(name) => set({ name })}
          maxLength={120}
          fault={at('name')}
          required
        />
        <TextField
          label={phrase('maker')}
          value={draft.maker ?? ''}
          onChange={(maker) => set({ maker })}
          maxLength={120}
          fault={at('maker')}
        />
      </div>
      <AnyOf
        label={phrase('what-it-is-for')}
        value={draft.roles}
        options={words.roles}
        onChange={(v) => set({ roles: v })}
      />
      <div className="grid gap-4 sm:grid-cols-2">
        <OneOf
          label={phrase('comes-as')}
          value={draft.form}
          options={words.forms}
          onChange={(form) => set({ form })}
        />
        <OneOf
          label={phrase('supplied')}
          value={draft.supply}
          options={[
            { value: 'ready', label: phrase('ready-to-use') },
            { value: 'concentrate', label: phrase('concentrate') },
          ]}
          onChange={(supply) => set({ supply, ...(supply === 'ready' ? { labelRatios: undefined } : {}) })}
        />
      </div>
      {draft.supply === 'concentrate' && <Ratios draft={draft} set={set} at={at} />}
      <Chemistry draft={draft} set={set} at={at} />
    </>
  )
}

function Ratios({ draft, set, at }: Part) {
  return (
    <div className={three}>
      {(['mildest', 'default', 'strongest'] as const).map((which) => (
        <TextField
          key={which}
          label={
            { mildest: phrase('mildest'), default: phrase('usual'), strongest: phrase('strongest') }[which]
          }
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
  )
}

function Chemistry({ draft, set, at }: Part) {
  return (
    <>
      <div className="grid gap-4 sm:grid-cols-2">
        <Amount
          label={phrase('ph-as-supplied')}
          value={draft.ph}
          onChange={(ph) => set({ ph })}
          note={phrase('not-on-the-label-leave')}
          fault={at('ph')}
        />
        <TextField
          label={phrase('hazard-codes')}
          value={(draft.hazards ?? []).join(' ')}
          onChange={(v) =>
            set({
              hazards: v
                .toUpperCase()
                .split(/[\s,;]+/)
                .filter(Boolean),
            })
          }
          note={phrase('as-on-the-label-or')}
          maxLength={200}
          fault={at('hazards')}
        />
      </div>
      <AnyOf
        label={phrase('it-is-or-has')}
        value={words.traits.filter((t) => draft[t.value]).map((t) => t.value)}
        options={[...words.traits]}
        onChange={(on) =>
          set(Object.fromEntries(words.traits.map((t) => [t.value, on.includes(t.value) ? true : undefined])))
        }
      />
    </>
  )
}
