import { IntlMessageFormat } from 'intl-messageformat'
import { Children, createElement, Fragment, type ReactNode } from 'react'

type Values = Record<string, string | number>

/** Draws what a tag of a message encloses. */
type Draw = (inside: ReactNode[]) => ReactNode

/** The language screens are written in; numbers and plurals go by it. */
export const LANGUAGE = 'en-GB'

/** The language of no country in which tests see what has no phrase: every one is marked. */
const MARKED = 'en-XA'
const isMarked = typeof document !== 'undefined' && document.documentElement.lang === MARKED

/** What is put into words by itself, such as a code, marked as phrases are. */
export const marked = (said: string) => (isMarked ? `«${said}»` : said)

/** The pieces of a phrase, each text marked by itself, as each is read by itself. */
const pieces = (said: ReactNode[]) =>
  Children.toArray(said).map((piece) => (typeof piece === 'string' ? marked(piece) : piece))

const drawing = (value: string | number | Draw) =>
  typeof value === 'function' ? (inside: ReactNode[]) => value(pieces(inside)) : value

/**
 * The phrases of an area, from its catalogue of ICU messages: a code with arguments in, a sentence
 * out. The build has taken the messages apart (vite.config.ts).
 */
export function phrases<Catalogue extends Record<string, string>>(messages: Catalogue) {
  const formats = new Map<string, IntlMessageFormat>()
  const formatOf = (code: keyof Catalogue & string) => {
    const format = formats.get(code) ?? new IntlMessageFormat(messages[code] as string, LANGUAGE)
    formats.set(code, format)
    return format
  }
  const phrase = (code: keyof Catalogue & string, values?: Values): string => {
    const said = values ? String(formatOf(code).format(values)) : (messages[code] as string)
    return marked(said)
  }

  /** A phrase with something drawn in it: a number in bold, a link. */
  phrase.drawn = (code: keyof Catalogue & string, values: Record<string, string | number | Draw>) => {
    const said = formatOf(code).format<ReactNode>(
      Object.fromEntries(Object.entries(values).map(([name, value]) => [name, drawing(value)])),
    )
    return createElement(Fragment, null, ...pieces(Array.isArray(said) ? said : [said]))
  }
  return phrase
}
