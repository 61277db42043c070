import { phrase } from './phrase'
import { LANGUAGE } from './phrases'

type Item = string | number | false | null | undefined

const present = (items: Item[]) =>
  items.filter((item) => item !== false && item !== null && item !== undefined && item !== '').map(String)

const facts = new Intl.ListFormat(LANGUAGE, { type: 'unit' })
const all = new Intl.ListFormat(LANGUAGE, { type: 'conjunction' })
const any = new Intl.ListFormat(LANGUAGE, { type: 'disjunction' })

/** What stands beside one another, those there are: "1:10, warm, two passes". */
export const listed = (...items: Item[]) => facts.format(present(items))

/** All of them, apart by more than a comma: "seat, left; door, front". */
export const apart = (items: readonly Item[]) =>
  present([...items]).reduce((one, next) => (one ? phrase('apart', { one, next }) : next), '')

/** Whole sentences after one another. */
export const sentences = (items: readonly Item[]) => present([...items]).join(' ')

/** All of them, in a sentence: "seat, door and dash"; apart by semicolons where one has a comma itself. */
export const allOf = (items: readonly Item[]) => {
  const things = present([...items])
  return things.some((thing) => thing.includes(',')) ? apart(things) : all.format(things)
}

/** One of them, in a sentence: "seat, door or dash". */
export const anyOf = (items: readonly Item[]) => any.format(present([...items]))
