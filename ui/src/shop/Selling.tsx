import { Plus, X } from 'lucide-react'
import type { Schemas } from '../api/client'
import { type Option } from '../parts/choices'
import { AnyOf, Button, TextField } from '../parts/controls'
import { Amount } from '../shelf/record'
import { phrase } from './phrase'

type Selling = Schemas['Selling']
type Level = Schemas['Level']

const packages: Option[] = [
  { value: 'textiles', label: phrase('textiles') },
  { value: 'shield-young-hide', label: phrase('shield-for-young-hide') },
  { value: 'care-older-hide', label: phrase('care-for-older-hide') },
  { value: 'coating', label: phrase('coating') },
  { value: 'dressing', label: phrase('dressing') },
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
          label={phrase('coming-to-a-car-a', { currency })}
          value={selling.calledOut ?? undefined}
          onChange={(calledOut) => set({ calledOut })}
          note={phrase('mobile-jobs-only-before-tax')}
          fault={at('selling/calledOut')}
        />
        <Amount
          label={phrase('a-kilometre-there-and-back', { currency })}
          value={selling.perKm ?? undefined}
          onChange={(perKm) => set({ perKm })}
          fault={at('selling/perKm')}
        />
      </div>
      <h3 className="font-semibold">{phrase('levels-you-sell-the-least')}</h3>
      <p className="text-note text-faint">{phrase('each-is-priced-tidy-thorough')}</p>
      <ul className="grid gap-2">
        {levels.map((l, i) => (
          <li key={i} className="grid grid-cols-[1fr_auto] items-end gap-3 border-t border-line pt-2">
            <TextField
              label={phrase('level-numbered', { i: i + 1 })}
              value={l.name}
              onChange={(name) => level(i, { name })}
              maxLength={40}
              fault={at(`selling/levels/${i}/name`)}
            />
            <Button
              weight="quiet"
              className="px-2"
              aria-label={phrase('take-out-level', { i: i + 1 })}
              disabled={levels.length === 1}
              onClick={() => set({ levels: levels.filter((_, j) => j !== i) })}
            >
              <X size={18} aria-hidden="true" />
            </Button>
            <div className="col-span-full">
              <AnyOf
                label={phrase('in', { name: l.name || phrase('level-numbered-within', { i: i + 1 }) })}
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
        <Plus size={18} aria-hidden="true" /> {phrase('level')}
      </Button>
    </>
  )
}
