type Drawn = { id: string; at: readonly number[] }

const ways: Record<string, readonly [number, number]> = {
  ArrowRight: [1, 0],
  ArrowLeft: [-1, 0],
  ArrowDown: [0, 1],
  ArrowUp: [0, -1],
}

/** What lies off the way counts this much more than what lies along it. */
const aside = 2.5
const closest = 4

/**
 * The panel an arrow key leads to: the nearest that lies that way on the drawing; nothing where none
 * does. Home and End go to the first and the last of the list.
 */
export function toward(key: string, from: string, panels: readonly Drawn[]): string | undefined {
  if (key === 'Home') return panels[0]?.id
  if (key === 'End') return panels.at(-1)?.id
  const way = ways[key]
  const here = panels.find((p) => p.id === from)
  if (!way || !here) return undefined
  let best: { id: string; far: number } | undefined
  for (const panel of panels) {
    const dx = (panel.at[0] ?? 0) - (here.at[0] ?? 0)
    const dy = (panel.at[1] ?? 0) - (here.at[1] ?? 0)
    const along = dx * way[0] + dy * way[1]
    const off = Math.abs(dx * way[1]) + Math.abs(dy * way[0])
    const far = along + aside * off
    if (along > closest && along * aside > off && (!best || far < best.far)) best = { id: panel.id, far }
  }
  return best?.id
}
