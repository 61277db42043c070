// How long the pieces of the front end are: a line of tab-separated kind, lines and where for each
// file, function and component; test code is told apart.
import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import ts from 'typescript'

const root = join(import.meta.dirname, '..')
const generated = 'src/api/schema.ts'

const tell = (kind, lines, where) => console.log([kind, lines, `ui/${where}`].join('\t'))

const nameOf = (node) =>
  node.name?.getText() ?? (ts.isVariableDeclaration(node.parent) ? node.parent.name.getText() : '')

function pieces(source, path) {
  const line = (at) => source.getLineAndCharacterOfPosition(at).line
  const look = (node) => {
    if (ts.isFunctionLike(node) && node.body) {
      const name = nameOf(node)
      const lines = line(node.end) - line(node.getStart()) + 1
      const component = path.endsWith('.tsx') && /^[A-Z]/.test(name)
      tell(component ? 'component' : 'function', lines, `${path}:${line(node.getStart()) + 1} ${name}`)
    }
    ts.forEachChild(node, look)
  }
  look(source)
}

for (const entry of readdirSync(join(root, 'src'), { recursive: true, withFileTypes: true })) {
  const full = join(entry.parentPath, entry.name)
  const path = relative(root, full)
  if (!entry.isFile() || !/\.tsx?$/.test(path) || path === generated) continue
  const text = readFileSync(full, 'utf8')
  const test = /\.test\.tsx?$/.test(path)
  tell(test ? 'test-file' : 'file', text.split('\n').length - 1, path)
  if (!test) pieces(ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true), path)
}
