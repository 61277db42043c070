import { ChevronDown } from 'lucide-react'
import type { Schemas } from '../api/client'
import { Say } from '../parts/words'
import { phrase } from './phrase'

const against: Partial<Record<Schemas['ReasonFile']['code'], string>> = {
  LABEL_EXCLUDES: phrase('the-label-leaves-this-finish'),
  NOT_FOR_FINISH: phrase('made-for-other-things'),
  NOT_FOR_THIS_SOIL: phrase('for-soils-not-found-here'),
  TOO_STIFF: phrase('stiffer-than-it-stands'),
  TOO_WEAK: phrase('too-weak-for-this-soil'),
  TOO_MANY_PASSES: phrase('would-take-too-many-passes'),
  PH_ABOVE_LIMIT: phrase('too-alkaline-at-every-ratio'),
  PH_BELOW_LIMIT: phrase('too-acid-at-every-ratio'),
  PH_UNKNOWN: phrase('ph-not-known-measure-it'),
  STRENGTH_UNKNOWN: phrase('strength-not-on-record'),
  SOLVENT: phrase('holds-solvent'),
  ABRASIVE: phrase('abrasive'),
  DYED_ON_PALE: phrase('dyed-on-a-pale-surface'),
  FILM_BLOCKS_COATING: phrase('leaves-a-film-under-the'),
  STRIPS_COATING: phrase('strips-an-earlier-coating'),
  HOUSE_RULE: phrase('kept-off-by-a-house'),
  HOUSEHOLD_PRODUCT: phrase('household-product'),
  STOCK_SHORT: phrase('used-up'),
  EXPIRED: phrase('past-its-date'),
  SLIP_ON_CONTROL: phrase('slippery-on-what-is-held'),
  EXPOSURE_SPENT: phrase('would-spend-the-years'),
  THROWS_DROPLETS: phrase('flicks-dirty-cleaner-about'),
  FLAMMABLE: phrase('flammable'),
  SPOT_ONLY: phrase('for-a-stain-alone'),
  BARRED_HERE: phrase('kept-for-other-places'),
  SCENT: phrase('to-be-avoided-in-this'),
  WINDOW_TOO_SHORT: phrase('dries-before-it-could-be'),
  CONTACT_LIMIT: phrase('has-to-sit-longer-than'),
}
const spareCodes = ['DOMINATED', 'NOT_WANTED']

const titleOf = (out: Schemas['RuledOutFile']) => {
  const code = out.reasons[0]?.code
  if (!code || spareCodes.includes(code)) return phrase('would-do-or-not-asked')
  if (out.kind === 'method') return phrase('ways-of-working')
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
    <section aria-label={phrase('left-out')} className="lying p-3">
      <h2 className="font-semibold">
        {phrase('left-out-and-why')} <span className="font-normal text-faint">{answer.ruledOut.length}</span>
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
