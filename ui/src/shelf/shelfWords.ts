import type { Schemas } from '../api/client'
import { choices, type CodeOf } from '../parts/choices'
import { phrase } from './phrase'

type Product = Schemas['ProductFile']
type Tool = Schemas['ToolFile']
type Role = Product['roles'][number]

export const cleaningRoles: Role[] = [
  'cleaner',
  'all-in-one',
  'multi-surface-cleaner',
  'textile-shampoo',
  'spot-remover',
  'degreaser',
  'screen-cleaner',
  'residue-remover',
]
export const roles = choices<Role>({
  cleaner: phrase('cleaner'),
  'all-in-one': phrase('all-in-one'),
  'multi-surface-cleaner': phrase('multi-surface-cleaner'),
  'textile-shampoo': phrase('textile-shampoo'),
  'spot-remover': phrase('spot-remover'),
  degreaser: phrase('degreaser'),
  'screen-cleaner': phrase('screen-cleaner'),
  'residue-remover': phrase('residue-remover'),
  'dusting-aid': phrase('dusting-aid'),
  conditioner: phrase('conditioner'),
  'restoring-oil': phrase('restoring-oil'),
  protectant: phrase('protectant'),
  'dye-barrier': phrase('dye-barrier'),
  coating: phrase('coating'),
  'nap-protector': phrase('nap-protector'),
  'plastic-restorer': phrase('plastic-restorer'),
  'odour-neutraliser': phrase('odour-neutraliser'),
  'colour-touch-up': phrase('colour-touch-up'),
  disinfectant: phrase('disinfectant'),
})
export const forms = choices<CodeOf<Product['form']>>({
  liquid: phrase('liquid'),
  foam: phrase('foam'),
  gel: phrase('gel'),
  cream: phrase('cream'),
  oil: phrase('oil'),
  wipe: phrase('wipe'),
  spray: phrase('spray'),
})
export const natures = choices<CodeOf<Product['phNature']>>({
  'neutral-surfactant': [phrase('neutral'), phrase('drifts-to-the-waters-ph')],
  buffered: [phrase('buffered'), phrase('holds-a-tenth-of-a')],
  'strong-alkali': [phrase('strong-alkali'), phrase('about-one-unit-per-tenfold')],
  'weak-alkali': [phrase('weak-alkali'), phrase('half-a-unit-per-tenfold')],
  'weak-acid': [phrase('weak-acid'), phrase('half-a-unit-per-tenfold-upwards')],
})
export const films = choices<CodeOf<Product['leavesFilm']>>({
  none: [phrase('none'), phrase('a-coating-bonds-after-it')],
  protectant: [phrase('protectant'), phrase('keeps-a-coating-from-bonding')],
  silicone: [phrase('silicone'), phrase('glossy-slippery-comes-off-with')],
  wax: [phrase('wax'), phrase('softens-in-the-sun')],
})
export const slips = choices<CodeOf<Product['slip']>>({
  none: [phrase('none'), phrase('grips-as-before')],
  slight: [phrase('slight'), phrase('on-a-rim-only-buffed')],
  slippery: [phrase('slippery'), phrase('never-on-what-is-held')],
})
/** Yes-or-no facts of a label and what each means here. */
export const traits = [
  { value: 'abrasive', label: phrase('abrasive'), hint: phrase('rubs-spot-use-only-never') },
  { value: 'bleach', label: phrase('bleach'), hint: phrase('never-with-acid-or-ammonia') },
  { value: 'ammonia', label: phrase('ammonia'), hint: phrase('never-with-bleach') },
  { value: 'acid', label: phrase('acid'), hint: phrase('never-with-bleach-or-peroxide') },
  { value: 'peroxide', label: phrase('peroxide'), hint: phrase('never-with-acid') },
  { value: 'quats', label: phrase('quats'), hint: phrase('undone-by-anionic-cleaners') },
  { value: 'anionic', label: phrase('anionic'), hint: phrase('undone-by-quats') },
  { value: 'flammable', label: phrase('flammable'), hint: phrase('away-from-heat-steam-and') },
  { value: 'household', label: phrase('household-product'), hint: phrase('not-made-for-trim') },
  { value: 'needsRinse', label: phrase('needs-rinsing'), hint: phrase('wipe-again-with-clean-water') },
  { value: 'coatingSafe', label: phrase('coating-safe'), hint: phrase('may-go-on-a-surface') },
  { value: 'uv', label: phrase('uv-protection'), hint: phrase('slows-fading') },
  { value: 'dyeBarrier', label: phrase('dye-barrier'), hint: phrase('keeps-denim-dye-out') },
] as const

export const kinds = choices<Tool['kind']>({
  cloth: phrase('cloth'),
  'waffle-cloth': phrase('waffle-cloth'),
  sponge: phrase('sponge'),
  brush: phrase('brush'),
  pad: phrase('pad'),
  block: phrase('block'),
  applicator: phrase('applicator'),
  steamer: phrase('steamer'),
  vacuum: phrase('vacuum'),
  blower: phrase('blower'),
  extractor: phrase('extractor'),
  shaver: phrase('shaver'),
  razor: phrase('razor'),
  mister: phrase('mister'),
  lamp: phrase('lamp'),
  hand: phrase('hand'),
})
export const stiffnesses = [
  phrase('0-microfibre-cloth-or'),
  phrase('1-soft-sponge'),
  phrase('2-make-up-brush-ultra'),
  phrase('3-soft-horsehair'),
  phrase('4-horsehair-upholstery-brush'),
  phrase('5-leather-brush-soft-nylon'),
  phrase('6-non-scratch-nylon-pad'),
  phrase('7-stiff-cockpit-brush-hard'),
  phrase('8-carpet-brush-trimmed-wheel'),
  phrase('9-metal-bristle-never-on'),
]
export const soils = choices<CodeOf<Product['goodAt']>>({
  dust: phrase('dust'),
  'skin-oil': phrase('skin-oil'),
  'make-up': phrase('make-up'),
  'food-drink': phrase('food-or-drink'),
  'denim-dye': phrase('denim-dye'),
  ink: phrase('ink'),
  'shoe-scuff': phrase('shoe-marks'),
  'silicone-film': phrase('silicone-film'),
  polish: phrase('polish'),
  adhesive: phrase('adhesive'),
  mould: phrase('mould'),
  'white-bloom': phrase('white-bloom'),
  odour: phrase('odour'),
})

/** Where a tool may be used; none picked is not said, and then it may be anywhere. */
export const suits = choices<CodeOf<Tool['suits']>>({
  seats: [phrase('seats'), phrase('hide-vinyl-fabric')],
  'hard-trim': [phrase('hard-trim'), phrase('dash-doors-console')],
  controls: [phrase('controls'), phrase('rim-switches-screens')],
  nap: [phrase('nap'), phrase('stays-on-nap')],
  floor: [phrase('floor'), phrase('never-touches-a-seat-again')],
  belts: [phrase('belts'), phrase('webbing-alone')],
  outside: [phrase('outside'), phrase('jambs-and-outside-trim')],
})
