import type { Schemas } from '../api/client'
import { choices, type CodeOf } from '../parts/choices'
import { phrase } from './phrase'

type Surface = Schemas['SurfaceFile']
type Condition = Schemas['ConditionFile']
type Setting = Schemas['SettingFile']
type Stain = Schemas['StainFile']

/** Everything that can be found, in the trade's words, each with what it looks like. */
export const soilLevels = choices<CodeOf<Condition['soil']>>({
  none: [phrase('none'), phrase('clean-matt-and-slightly-grippy')],
  light: [phrase('light'), phrase('a-film-a-damp-cloth')],
  moderate: [phrase('moderate'), phrase('a-season-shine-where-it')],
  heavy: [phrase('heavy'), phrase('half-a-year-and-more')],
  caked: [phrase('caked'), phrase('stands-on-the-grain-comes')],
})

export const soilKinds = choices<CodeOf<Condition['soils']>>({
  'skin-oil': [phrase('skin-oil'), phrase('shine-is-grease-slippery-means')],
  'make-up': [phrase('make-up'), phrase('beige-smears-on-bolsters')],
  'food-drink': [phrase('food-drink'), phrase('sticky-rings-crumbs-in-seams')],
  'denim-dye': [phrase('denim-dye'), phrase('a-blue-haze-on-pale')],
  dust: [phrase('dust'), phrase('lies-loose-goes-with-the')],
  'shoe-scuff': [phrase('shoe-marks'), phrase('rubber-left-and-not-a-scuff')],
  'silicone-film': [phrase('old-dressing'), phrase('glossy-and-slippery-the-cloth')],
  polish: [phrase('polish'), phrase('white-dried-rests-in-grain')],
  ink: [phrase('ink'), phrase('thin-lines-or-a-blot-that-spreads')],
  adhesive: [phrase('adhesive'), phrase('tacky-edges-where-tape-or')],
  mould: [phrase('mould'), phrase('fur-or-grey-dots-a')],
  'white-bloom': [phrase('white-bloom'), phrase('a-white-breath-that-wipes')],
  odour: [phrase('odour'), phrase('find-and-clean-the-source')],
})

export const wears = choices<CodeOf<Condition['wear']>>({
  intact: [phrase('intact'), phrase('colour-and-coat-whole-even')],
  worn: [phrase('worn'), phrase('coat-thin-shiny-creases-colour')],
  cracked: [phrase('cracked'), phrase('lines-through-the-coat-no')],
  torn: [phrase('torn'), phrase('open-or-split-a-repairers')],
})

export const feels = choices<CodeOf<Condition['feel']>>({
  supple: [phrase('supple'), phrase('gives-and-comes-back')],
  dry: [phrase('dry'), phrase('papery-creases-stay-pale')],
  stiff: [phrase('stiff'), phrase('hard-as-card-creaks')],
})

export const naps = choices<CodeOf<Condition['nap']>>({
  open: [phrase('open'), phrase('shades-under-a-finger')],
  matted: [phrase('matted'), phrase('flat-dark-and-shiny-where')],
  pilled: [phrase('pilled'), phrase('small-balls-of-fluff-shave')],
})

export const holes = choices<CodeOf<Condition['perforations']> | 'no'>({
  no: [phrase('not-perforated'), phrase('no-punched-holes')],
  open: [phrase('open'), phrase('light-shows-through')],
  ringed: [phrase('ringed'), phrase('a-dark-rim-round-each')],
  blocked: [phrase('blocked'), phrase('holes-filled-with-cleaner-or')],
})

export const tones = choices<CodeOf<Surface['tone']>>({
  pale: ['Pale', 'Dye shows; only white or often washed cloths'],
  mid: ['Mid', 'Tan, red, grey'],
  dark: ['Dark', 'Watch the cloth for its own colour; hot in the sun'],
})

export const grains = choices<CodeOf<Surface['texture']>>({
  smooth: [phrase('smooth'), phrase('a-pad-hugs-it')],
  fine: [phrase('fine'), phrase('a-nail-just-catches')],
  medium: [phrase('medium'), phrase('valleys-a-pad-skates-over')],
  deep: [phrase('deep'), phrase('needs-bristles')],
})

