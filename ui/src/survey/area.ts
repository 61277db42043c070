const LEAST = 0.0005
const MOST = 50

const number = (text: string) => Number(text.trim().replace(',', '.'))

/** Square metres from an area in m², or from a length and a width in cm; undefined where it is neither. */
export function squareMetres(text: string): number | undefined {
  const sides = text.split(/[x×*]/i)
  if (sides.some((s) => s.trim() === '')) return undefined
  const [a = NaN, b] = sides.map(number)
  const m2 = sides.length === 1 ? a : sides.length === 2 ? (a * (b ?? NaN)) / 10_000 : NaN
  const rounded = Math.round(m2 * 10_000) / 10_000
  return rounded >= LEAST && rounded <= MOST ? rounded : undefined
}
