import { IntlMessageFormat } from 'intl-messageformat'

type Values = Record<string, string | number>

/** The language screens are written in; numbers and plurals go by it. */
const LANGUAGE = 'en-GB'

/** The language of no country in which tests see what has no phrase: every one is marked. */
const MARKED = 'en-XA'
const isMarked = typeof document !== 'undefined' && document.documentElement.lang === MARKED

/** What is put into words by itself, such as a code, marked as phrases are. */
export const marked = (said: string) => (isMarked ? `«${said}»` : said)

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
  return (code: keyof Catalogue & string, values?: Values): string => {
    const said = values ? String(formatOf(code).format(values)) : (messages[code] as string)
    return marked(said)
  }
}
