import { IntlMessageFormat } from 'intl-messageformat'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'

type Catalogue = Record<string, string>
type Element = {
  type: number
  value?: string
  children?: Element[]
  options?: Record<string, { value: Element[] }>
}

const catalogues = import.meta.glob<Catalogue>('./en/*.json', { eager: true, import: 'default' })
const sources = import.meta.glob<string>(
  ['../**/*.ts', '../**/*.tsx', '!../**/*.test.*', '!../api/schema.ts'],
  {
    eager: true,
    query: '?raw',
    import: 'default',
  },
)

const LITERAL = 0
const POUND = 7

/** Names of the arguments and tags a message asks for. */
function asked(message: string): string[] {
  const names = new Set<string>()
  const walk = (elements: Element[]) =>
    elements.forEach((e) => {
      if (e.type !== LITERAL && e.type !== POUND && e.value) names.add(e.value)
      Object.values(e.options ?? {}).forEach((option) => walk(option.value))
      walk(e.children ?? [])
    })
  walk(new IntlMessageFormat(message, 'en-GB').getAst() as unknown as Element[])
  return [...names].sort()
}

/** The area whose catalogue a file takes its phrases from: its folder, here or beside, or the frame at the root. */
const areaOf = (file: string) =>
  file.startsWith('./') ? 'words' : (/^\.\.\/([^/]+)\//.exec(file)?.[1] ?? 'frame')

const isPhrase = (e: ts.Expression): boolean =>
  ts.isIdentifier(e)
    ? e.text === 'phrase'
    : ts.isPropertyAccessExpression(e) && e.name.text === 'drawn' && isPhrase(e.expression)

type Said = { file: string; area: string; code: string; given: string[] }

function said(file: string, text: string): Said[] {
  const found: Said[] = []
  const walk = (node: ts.Node) => {
    if (ts.isCallExpression(node) && isPhrase(node.expression)) {
      const [code, values] = node.arguments
      const given =
        values && ts.isObjectLiteralExpression(values)
          ? values.properties.map((p) => (p.name as ts.Identifier).text).sort()
          : []
      found.push({ file, area: areaOf(file), code: (code as ts.StringLiteral).text, given })
    }
    ts.forEachChild(node, walk)
  }
  walk(ts.createSourceFile(file, text, ts.ScriptTarget.Latest, false, ts.ScriptKind.TSX))
  return found
}

const all = Object.entries(sources).flatMap(([file, text]) => said(file, text))

describe('the catalogues of phrases', () => {
  it.each(Object.entries(catalogues))(
    '%s: every phrase is said somewhere, with what it asks for',
    (path, catalogue) => {
      const area = path.replace('./en/', '').replace('.json', '')
      const here = all.filter((s) => s.area === area)
      expect(Object.keys(catalogue).filter((code) => here.every((s) => s.code !== code))).toEqual([])
      const wrong = here.filter((s) => String(asked(catalogue[s.code] as string)) !== String(s.given))
      expect(wrong).toEqual([])
    },
  )

  it('take in every file that says something', () => {
    expect(all.length).toBeGreaterThan(1000)
    expect(all.filter((s) => !catalogues[`./en/${s.area}.json`])).toEqual([])
  })
})