export const features = choices<CodeOf<Surface['features']>>({
  heated: [phrase('heated'), phrase('mats-under-it-as-perforated')],
  ventilated: [phrase('ventilated'), phrase('fans-and-foam-under-it')],
  airbag: [phrase('airbag'), phrase('a-tag-or-stitched-seam')],
  electronics: [phrase('electronics'), phrase('liquid-on-the-tool-only')],
})

export const besides = choices<CodeOf<Surface['near']>>({
  'wood-open-pore': [phrase('open-pore-wood'), phrase('drinks-water-mask-it')],
  screen: [phrase('screen'), phrase('shield-it-from-droplets')],
  'metal-bright': [phrase('bright-metal'), phrase('shows-every-cleaning-mark')],
  textile: [phrase('textile'), phrase('drips-leave-an-edge')],
  paint: [phrase('paint'), phrase('dressing-off-at-once')],
})

export const damages = choices<CodeOf<Condition['damage']>>({
  scuffed: [phrase('scuffed-through'), phrase('through-the-pigment-not-dirt')],
  scratched: [phrase('scratched'), phrase('a-line-that-catches-a')],
  gummy: [phrase('gummy'), phrase('soft-touch-gone-sticky')],
  faded: [phrase('faded'), phrase('paler-than-under-the-seat')],
  creaks: [phrase('creaks'), phrase('where-panels-touch-a-protector')],
})

/** Found over a panel and never in one place of it. */
type Spread = 'dust' | 'silicone-film' | 'white-bloom' | 'odour'

/** What a stain may be of; mould is among the soils, and stops the panel. */
export const stainKinds = choices<Exclude<Stain['kind'], Spread>>({
  'food-drink': [phrase('food-drink'), phrase('a-ring-or-a-drip')],
  ink: [phrase('ink'), phrase('thin-lines-or-a-blot')],
  adhesive: [phrase('adhesive'), phrase('tacky-edges-where-something')],
  glue: [phrase('glue'), phrase('hard-glassy-gone-in')],
  polish: [phrase('nail-polish'), phrase('a-hard-bright-drop')],
  blood: [phrase('blood'), phrase('more-than-a-spot-stops')],
  'make-up': [phrase('make-up'), phrase('beige-greasy')],
  'denim-dye': [phrase('denim-dye'), phrase('a-blue-haze-in-one')],
  'shoe-scuff': [phrase('shoe-mark'), phrase('rubber-left-on-the-surface')],
  'skin-oil': [phrase('grease'), phrase('a-dark-shiny-patch')],
  mould: [phrase('mould'), phrase('stop-it-has-its-own')],
})

export const stainExtents = choices<Stain['extent']>({
  spot: [phrase('a-spot'), phrase('the-size-of-a-coin')],
  streak: [phrase('a-streak'), phrase('the-length-of-a-hand')],
  panel: [phrase('all-over'), phrase('the-whole-panel')],
})

export const faults = choices<CodeOf<Setting['faults']>>({
  'airbag-lamp': [phrase('airbag-lamp-on'), phrase('seats-wheel-and-covers-stay')],
  'belt-lamp': [phrase('belt-lamp-on'), phrase('belts-and-seats-stay-dry')],
  'seat-heater': [phrase('seat-heater-faulty'), phrase('seats-stay-dry')],
  'occupancy-mat': [phrase('occupancy-mat-faulty'), phrase('seats-stay-dry')],
  'cracked-screen': [phrase('screen-cracked'), phrase('no-liquid-near-it')],
})

export const childSeats = choices<CodeOf<Setting['childSeat']>>({
  none: [phrase('none'), phrase('no-child-seat-in-the')],
  in: [phrase('stays-in'), phrase('worked-round-nothing-under-it')],
  out: [phrase('comes-out'), phrase('the-customer-takes-it-out')],
})

export const avoids = choices<CodeOf<Schemas['WishesFile']['avoid']>>({
  scent: [phrase('scent'), phrase('allergy-asthma-pregnancy')],
  solvent: [phrase('solvent'), phrase('nothing-that-fumes')],
  aerosol: [phrase('mist'), phrase('nothing-sprayed-by-itself')],
})
