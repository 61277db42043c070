import type { Option } from '../parts/controls'

const option = (value: string, label: string, hint: string): Option => ({ value, label, hint })

/** Everything that can be found, in the trade's words, each with what it looks like. */
export const soilLevels = [
  option('none', 'None', 'Clean: matt and slightly grippy'),
  option('light', 'Light', 'A film; a damp cloth greys'),
  option('moderate', 'Moderate', 'A season: shine where it is touched'),
  option('heavy', 'Heavy', 'Half a year and more; slippery, dark seams'),
  option('caked', 'Caked', 'Stands on the grain; comes off in layers'),
]

export const soilKinds = [
  option('skin-oil', 'Skin oil', 'Shine is grease; slippery means the same'),
  option('make-up', 'Make-up', 'Beige smears on bolsters, headrests, belts'),
  option('food-drink', 'Food, drink', 'Sticky rings, crumbs in seams, sour smell'),
  option('denim-dye', 'Denim dye', 'A blue haze on pale trim'),
  option('dust', 'Dust', 'Lies loose; goes with the vacuum, never wet first'),
  option('shoe-scuff', 'Shoe marks', 'Rubber left on the surface, not a scuff into it'),
  option('silicone-film', 'Old dressing', 'Glossy and slippery; the cloth comes away oily'),
  option('polish', 'Polish', 'White dried rests in grain and edges'),
  option('ink', 'Ink', 'Thin lines or a blot; spreads with solvent'),
  option('adhesive', 'Adhesive', 'Tacky edges where tape or a holder sat'),
  option('mould', 'Mould', 'Fur or grey dots, a cellar smell: stop, it has its own precautions'),
  option('white-bloom', 'White bloom', 'A white breath that wipes off and returns'),
  option('odour', 'Odour', 'Find and clean the source first'),
]

export const wears = [
  option('intact', 'Intact', 'Colour and coat whole, even at edges and creases'),
  option('worn', 'Worn', 'Coat thin: shiny creases, colour paler on edges; a rim at ten and two'),
  option('cracked', 'Cracked', 'Lines through the coat; no liquid in them'),
  option('torn', 'Torn', 'Open or split: a repairer’s'),
]

export const feels = [
  option('supple', 'Supple', 'Gives and comes back'),
  option('dry', 'Dry', 'Papery, creases stay pale'),
  option('stiff', 'Stiff', 'Hard as card; creaks'),
]

export const naps = [
  option('open', 'Open', 'Shades under a finger'),
  option('matted', 'Matted', 'Flat, dark and shiny where held'),
  option('pilled', 'Pilled', 'Small balls of fluff: shave before any liquid'),
]

export const holes = [
  option('no', 'Not perforated', 'No punched holes'),
  option('open', 'Open', 'Light shows through'),
  option('ringed', 'Ringed', 'A dark rim round each hole'),
  option('blocked', 'Blocked', 'Holes filled with cleaner or balm'),
]

export const tones = [
  option('pale', 'Pale', 'Dye shows; only white or often washed cloths'),
  option('mid', 'Mid', 'Tan, red, grey'),
  option('dark', 'Dark', 'Watch the cloth for its own colour; hot in the sun'),
]

export const grains = [
  option('smooth', 'Smooth', 'A pad hugs it'),
  option('fine', 'Fine', 'A nail just catches'),
  option('medium', 'Medium', 'Valleys a pad skates over'),
  option('deep', 'Deep', 'Needs bristles'),
]

export const features = [
  option('heated', 'Heated', 'Mats under it: as perforated for wetting'),
  option('ventilated', 'Ventilated', 'Fans and foam under it: as perforated for wetting'),
  option('airbag', 'Airbag', 'A tag or stitched seam: stays dry and undressed'),
  option('electronics', 'Electronics', 'Liquid on the tool only, ignition off'),
]

export const besides = [
  option('wood-open-pore', 'Open-pore wood', 'Drinks water: mask it'),
  option('screen', 'Screen', 'Shield it from droplets'),
  option('metal-bright', 'Bright metal', 'Shows every cleaning mark'),
  option('textile', 'Textile', 'Drips leave an edge'),
  option('paint', 'Paint', 'Dressing off at once'),
]

export const damages = [
  option('scuffed', 'Scuffed through', 'Through the pigment: not dirt, it stays'),
  option('scratched', 'Scratched', 'A line that catches a nail'),
  option('gummy', 'Gummy', 'Soft-touch gone sticky: refinishing, not cleaning'),
  option('faded', 'Faded', 'Paler than under the seat'),
  option('creaks', 'Creaks', 'Where panels touch; a protector stops it'),
]

/** What a stain may be of; mould is among the soils, and stops the panel. */
export const stainKinds = [
  option('food-drink', 'Food, drink', 'A ring or a drip'),
  option('ink', 'Ink', 'Thin lines or a blot'),
  option('adhesive', 'Adhesive', 'Tacky edges where something sat'),
  option('glue', 'Glue', 'Hard, glassy, gone in'),
  option('polish', 'Nail polish', 'A hard bright drop'),
  option('blood', 'Blood', 'More than a spot stops the panel; cold water only'),
  option('make-up', 'Make-up', 'Beige, greasy'),
  option('denim-dye', 'Denim dye', 'A blue haze in one place'),
  option('shoe-scuff', 'Shoe mark', 'Rubber left on the surface'),
  option('skin-oil', 'Grease', 'A dark, shiny patch'),
  option('mould', 'Mould', 'Stop: it has its own precautions'),
]

export const stainExtents = [
  option('spot', 'A spot', 'The size of a coin'),
  option('streak', 'A streak', 'The length of a hand'),
  option('panel', 'All over', 'The whole panel'),
]

export const faults = [
  option('airbag-lamp', 'Airbag lamp on', 'Seats, wheel and covers stay dry'),
  option('belt-lamp', 'Belt lamp on', 'Belts and seats stay dry'),
  option('seat-heater', 'Seat heater faulty', 'Seats stay dry'),
  option('occupancy-mat', 'Occupancy mat faulty', 'Seats stay dry'),
  option('cracked-screen', 'Screen cracked', 'No liquid near it'),
]

export const childSeats = [
  option('none', 'None', 'No child seat in the car'),
  option('in', 'Stays in', 'Worked round; nothing under it is done'),
  option('out', 'Comes out', 'The customer takes it out and fits it again'),
]

export const avoids = [
  option('scent', 'Scent', 'Allergy, asthma, pregnancy'),
  option('solvent', 'Solvent', 'Nothing that fumes'),
  option('aerosol', 'Mist', 'Nothing sprayed by itself'),
]
