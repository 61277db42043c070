import type { MouseEvent } from 'react'

/** Half a fingertip, CSS pixels. */
const REACH = 15
/** What is at least this large both ways is hit for certain, CSS pixels. */
const SURE = 40

const ways = Array.from(
  { length: 8 },
  (_, i) => [Math.cos((i * Math.PI) / 4), Math.sin((i * Math.PI) / 4)] as const,
)

const panelAt = (x: number, y: number) =>
  document.elementFromPoint(x, y)?.closest<SVGGElement>('[data-panel]') ?? undefined

/** Whether a click came from a finger, which covers more than it points at. */
export const isFinger = (event: MouseEvent) =>
  (event.nativeEvent as { pointerType?: string }).pointerType === 'touch'

/** Panels a finger may have meant, what lies under its middle first; one alone where there is no doubt. */
export function meant(x: number, y: number): string[] {
  const middle = panelAt(x, y)
  const size = middle?.getBoundingClientRect()
  if (middle?.dataset.panel && size && Math.min(size.width, size.height) >= SURE && within(middle, x, y))
    return [middle.dataset.panel]
  const around = [REACH / 2, REACH].flatMap((far) =>
    ways.map(([dx, dy]) => panelAt(x + dx * far, y + dy * far)),
  )
  return [...new Set([middle, ...around].flatMap((panel) => panel?.dataset.panel ?? []))]
}

/** Whether all of a fingertip lies on one panel. */
const within = (panel: Element, x: number, y: number) =>
  ways.every(([dx, dy]) => panelAt(x + (dx * REACH) / 2, y + (dy * REACH) / 2) === panel)
