import type { Schemas } from '../api/client'

export type HandWork = Schemas['HandWorkView']
export type Deed = Schemas['DeedFile']

export const columns = 24
export const rows = 16
export const cellCount = columns * rows

/** A model panel as it stands; core's `ModelPanel` is its twin, and shared cases hold them together. */
export type Panel = {
  soil: number[][]
  loose: number[]
  liquid: number[]
  sat: number[]
  worked: number[]
  laid: number[]
  coat: number[]
  nap: number[]
  colour: number[]
  tide: number[]
  faceTaken: number
  faceColour: number
  faces: number
  seconds: number
}

const each = (value: number) => Array.from({ length: cellCount }, () => value)

export const found = (work: HandWork): Panel => ({
  soil: work.soil.map((family) => [...family]),
  loose: each(0),
  liquid: each(0),
  sat: each(0),
  worked: each(0),
  laid: each(-1),
  coat: each(work.foundCoat),
  nap: each(work.foundNap),
  colour: each(0),
  tide: each(0),
  faceTaken: 0,
  faceColour: 0,
  faces: 1,
  seconds: 0,
})

/** The same panel, to be worked on apart. */
export const copy = (panel: Panel): Panel => structuredClone(panel)

/** Does it to the panel, in place: what lies on the rest of it dries meanwhile. */
export function does(work: HandWork, panel: Panel, deed: Deed) {
  for (const cell of deed.cells) touch(work, panel, deed, cell)
  if (deed.act === 'turn') {
    panel.faceTaken = 0
    panel.faceColour = 0
    panel.faces++
  }
  pass(work, panel, deed.seconds + deed.cells.length * work.physics.cellS)
}

export function after(work: HandWork, deeds: Deed[]): Panel {
  const panel = found(work)
  deeds.forEach((deed) => does(work, panel, deed))
  return panel
}

function touch(work: HandWork, panel: Panel, deed: Deed, cell: number) {
  const { physics } = work
  switch (deed.act) {
    case 'vacuum':
      if (work.dust >= 0 && panel.liquid[cell] === 0) panel.soil[work.dust]![cell]! *= physics.vacuumLeaves
      return
    case 'lay':
      return lay(work, panel, cell, deed.means, 1)
    case 'damp':
      return lay(work, panel, cell, deed.means, physics.damp)
    case 'soak':
      return lay(work, panel, cell, deed.means, physics.soak)
    case 'blow':
      if (work.dust >= 0 && panel.liquid[cell] === 0) panel.soil[work.dust]![cell]! *= physics.blows
      if (panel.laid[cell]! >= 0) panel.tide[cell] = Math.min(1, panel.tide[cell]! + physics.spatter)
      panel.liquid[cell]! *= physics.blows
      return
    case 'work':
      return rub(work, panel, cell, deed.means)
    case 'mist':
      if (panel.laid[cell]! >= 0) panel.liquid[cell]! += physics.mist
      return
    case 'wipe':
      takes(work, panel, cell, physics.grab)
      if (panel.liquid[cell]! > 0) panel.tide[cell]! *= physics.tideWiped
      panel.liquid[cell] = Math.min(panel.liquid[cell]!, physics.afterWipe)
      return lifted(panel, cell)
    case 'blot':
      takes(work, panel, cell, physics.blotTakes)
      panel.liquid[cell]! *= physics.blotLeaves
      return
    case 'wait':
    case 'turn':
  }
}

function lifted(panel: Panel, cell: number) {
  panel.laid[cell] = -1
  panel.sat[cell] = 0
  panel.worked[cell] = 0
}

/** Beyond what the surface stands it is harm. */
function lay(work: HandWork, panel: Panel, cell: number, means: number, share: number) {
  const { wetMost } = work.physics
  const wet = work.means[means]!.wets * share
  const over = share > 1 ? Math.max(0, wet - wetMost) / wetMost : 0
  if (over > 0) wear(work, panel, cell, over)
  panel.liquid[cell] = Math.max(panel.liquid[cell]!, wet)
  panel.laid[cell] = means
  panel.sat[cell] = 0
  panel.worked[cell] = 0
}

