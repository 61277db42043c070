import type { Schemas } from '../api/client'
import { lasting, say } from '../parts/words'
import type { Needles } from './useNeedles'
import { listed } from '../words/lists'
import { phrase } from './phrase'

const lower = (name: string) => name.charAt(0).toLowerCase() + name.slice(1)

/** A treatment as one would tell it: bottle and ratio, where to, with what, how long, how warm. */
export function treatmentWords(needles: Needles, names: Map<string, string>): string {
  const tool = lower(names.get(needles.toolId) ?? say(needles.toolId))
  if (!needles.cleanerId) return phrase('dry-with', { tool })
  const bottle = names.get(needles.cleanerId) ?? say(needles.cleanerId)
  return listed(
    needles.ratio === 'ready'
      ? phrase('bottle-as-it-comes', { bottle })
      : phrase('mixed', { bottle, ratio: needles.ratio }),
    phrase('on-the', { applyTo: needles.applyTo }),
    tool,
    needles.dwellS > 0 ? lasting(needles.dwellS) : phrase('wiped-at-once'),
    needles.warmth !== 'none' && say(needles.warmth),
  )
}

/** Its bottle and ratio alone, or that it is done dry. */
export const bottleWords = (t: { cleanerId?: string; ratio: string }, names: Map<string, string>) =>
  listed(
    t.cleanerId ? (names.get(t.cleanerId) ?? say(t.cleanerId)) : phrase('dry'),
    t.ratio !== 'ready' && t.ratio,
  )

export const passesWords = ({ low, high }: { low: number; high: number }) =>
  low === high ? phrase('passes-counted', { passes: high }) : phrase('passes-from-to', { low, high })

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
