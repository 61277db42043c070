import type { Schemas } from '../api/client'

type Surface = Schemas['SurfaceFile']

/** What all picked surfaces agree on in one field; undefined where they differ or none is asked. */
export function agreed<T>(
  surfaces: (Surface | undefined)[],
  read: (s: Surface) => T | undefined,
): T | undefined {
  const values = surfaces.map((s) => (s ? read(s) : undefined))
  const [first] = values
  return values.every((v) => JSON.stringify(v) === JSON.stringify(first)) ? first : undefined
}

/** What is still unasked of a panel; empty once it can be planned. */
export function unasked(surface: Surface | undefined): string[] {
  if (!surface) return ['finish', 'soil', 'wear']
  return [
    ...(surface.finish ? [] : ['finish']),
    ...(surface.condition.soil ? [] : ['soil']),
    ...(surface.condition.wear ? [] : ['wear']),
  ]
}

/** True where several panels were asked and did not give the same answer. */
export function differ(surfaces: (Surface | undefined)[], read: (s: Surface) => unknown): boolean {
  return (
    surfaces.length > 1 &&
    surfaces.some((s) => s && read(s) !== undefined) &&
    agreed(surfaces, (s) => read(s)) === undefined
  )
}
