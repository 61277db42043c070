import type { Schemas } from '../api/client'
import { lasting, say } from '../parts/words'
import type { Needles } from './useNeedles'
import { phrase } from './phrase'

const lower = (name: string) => name.charAt(0).toLowerCase() + name.slice(1)

/** A treatment as one would tell it: bottle and ratio, where to, with what, how long, how warm. */
export function treatmentWords(needles: Needles, names: Map<string, string>): string {
  const tool = lower(names.get(needles.toolId) ?? say(needles.toolId))
  if (!needles.cleanerId) return phrase('dry-with', { tool })
  const bottle = names.get(needles.cleanerId) ?? say(needles.cleanerId)
  return [
    `${bottle} ${needles.ratio === 'ready' ? phrase('as-it-comes-2') : needles.ratio}`,
    phrase('on-the-2', { applyTo: needles.applyTo }),
    tool,
    needles.dwellS > 0 ? lasting(needles.dwellS) : phrase('wiped-at-once'),
    needles.warmth !== 'none' && say(needles.warmth),
  ]
    .filter(Boolean)
    .join(', ')
}

/** The needles of a rung, as they would stand on the rules. */
export const needlesOf = (rung: Schemas['RungFile']): Needles => ({
  cleanerId: rung.cleanerId,
  ratio: rung.ratio,
  toolId: rung.toolId,
  applyTo: rung.applyTo,
  laidGPerM2: rung.laidGPerM2,
  warmth: rung.warmth,
  dwellS: rung.dwellS.min,
})
