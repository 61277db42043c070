import type { Schemas } from '../api/client'
import { cleaningRoles } from './shelfWords'

type Product = Schemas['ProductFile']

export const cleans = (draft: Product) => draft.roles.some((role) => cleaningRoles.includes(role))
export const stays = (draft: Product) =>
  draft.roles.some((role) => !cleaningRoles.includes(role) && role !== 'dusting-aid')

/** What is left empty in a part of the form, and what that costs: unsaid is taken as the worst. */
export const blanks = {
  cleaning: (draft: Product) =>
    found(cleans(draft), [
      [draft.strength, 'strength: never a first choice'],
      [
        draft.solventPercent === undefined &&
        draft.roles.some((role) => role === 'spot-remover' || role === 'degreaser')
          ? undefined
          : 0,
        'solvent: counts as one',
      ],
      [draft.leavesFilm, 'film: nothing bonds over it without a residue pass'],
      [draft.goodAt?.length ? 0 : undefined, 'what it is good at: no stain is promised away with it'],
    ]),
  label: (draft: Product) =>
    found(true, [
      [draft.scented, 'scent: left out where scent is to be avoided'],
      [draft.aerosol, 'mist: left out where aerosol is to be avoided'],
    ]),
  surface: (draft: Product) =>
    found(stays(draft), [
      [draft.slip, 'slip: not where one sits, holds or treads'],
      [draft.lifeDays, 'how long it lasts: after-care cannot say when to renew it'],
    ]),
  keeping: (draft: Product) =>
    found(true, [
      [draft.pack?.priceMinor, 'price: not in quotes'],
      [draft.pack?.ml, 'pack: no order can be made'],
    ]),
}

/** The costs of what is not said, where the part is of the product at all. */
const found = (asks: boolean, asked: [unknown, string][]) =>
  asks ? asked.filter(([value]) => value === undefined).map(([, cost]) => cost) : []
