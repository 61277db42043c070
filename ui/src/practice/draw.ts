import { cellCount, columns, rows, soilAt, trims, type HandWork, type Panel, type Tone } from './model'

const soilInk: Record<Tone, readonly [number, number, number]> = {
  pale: [92, 76, 58],
  mid: [58, 42, 32],
  dark: [120, 112, 100],
}
const bare = [222, 206, 176] as const
const chalk = [238, 236, 228] as const
const wetLight = [214, 232, 244] as const

/** What a drawing needs to know of a surface; what is left out is as good as new. */
export type Look = {
  tone: Tone
  nap: boolean
  holes: boolean
  seams: boolean
  foundCoat: number
  soilAt: (cell: number) => number
  panel?: Panel
  /** Under a lamp held low: matt places, rings and what is missed stand out. */
  lamp?: boolean
}

/** Colours of all cells, four bytes each, as a canvas takes them. */
export function pixels(look: Look): Uint8ClampedArray<ArrayBuffer> {
  const { tone, panel } = look
  const out = new Uint8ClampedArray(cellCount * 4)
  for (let cell = 0; cell < cellCount; cell++) {
    let [r, g, b] = trims[tone] as readonly [number, number, number]
    const over = (ink: readonly [number, number, number], share: number) => {
      share = Math.min(1, share)
      r += (ink[0] - r) * share
      g += (ink[1] - g) * share
      b += (ink[2] - b) * share
    }
    if (panel) {
      over(chalk, (look.lamp ? 1.5 : 0.5) * Math.max(0, look.foundCoat - panel.coat[cell]!))
      over(bare, Math.min(0.9, panel.colour[cell]! * 6))
      if (look.nap) over([r * 0.72, g * 0.72, b * 0.72], 0.8 * (1 - panel.nap[cell]!))
    }
    over(soilInk[tone], 0.85 * (1 - Math.exp((look.lamp ? -1.6 : -0.55) * look.soilAt(cell))))
    if (panel) {
      over(chalk, (look.lamp ? 1 : 0.6) * panel.tide[cell]!)
      over(wetLight, (panel.laid[cell]! >= 0 ? 0.18 : 0) + 0.3 * Math.min(1, panel.liquid[cell]! / 25))
    }
    out.set([r, g, b, 255], cell * 4)
  }
  return out
}

let small: HTMLCanvasElement | undefined

/** A model panel as it stands. */
export const lookOf = (work: HandWork, panel: Panel): Look => ({
  ...work,
  tone: work.tone as Tone,
  panel,
  soilAt: (cell) => soilAt(panel, cell),
})

/** Draws a surface over the whole canvas: soft between cells, seams and holes over it. */
export function paint(canvas: HTMLCanvasElement, look: Look) {
  const context = canvas.getContext('2d')
  if (!context) return
  small ??= document.createElement('canvas')
  small.width = columns
  small.height = rows
  small.getContext('2d')?.putImageData(new ImageData(pixels(look), columns, rows), 0, 0)
  const { width, height } = canvas
  context.imageSmoothingEnabled = true
  context.imageSmoothingQuality = 'high'
  context.drawImage(small, 0, 0, width, height)
  const across = width / columns
  const down = height / rows
  if (look.holes) {
    context.fillStyle = 'rgb(0 0 0 / 0.35)'
    for (let row = 0; row < rows; row++)
      for (let column = 0; column < columns; column++) {
        context.beginPath()
        context.arc((column + 0.5) * across, (row + 0.5) * down, across * 0.09, 0, 7)
        context.fill()
      }
  }
  if (look.seams) {
    context.strokeStyle = 'rgb(0 0 0 / 0.4)'
    context.lineWidth = 2
    context.setLineDash([7, 4])
    for (const at of [8, 16]) {
      context.beginPath()
      context.moveTo(at * across, 0)
      context.lineTo(at * across, height)
      context.stroke()
    }
    context.setLineDash([])
  }
}
