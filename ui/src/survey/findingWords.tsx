import type { Schemas } from '../api/client'
import { choices, type CodeOf } from '../parts/choices'

type Surface = Schemas['SurfaceFile']
type Condition = Schemas['ConditionFile']
type Setting = Schemas['SettingFile']
type Stain = Schemas['StainFile']

/** Everything that can be found, in the trade's words, each with what it looks like. */
export const soilLevels = choices<CodeOf<Condition['soil']>>({
  none: ['None', 'Clean: matt and slightly grippy'],
  light: ['Light', 'A film; a damp cloth greys'],
  moderate: ['Moderate', 'A season: shine where it is touched'],
  heavy: ['Heavy', 'Half a year and more; slippery, dark seams'],
  caked: ['Caked', 'Stands on the grain; comes off in layers'],
})

export const soilKinds = choices<CodeOf<Condition['soils']>>({
  'skin-oil': ['Skin oil', 'Shine is grease; slippery means the same'],
  'make-up': ['Make-up', 'Beige smears on bolsters, headrests, belts'],
  'food-drink': ['Food, drink', 'Sticky rings, crumbs in seams, sour smell'],
  'denim-dye': ['Denim dye', 'A blue haze on pale trim'],
  dust: ['Dust', 'Lies loose; goes with the vacuum, never wet first'],
  'shoe-scuff': ['Shoe marks', 'Rubber left on the surface, not a scuff into it'],
  'silicone-film': ['Old dressing', 'Glossy and slippery; the cloth comes away oily'],
  polish: ['Polish', 'White dried rests in grain and edges'],
  ink: ['Ink', 'Thin lines or a blot; spreads with solvent'],
  adhesive: ['Adhesive', 'Tacky edges where tape or a holder sat'],
  mould: ['Mould', 'Fur or grey dots, a cellar smell: stop, it has its own precautions'],
  'white-bloom': ['White bloom', 'A white breath that wipes off and returns'],
  odour: ['Odour', 'Find and clean the source first'],
})

export const wears = choices<CodeOf<Condition['wear']>>({
  intact: ['Intact', 'Colour and coat whole, even at edges and creases'],
  worn: ['Worn', 'Coat thin: shiny creases, colour paler on edges; a rim at ten and two'],
  cracked: ['Cracked', 'Lines through the coat; no liquid in them'],
  torn: ['Torn', 'Open or split: a repairer’s'],
})

export const feels = choices<CodeOf<Condition['feel']>>({
  supple: ['Supple', 'Gives and comes back'],
  dry: ['Dry', 'Papery, creases stay pale'],
  stiff: ['Stiff', 'Hard as card; creaks'],
})

export const naps = choices<CodeOf<Condition['nap']>>({
  open: ['Open', 'Shades under a finger'],
  matted: ['Matted', 'Flat, dark and shiny where held'],
  pilled: ['Pilled', 'Small balls of fluff: shave before any liquid'],
})

export const holes = choices<CodeOf<Condition['perforations']> | 'no'>({
  no: ['Not perforated', 'No punched holes'],
  open: ['Open', 'Light shows through'],
  ringed: ['Ringed', 'A dark rim round each hole'],
  blocked: ['Blocked', 'Holes filled with cleaner or balm'],
})

export const tones = choices<CodeOf<Surface['tone']>>({
  pale: ['Pale', 'Dye shows; only white or often washed cloths'],
  mid: ['Mid', 'Tan, red, grey'],
  dark: ['Dark', 'Watch the cloth for its own colour; hot in the sun'],
})

export const grains = choices<CodeOf<Surface['texture']>>({
  smooth: ['Smooth', 'A pad hugs it'],
  fine: ['Fine', 'A nail just catches'],
  medium: ['Medium', 'Valleys a pad skates over'],
  deep: ['Deep', 'Needs bristles'],
})

export const features = choices<CodeOf<Surface['features']>>({
  heated: ['Heated', 'Mats under it: as perforated for wetting'],
  ventilated: ['Ventilated', 'Fans and foam under it: as perforated for wetting'],
  airbag: ['Airbag', 'A tag or stitched seam: stays dry and undressed'],
  electronics: ['Electronics', 'Liquid on the tool only, ignition off'],
})

export const besides = choices<CodeOf<Surface['near']>>({
  'wood-open-pore': ['Open-pore wood', 'Drinks water: mask it'],
  screen: ['Screen', 'Shield it from droplets'],
  'metal-bright': ['Bright metal', 'Shows every cleaning mark'],
  textile: ['Textile', 'Drips leave an edge'],
  paint: ['Paint', 'Dressing off at once'],
})

export const damages = choices<CodeOf<Condition['damage']>>({
  scuffed: ['Scuffed through', 'Through the pigment: not dirt, it stays'],
  scratched: ['Scratched', 'A line that catches a nail'],
  gummy: ['Gummy', 'Soft-touch gone sticky: refinishing, not cleaning'],
  faded: ['Faded', 'Paler than under the seat'],
  creaks: ['Creaks', 'Where panels touch; a protector stops it'],
})

/** Found over a panel and never in one place of it. */
type Spread = 'dust' | 'silicone-film' | 'white-bloom' | 'odour'

/** What a stain may be of; mould is among the soils, and stops the panel. */
export const stainKinds = choices<Exclude<Stain['kind'], Spread>>({
  'food-drink': ['Food, drink', 'A ring or a drip'],
  ink: ['Ink', 'Thin lines or a blot'],
  adhesive: ['Adhesive', 'Tacky edges where something sat'],
  glue: ['Glue', 'Hard, glassy, gone in'],
  polish: ['Nail polish', 'A hard bright drop'],
  blood: ['Blood', 'More than a spot stops the panel; cold water only'],
  'make-up': ['Make-up', 'Beige, greasy'],
  'denim-dye': ['Denim dye', 'A blue haze in one place'],
  'shoe-scuff': ['Shoe mark', 'Rubber left on the surface'],
  'skin-oil': ['Grease', 'A dark, shiny patch'],
  mould: ['Mould', 'Stop: it has its own precautions'],
})

export const stainExtents = choices<Stain['extent']>({
  spot: ['A spot', 'The size of a coin'],
  streak: ['A streak', 'The length of a hand'],
  panel: ['All over', 'The whole panel'],
})

export const faults = choices<CodeOf<Setting['faults']>>({
  'airbag-lamp': ['Airbag lamp on', 'Seats, wheel and covers stay dry'],
  'belt-lamp': ['Belt lamp on', 'Belts and seats stay dry'],
  'seat-heater': ['Seat heater faulty', 'Seats stay dry'],
  'occupancy-mat': ['Occupancy mat faulty', 'Seats stay dry'],
  'cracked-screen': ['Screen cracked', 'No liquid near it'],
})

export const childSeats = choices<CodeOf<Setting['childSeat']>>({
  none: ['None', 'No child seat in the car'],
  in: ['Stays in', 'Worked round; nothing under it is done'],
  out: ['Comes out', 'The customer takes it out and fits it again'],
})

export const avoids = choices<CodeOf<Schemas['WishesFile']['avoid']>>({
  scent: ['Scent', 'Allergy, asthma, pregnancy'],
  solvent: ['Solvent', 'Nothing that fumes'],
  aerosol: ['Mist', 'Nothing sprayed by itself'],
})
