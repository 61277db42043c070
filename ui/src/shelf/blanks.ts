import type { Schemas } from '../api/client'
import { cleaningRoles } from './shelfWords'
import { phrase } from './phrase'

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
      [draft.goodAt?.length ? 0 : undefined, phrase('what-it-is-good-at')],
    ]),
  label: (draft: Product) =>
    found(true, [
      [draft.scented, phrase('scent-left-out-where-scent')],
      [draft.aerosol, phrase('mist-left-out-where-aerosol')],
    ]),
  surface: (draft: Product) =>
    found(stays(draft), [
      [draft.slip, phrase('slip-not-where-one-sits')],
      [draft.lifeDays, phrase('how-long-it-lasts-after')],
    ]),
  keeping: (draft: Product) =>
    found(true, [
      [draft.pack?.priceMinor, phrase('price-not-in-quotes')],
      [draft.pack?.ml, phrase('pack-no-order-can-be')],
    ]),
}

/** The costs of what is not said, where the part is of the product at all. */
const found = (asks: boolean, asked: [unknown, string][]) =>
  asks ? asked.filter(([value]) => value === undefined).map(([, cost]) => cost) : []
