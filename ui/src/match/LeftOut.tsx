import { ChevronDown } from 'lucide-react'
import type { Schemas } from '../api/client'
import { Say } from '../parts/words'

const against: Partial<Record<Schemas['ReasonFile']['code'], string>> = {
  LABEL_EXCLUDES: 'The label leaves this finish out',
  NOT_FOR_FINISH: 'Made for other things',
  NOT_FOR_THIS_SOIL: 'For soils not found here',
  TOO_STIFF: 'Stiffer than it stands',
  TOO_WEAK: 'Too weak for this soil',
  TOO_MANY_PASSES: 'Would take too many passes',
  PH_ABOVE_LIMIT: 'Too alkaline at every ratio of the label',
  PH_BELOW_LIMIT: 'Too acid at every ratio of the label',
  PH_UNKNOWN: 'pH not known: measure it',
  STRENGTH_UNKNOWN: 'Strength not on record',
  SOLVENT: 'Holds solvent',
  ABRASIVE: 'Abrasive',
  DYED_ON_PALE: 'Dyed, on a pale surface',
  FILM_BLOCKS_COATING: 'Leaves a film under the coating',
  STRIPS_COATING: 'Strips an earlier coating',
  HOUSE_RULE: 'Kept off by a house rule',
  HOUSEHOLD_PRODUCT: 'Household product',
  STOCK_SHORT: 'Used up',
  EXPIRED: 'Past its date',
  SLIP_ON_CONTROL: 'Slippery on what is held or trodden on',
  EXPOSURE_SPENT: 'Would spend the year’s allowance',
  THROWS_DROPLETS: 'Flicks dirty cleaner about',
  FLAMMABLE: 'Flammable',
  SPOT_ONLY: 'For a stain alone',
  BARRED_HERE: 'Kept for other places',
  SCENT: 'To be avoided in this car',
  WINDOW_TOO_SHORT: 'Dries before it could be wiped',
  CONTACT_LIMIT: 'Has to sit longer than this stands',
}
const spareCodes = ['DOMINATED', 'NOT_WANTED']

const titleOf = (out: Schemas['RuledOutFile']) => {
  const code = out.reasons[0]?.code
  if (!code || spareCodes.includes(code)) return 'Would do, or not asked for'
  if (out.kind === 'method') return 'Ways of working'
  return against[code] ?? Say(code.toLowerCase().replaceAll('_', '-'))
}

/** What was left out, counted by what stands against it and opened one at a time. */
export function LeftOut(props: {
  answer: Schemas['PlannedSurfaceFile']
  names: Map<string, string>
  onWhy: (itemId: string) => void
}) {
  const { answer, names, onWhy } = props
  if (answer.ruledOut.length === 0) return null
  const groups = new Map<string, Schemas['RuledOutFile'][]>()
  for (const out of answer.ruledOut) groups.set(titleOf(out), [...(groups.get(titleOf(out)) ?? []), out])
  const most = [...groups].sort((a, b) => b[1].length - a[1].length)
  return (
    <section aria-label="Left out" className="lying p-3">
      <h2 className="font-semibold">
        Left out, and why <span className="font-normal text-faint">{answer.ruledOut.length}</span>
      </h2>
      <div className="grid gap-x-6 lg:grid-cols-2">
        {most.map(([title, outs]) => (
          <details key={title} name="left-out" className="group border-b border-line">
            <summary className="flex min-h-11 cursor-pointer items-center justify-between gap-3">
              <span className="flex-1">{title}</span>
              <span className="text-faint tabular-nums">{outs.length}</span>
              <ChevronDown size={16} aria-hidden="true" className="text-faint group-open:rotate-180" />
            </summary>
            <p className="flex flex-wrap gap-x-4 pb-1">
              {outs.map((out) => (
                <button
                  key={out.kind + out.itemId}
                  type="button"
                  onClick={() => onWhy(out.itemId)}
                  className="min-h-11 text-left underline decoration-line underline-offset-4"
                >
                  {names.get(out.itemId) ?? Say(out.itemId)}
                </button>
              ))}
            </p>
          </details>
        ))}
      </div>
    </section>
  )
}
