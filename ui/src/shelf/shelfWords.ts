import { Say } from '../parts/words'

const words = (...codes: string[]) => codes.map((value) => ({ value, label: Say(value) }))

export const cleaningRoles = [
  'cleaner',
  'all-in-one',
  'multi-surface-cleaner',
  'textile-shampoo',
  'spot-remover',
  'degreaser',
  'screen-cleaner',
  'residue-remover',
]
export const roles = words(
  ...cleaningRoles,
  'dusting-aid',
  'conditioner',
  'restoring-oil',
  'protectant',
  'dye-barrier',
  'coating',
  'nap-protector',
  'plastic-restorer',
  'odour-neutraliser',
  'colour-touch-up',
  'disinfectant',
)
export const forms = words('liquid', 'foam', 'gel', 'cream', 'oil', 'wipe', 'spray')
export const natures = [
  { value: 'neutral-surfactant', label: 'Neutral', hint: 'Drifts to the water’s pH as it is thinned' },
  { value: 'buffered', label: 'Buffered', hint: 'Holds: a tenth of a unit per tenfold' },
  { value: 'strong-alkali', label: 'Strong alkali', hint: 'About one unit per tenfold' },
  { value: 'weak-alkali', label: 'Weak alkali', hint: 'Half a unit per tenfold' },
  { value: 'weak-acid', label: 'Weak acid', hint: 'Half a unit per tenfold, upwards' },
]
export const films = [
  { value: 'none', label: 'None', hint: 'A coating bonds after it' },
  { value: 'protectant', label: 'Protectant', hint: 'Keeps a coating from bonding: residue pass first' },
  { value: 'silicone', label: 'Silicone', hint: 'Glossy, slippery, comes off with a residue remover' },
  { value: 'wax', label: 'Wax', hint: 'Softens in the sun' },
]
export const slips = [
  { value: 'none', label: 'None', hint: 'Grips as before' },
  { value: 'slight', label: 'Slight', hint: 'On a rim only buffed dry, with a grip check' },
  { value: 'slippery', label: 'Slippery', hint: 'Never on what is held or trodden on' },
]
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

export const kinds = words(
  'cloth',
  'waffle-cloth',
  'sponge',
  'brush',
  'pad',
  'block',
  'applicator',
  'steamer',
  'vacuum',
  'blower',
  'extractor',
  'shaver',
  'razor',
  'mister',
  'lamp',
  'hand',
)
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
export const soils = words(
  'dust',
  'skin-oil',
  'make-up',
  'food-drink',
  'denim-dye',
  'ink',
  'shoe-scuff',
  'silicone-film',
  'polish',
  'adhesive',
  'mould',
  'white-bloom',
  'odour',
)

/** Where a tool may be used; none picked is not said, and then it may be anywhere. */
export const suits = [
  { value: 'seats', label: 'Seats', hint: 'Hide, vinyl, fabric' },
  { value: 'hard-trim', label: 'Hard trim', hint: 'Dash, doors, console' },
  { value: 'controls', label: 'Controls', hint: 'Rim, switches, screens' },
  { value: 'nap', label: 'Nap', hint: 'Stays on nap' },
  { value: 'floor', label: 'Floor', hint: 'Never touches a seat again' },
  { value: 'belts', label: 'Belts', hint: 'Webbing alone' },
  { value: 'outside', label: 'Outside', hint: 'Jambs and outside trim' },
]
