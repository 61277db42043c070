// Holds the size of the pieces to what was set, from the lines tools/Figures.java and
// ui/scripts/figures.mjs tell; what is still larger is named in figures.json and may not grow.
import { readFileSync } from 'node:fs'
import { join } from 'node:path'

const MEDIAN = 6
const PIECE = 24
const LONGEST = 60
const COMPONENT = 100
const PARAMETERS = 12
const FILE = 400
const LEAST_TESTS = 25
const MOST_TESTS = 34

const known = JSON.parse(readFileSync(join(import.meta.dirname, 'figures.json'), 'utf8'))
const pieces = readFileSync(0, 'utf8')
  .trim()
  .split('\n')
  .map((line) => line.split('\t'))
  .map(([kind, size, where]) => ({ kind, size: Number(size), where: where.replace(/:\d+/, '') }))

const of = (...kinds) => pieces.filter((piece) => kinds.includes(piece.kind))
const at = (share, some) => {
  const sizes = some.map((piece) => piece.size).sort((a, b) => a - b)
  return sizes[Math.min(sizes.length - 1, Math.ceil(share * sizes.length) - 1)]
}
const faults = []
const hold = (what, size, most) => {
  console.log(`${what}: ${size} (${most} at most)`)
  if (size > most) faults.push(`${what}: found ${size}; ${most} is allowed`)
}
const holdEach = (what, some, most) => {
  for (const piece of some.filter((p) => p.size > most)) {
    const allowed = known[piece.where] ?? most
    if (piece.size > allowed) faults.push(`${what} ${piece.where}: found ${piece.size}; ${allowed} is allowed`)
  }
}

const functions = of('method', 'function')
hold('lines of a method or function, median', at(0.5, functions), MEDIAN)
hold('lines of a method or function, 95 %', at(0.95, functions), PIECE)
hold('lines of a component, 95 %', at(0.95, of('component')), known['components, 95 %'] ?? COMPONENT)
holdEach('lines of', functions, LONGEST)
holdEach('parameters of the constructor', of('constructor'), PARAMETERS)
holdEach('lines of', of('file', 'test-file'), FILE)

const lines = (some) => some.reduce((sum, piece) => sum + piece.size, 0)
const tests = lines(of('test-file'))
const share = Math.round((1000 * tests) / (tests + lines(of('file')))) / 10
console.log(`tests, of a hundred lines of code: ${share} (${LEAST_TESTS} to ${MOST_TESTS})`)
if (share < LEAST_TESTS || share > MOST_TESTS) faults.push(`tests: found ${share} of a hundred lines`)

const seen = new Map(pieces.map((piece) => [piece.where, piece.size]))
for (const [where, size] of Object.entries(known)) {
  if (seen.has(where) && seen.get(where) < size)
    faults.push(`figures.json ${where}: ${size} is written, ${seen.get(where)} is enough now`)
}
if (faults.length > 0) {
  console.error(faults.join('\n'))
  process.exit(1)
}