function rub(work: HandWork, panel: Panel, cell: number, means: number) {
  const { physics } = work
  const hand = work.means[means]!
  const cloth = hand.leastS > 0
  if (cloth && panel.laid[cell]! < 0) lay(work, panel, cell, means, 1) // a damp cloth lays as it goes
  if (panel.laid[cell]! < 0 || panel.liquid[cell]! <= 0) return // a dry tool moves nothing that sticks
  const lying = work.means[panel.laid[cell]!]!
  const sits = Math.max(panel.sat[cell]!, lying.leastS)
  const time = sits / (sits + physics.dwellHalf)
  panel.worked[cell]!++
  if (panel.worked[cell]! <= physics.strokes)
    panel.soil.forEach((family, f) => {
      const a = (lying.acts[f]! * time) / physics.stubborn
      const off = Math.min(
        family[cell]! * (1 - Math.exp((-physics.rate * a) / physics.strokes)),
        (physics.layer * Math.sqrt(a)) / physics.strokes,
      )
      family[cell]! -= off
      panel.loose[cell]! += off
    })
  if (cloth) takes(work, panel, cell, physics.grab)
  const rubbed = panel.worked[cell]! > 2 * physics.strokes ? physics.rubHarm : 0
  wear(work, panel, cell, (Math.max(lying.harm, hand.harm) + rubbed) / physics.strokes)
}

function wear(work: HandWork, panel: Panel, cell: number, harm: number) {
  const { physics } = work
  if (harm > 0) {
    panel.coat[cell] = Math.max(0, panel.coat[cell]! - physics.coatPerHarm * harm)
    panel.colour[cell] = Math.min(
      1,
      panel.colour[cell]! + harm * (1 - panel.coat[cell]!) * physics.pigmentPerHarm,
    )
    panel.nap[cell] = Math.max(0, panel.nap[cell]! - physics.napPerHarm * harm)
  } else {
    panel.nap[cell] = Math.min(1, panel.nap[cell]! + physics.napOpens / physics.strokes)
  }
}

function takes(work: HandWork, panel: Panel, cell: number, share: number) {
  const took = panel.loose[cell]! * share * Math.exp(-panel.faceTaken / work.physics.faceHolds)
  panel.loose[cell]! -= took
  panel.faceTaken += took
  panel.faceColour += panel.colour[cell]! / cellCount
}

function pass(work: HandWork, panel: Panel, s: number) {
  if (s <= 0) return
  const { physics } = work
  const over = (sits: number) => Math.max(0, sits - physics.contactMaxS) / physics.contactMaxS
  panel.seconds += s
  for (let cell = 0; cell < cellCount; cell++) {
    const wet = panel.liquid[cell]!
    panel.liquid[cell] = Math.max(0, wet - physics.driesGPerS * s)
    if (panel.laid[cell]! >= 0) {
      const before = over(panel.sat[cell]!)
      panel.sat[cell]! += s
      const harm = over(panel.sat[cell]!) - before
      if (harm > 0) wear(work, panel, cell, harm)
    }
    if (wet > 0 && panel.liquid[cell] === 0) {
      if (panel.laid[cell]! >= 0) panel.tide[cell] = Math.min(1, panel.tide[cell]! + physics.tide)
      panel.soil[0]![cell]! += panel.loose[cell]!
      panel.loose[cell] = 0
      lifted(panel, cell)
    }
  }
}

/** Soil of all families in a cell, what lies loose on it included. */
export const soilAt = (panel: Panel, cell: number) =>
  panel.soil.reduce((sum, family) => sum + family[cell]!, panel.loose[cell]!)

/** What the moisture meter shows there, 0 to 100. */
export const moistureAt = ({ physics }: HandWork, panel: Panel, cell: number) =>
  physics.moistureDry +
  (100 - physics.moistureDry) * (1 - Math.exp(-panel.liquid[cell]! / physics.moistureFull))

/** The colour of the face of the cloth in hand: white with soil, and with what came off the trim. */
export function faceColour(work: HandWork, panel: Panel): string {
  const soil = 1 - Math.exp(-panel.faceTaken / work.physics.faceHolds)
  const own = Math.min(1, panel.faceColour * 20)
  return mix(mix([242, 241, 236], [96, 82, 66], soil), trims[work.tone as Tone], own)
}

type Rgb = readonly [number, number, number]
export type Tone = 'pale' | 'mid' | 'dark'

/** The trim's own colours, as core's instruments have them. */
export const trims: Record<Tone, Rgb> = { pale: [206, 192, 168], mid: [142, 74, 38], dark: [40, 38, 38] }

function mix(a: Rgb | string, b: Rgb, share: number): string {
  const from = typeof a === 'string' ? rgbOf(a) : a
  return `rgb(${from.map((v, i) => Math.round(v + (b[i]! - v) * share)).join(' ')})`
}

const rgbOf = (text: string) => text.match(/\d+/g)!.map(Number) as unknown as Rgb
