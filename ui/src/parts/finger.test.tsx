import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { meant } from './finger'

type Drawn = { id: string; x: number; y: number; width: number; height: number }

const elements = new Map<string, Element>()
const real = document.elementFromPoint

/** A drawing of rectangles, the later over the earlier, that answers as a browser does. */
function draw(...panels: Drawn[]) {
  for (const p of panels) {
    const element = document.createElement('div')
    element.dataset.panel = p.id
    element.getBoundingClientRect = () => ({ width: p.width, height: p.height }) as DOMRect
    elements.set(p.id, element)
  }
  const over = [...panels].reverse()
  document.elementFromPoint = (x, y) => {
    const hit = over.find((p) => x >= p.x && x < p.x + p.width && y >= p.y && y < p.y + p.height)
    return (hit && elements.get(hit.id)) ?? null
  }
}

describe('what a finger means', () => {
  beforeEach(() => elements.clear())
  afterEach(() => void (document.elementFromPoint = real))

  const cushion = { id: 'cushion', x: 0, y: 0, width: 100, height: 60 }
  const bolster = { id: 'bolster', x: 100, y: 0, width: 12, height: 60 }
  const rail = { id: 'rail', x: 112, y: 0, width: 6, height: 60 }

  it('is the large panel it lies on whole', () => {
    draw(cushion, bolster)
    expect(meant(50, 30)).toEqual(['cushion'])
  })

  it('is asked where narrow panels lie side by side, what is under its middle first', () => {
    draw(cushion, bolster, rail)
    expect(meant(106, 30)).toEqual(['bolster', 'rail', 'cushion'])
  })

  it('is asked at the edge of a large panel too', () => {
    draw(cushion, bolster)
    expect(meant(97, 30)).toEqual(['cushion', 'bolster'])
  })

  it('is a small panel that stands alone, and one it only nearly hit', () => {
    draw(rail)
    expect(meant(115, 30)).toEqual(['rail'])
    expect(meant(125, 30)).toEqual(['rail'])
  })

  it('is nothing beside the car', () => {
    draw(cushion)
    expect(meant(400, 300)).toEqual([])
  })
})
