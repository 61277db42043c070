import type { Schemas } from '../api/client'
import type { Deed } from './model'

type Work = Pick<Schemas['CoatWorkView'], 'areas'>

/** A coating as far as it got; core's `CoatMark` marks the same deeds. */
export type Coat = {
  now: number
  areas: { laid?: number; levelled?: number; smears: number }[]
  deeds: Deed[]
}

export const begun = (work: Work): Coat => ({
  now: 0,
  areas: work.areas.map(() => ({ smears: 0 })),
  deeds: [],
})

/** An area pressed is laid where it is bare and levelled where it sits; none pressed is a wait. */
export function next(work: Work, coat: Coat, area?: number, seconds = 0): Coat {
  if (area === undefined)
    return {
      ...coat,
      now: coat.now + seconds,
      deeds: [...coat.deeds, { act: 'wait', means: 0, cells: [], seconds }],
    }
  const { applyS, levelS, fromS } = work.areas[area]!
  const { laid, levelled, smears } = coat.areas[area]!
  if (levelled !== undefined) return coat
  const bare = laid === undefined
  const now = coat.now + (bare ? applyS : levelS)
  const changed = bare
    ? { laid: coat.now, smears }
    : coat.now < laid + fromS
      ? { smears: smears + 1 }
      : { laid, levelled: now, smears }
  return {
    now,
    areas: coat.areas.map((a, i) => (i === area ? changed : a)),
    deeds: [...coat.deeds, { act: bare ? 'apply' : 'level', means: 0, cells: [area], seconds: 0 }],
  }
}
