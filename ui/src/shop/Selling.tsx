import { Plus, X } from 'lucide-react'
import type { Schemas } from '../api/client'
import { type Option } from '../parts/choices'
import { AnyOf, Button, TextField } from '../parts/controls'
import { Amount } from '../shelf/record'

type Selling = Schemas['Selling']
type Level = Schemas['Level']

const packages: Option[] = [
  { value: 'textiles', label: 'Textiles' },
  { value: 'shield-young-hide', label: 'Shield for young hide' },
  { value: 'care-older-hide', label: 'Care for older hide' },
  { value: 'coating', label: 'Coating' },
  { value: 'dressing', label: 'Dressing' },
]
const MOST = 6

/** What coming to a car costs, and the levels a customer chooses from. */
export function Selling({
  selling = {},
  currency,
  onChange,
  at,
}: {
  selling?: Selling
  currency: string
  onChange: (selling: Selling) => void
  at: (field: string) => string | undefined
}) {
  const levels = selling.levels ?? []
  const set = (part: Partial<Selling>) => onChange({ ...selling, ...part })
  const level = (i: number, part: Partial<Level>) =>
    set({ levels: levels.map((l, j) => (i === j ? { ...l, ...part } : l)) })
  return (
    <>
      <div className="grid gap-4 sm:grid-cols-2">
        <Amount
          label={`Coming to a car, a day, ${currency}`}
          value={selling.calledOut ?? undefined}
          onChange={(calledOut) => set({ calledOut })}
          note="Mobile jobs only, before tax"
          fault={at('selling/calledOut')}
        />
        <Amount
          label={`A kilometre there and back, ${currency}`}
          value={selling.perKm ?? undefined}
          onChange={(perKm) => set({ perKm })}
          fault={at('selling/perKm')}
        />
      </div>
      <h3 className="font-semibold">Levels you sell, the least first</h3>
      <p className="text-note text-faint">
        Each is priced tidy, thorough and exacting. Cleaning is in all of them; say what is in besides.
      </p>
      <ul className="grid gap-2">
        {levels.map((l, i) => (
          <li key={i} className="grid grid-cols-[1fr_auto] items-end gap-3 border-t border-line pt-2">
            <TextField
              label={`Level ${i + 1}`}
              value={l.name}
              onChange={(name) => level(i, { name })}
              maxLength={40}
              fault={at(`selling/levels/${i}/name`)}
            />
            <Button
              weight="quiet"
              className="px-2"
              aria-label={`Take out level ${i + 1}`}
              disabled={levels.length === 1}
              onClick={() => set({ levels: levels.filter((_, j) => j !== i) })}
            >
              <X size={18} aria-hidden="true" />
            </Button>
            <div className="col-span-full">
              <AnyOf
                label={`In ${l.name || `level ${i + 1}`}`}
                value={packages.map((p) => p.value).filter((p) => !l.leavesOut.includes(p))}
                options={packages}
                onChange={(within) =>
                  level(i, {
                    leavesOut: packages.map((p) => p.value).filter((p) => !within.includes(p)),
                  })
                }
              />
            </div>
          </li>
        ))}
      </ul>
      <Button
        className="justify-self-start"
        disabled={levels.length >= MOST}
        onClick={() => set({ levels: [...levels, { name: '', leavesOut: [] }] })}
      >
        <Plus size={18} aria-hidden="true" /> Level
      </Button>
    </>
  )
}
