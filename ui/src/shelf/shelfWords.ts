import type { Schemas } from '../api/client'
import { choices, type CodeOf } from '../parts/choices'

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
  cleaner: 'Cleaner',
  'all-in-one': 'All in one',
  'multi-surface-cleaner': 'Multi surface cleaner',
  'textile-shampoo': 'Textile shampoo',
  'spot-remover': 'Spot remover',
  degreaser: 'Degreaser',
  'screen-cleaner': 'Screen cleaner',
  'residue-remover': 'Residue remover',
  'dusting-aid': 'Dusting aid',
  conditioner: 'Conditioner',
  'restoring-oil': 'Restoring oil',
  protectant: 'Protectant',
  'dye-barrier': 'Dye barrier',
  coating: 'Coating',
  'nap-protector': 'Nap protector',
  'plastic-restorer': 'Plastic restorer',
  'odour-neutraliser': 'Odour neutraliser',
  'colour-touch-up': 'Colour touch up',
  disinfectant: 'Disinfectant',
})
export const forms = choices<CodeOf<Product['form']>>({
  liquid: 'Liquid',
  foam: 'Foam',
  gel: 'Gel',
  cream: 'Cream',
  oil: 'Oil',
  wipe: 'Wipe',
  spray: 'Spray',
})
export const natures = choices<CodeOf<Product['phNature']>>({
  'neutral-surfactant': ['Neutral', 'Drifts to the water’s pH as it is thinned'],
  buffered: ['Buffered', 'Holds: a tenth of a unit per tenfold'],
  'strong-alkali': ['Strong alkali', 'About one unit per tenfold'],
  'weak-alkali': ['Weak alkali', 'Half a unit per tenfold'],
  'weak-acid': ['Weak acid', 'Half a unit per tenfold, upwards'],
})
export const films = choices<CodeOf<Product['leavesFilm']>>({
  none: ['None', 'A coating bonds after it'],
  protectant: ['Protectant', 'Keeps a coating from bonding: residue pass first'],
  silicone: ['Silicone', 'Glossy, slippery, comes off with a residue remover'],
  wax: ['Wax', 'Softens in the sun'],
})
export const slips = choices<CodeOf<Product['slip']>>({
  none: ['None', 'Grips as before'],
  slight: ['Slight', 'On a rim only buffed dry, with a grip check'],
  slippery: ['Slippery', 'Never on what is held or trodden on'],
})
/** Yes-or-no facts of a label and what each means here. */
export const traits = [
  { value: 'abrasive', label: 'Abrasive', hint: 'Rubs: spot use only, never on gloss or soft-touch' },
  { value: 'bleach', label: 'Bleach', hint: 'Never with acid or ammonia, never on belts' },
  { value: 'ammonia', label: 'Ammonia', hint: 'Never with bleach' },
  { value: 'acid', label: 'Acid', hint: 'Never with bleach or peroxide' },
  { value: 'peroxide', label: 'Peroxide', hint: 'Never with acid' },
  { value: 'quats', label: 'Quats', hint: 'Undone by anionic cleaners' },
  { value: 'anionic', label: 'Anionic', hint: 'Undone by quats' },
  { value: 'flammable', label: 'Flammable', hint: 'Away from heat, steam and heated seats' },
  { value: 'household', label: 'Household product', hint: 'Not made for trim' },
  { value: 'needsRinse', label: 'Needs rinsing', hint: 'Wipe again with clean water' },
  { value: 'coatingSafe', label: 'Coating-safe', hint: 'May go on a surface that carries a coating' },
  { value: 'uv', label: 'UV protection', hint: 'Slows fading' },
  { value: 'dyeBarrier', label: 'Dye barrier', hint: 'Keeps denim dye out' },
] as const

export const kinds = choices<Tool['kind']>({
  cloth: 'Cloth',
  'waffle-cloth': 'Waffle cloth',
  sponge: 'Sponge',
  brush: 'Brush',
  pad: 'Pad',
  block: 'Block',
  applicator: 'Applicator',
  steamer: 'Steamer',
  vacuum: 'Vacuum',
  blower: 'Blower',
  extractor: 'Extractor',
  shaver: 'Shaver',
  razor: 'Razor',
  mister: 'Mister',
  lamp: 'Lamp',
  hand: 'Hand',
})
export const stiffnesses = [
  '0 microfibre cloth or fingertips',
  '1 soft sponge',
  '2 make-up brush, ultra-soft detailing brush',
  '3 soft horsehair',
  '4 horsehair upholstery brush',
  '5 leather brush, soft nylon',
  '6 non-scratch nylon pad, medium nylon',
  '7 stiff cockpit brush, hard toothbrush',
  '8 carpet brush, trimmed wheel-nut brush',
  '9 metal bristle: never on trim',
]
export const soils = choices<CodeOf<Product['goodAt']>>({
  dust: 'Dust',
  'skin-oil': 'Skin oil',
  'make-up': 'Make up',
  'food-drink': 'Food or drink',
  'denim-dye': 'Denim dye',
  ink: 'Ink',
  'shoe-scuff': 'Shoe marks',
  'silicone-film': 'Silicone film',
  polish: 'Polish',
  adhesive: 'Adhesive',
  mould: 'Mould',
  'white-bloom': 'White bloom',
  odour: 'Odour',
})

/** Where a tool may be used; none picked is not said, and then it may be anywhere. */
export const suits = choices<CodeOf<Tool['suits']>>({
  seats: ['Seats', 'Hide, vinyl, fabric'],
  'hard-trim': ['Hard trim', 'Dash, doors, console'],
  controls: ['Controls', 'Rim, switches, screens'],
  nap: ['Nap', 'Stays on nap'],
  floor: ['Floor', 'Never touches a seat again'],
  belts: ['Belts', 'Webbing alone'],
  outside: ['Outside', 'Jambs and outside trim'],
})
