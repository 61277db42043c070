import { IntlMessageFormat } from 'intl-messageformat'

type Values = Record<string, string | number>

/** The language screens are written in; numbers and plurals go by it. */
const LANGUAGE = 'en-GB'

/** The language of no country in which tests see what has no phrase: every one is marked. */
const MARKED = 'en-XA'
const isMarked = typeof document !== 'undefined' && document.documentElement.lang === MARKED

/**
 * The phrases of an area, from its catalogue of ICU messages: a code with arguments in, a sentence
 * out. A message is parsed when it is first said.
 */
export function phrases<Catalogue extends Record<string, string>>(messages: Catalogue) {
  const parsed = new Map<string, IntlMessageFormat>()
  return (code: keyof Catalogue & string, values?: Values): string => {
    let message = parsed.get(code)
    if (!message) {
      message = new IntlMessageFormat(messages[code] as string, LANGUAGE)
      parsed.set(code, message)
    }
    const said = String(message.format(values))
    return isMarked ? `⟦${said}⟧` : said
  }
}
