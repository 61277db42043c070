// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Cabin, DrawnPanel } from './cabin'
import { CabinSheet } from './CabinSheet'

afterEach(cleanup)

const panel = (id: string, more: Partial<DrawnPanel> = {}): DrawnPanel => ({
  id,
  zone: 'seat',
  part: id,
  label: id,
  d: 'M0 0H10V10H0Z',
  at: [5, 5],
  areaM2: 0.2,
  seamM: 1,
  role: 'seat',
  texture: 'fine',
  guess: 'leather/coated',
  tone: 'mid',
  features: [],
  near: [],
  side: 'left',
  withWheel: false,
  mirrored: false,
  likely: [],
  ...more,
})

const cabin: Cabin = {
  code: 'five-seat',
  name: 'Five seats',
  viewBox: [0, 0, 100, 100],
  zones: [
    { id: 'seat', label: 'Seat' },
    { id: 'dash', label: 'Dash' },
  ],
  panels: [
    panel('cushion', { at: [20, 60] }),
    panel('back', { at: [60, 60] }),
    panel('dash', { zone: 'dash', at: [40, 10] }),
  ],
}

function drawn(props: Partial<Parameters<typeof CabinSheet>[0]> = {}) {
  const onPick = vi.fn()
  render(
    <CabinSheet
      layout={cabin}
      look={(p) => ({ blank: true, state: `${p.id} state` })}
      picked={new Set<string>()}
      onPick={onPick}
      label="Cabin"
      {...props}
    />,
  )
  return onPick
}

const shape = (id: string) => screen.getByRole('button', { name: `${id}, ${id} state` })

describe('the sheet under the keyboard', () => {
  it('is one stop of the Tab key, from which arrows go as drawn', () => {
    drawn()
    expect(screen.getAllByRole('button').filter((b) => b.getAttribute('tabindex') === '0')).toHaveLength(1)
    shape('cushion').focus()
    fireEvent.keyDown(shape('cushion'), { key: 'ArrowRight' })
    expect(document.activeElement).toBe(shape('back'))
    fireEvent.keyDown(shape('back'), { key: 'ArrowLeft' })
    expect(document.activeElement).toBe(shape('cushion'))
    fireEvent.keyDown(shape('cushion'), { key: 'ArrowLeft' })
    expect(document.activeElement).toBe(shape('cushion'))
    fireEvent.keyDown(shape('cushion'), { key: 'ArrowUp' })
    expect(document.activeElement).toBe(shape('dash'))
  })

  it('stops at the picked panel first', () => {
    drawn({ picked: new Set(['back']) })
    expect(shape('back').getAttribute('tabindex')).toBe('0')
    expect(shape('back').getAttribute('aria-pressed')).toBe('true')
  })

  it('picks with Enter and with the space bar, more with shift', () => {
    const onPick = drawn()
    fireEvent.keyDown(shape('back'), { key: 'Enter' })
    fireEvent.keyDown(shape('dash'), { key: ' ', shiftKey: true })
    expect(onPick.mock.calls).toEqual([
      ['back', false],
      ['dash', true],
    ])
  })
})

describe('a cut panel', () => {
  it('shows only its piece and a stitched edge', () => {
    const clip = { x: 0, y: 0, width: 5, height: 10 }
    const half = panel('cushion', { shapes: [{ d: 'M0 0H10V10H0Z', mirrored: false, clip }] })
    drawn({ layout: { ...cabin, panels: [half] } })
    const piece = shape('cushion')
    expect(piece.querySelectorAll('clipPath')).toHaveLength(2)
    expect(piece.querySelector('rect[stroke-dasharray]')?.getAttribute('width')).toBe('5')
  })

  it('is drawn as all its shapes when several were made one', () => {
    const both = panel('cushion', {
      shapes: [
        { d: 'M0 0H10V10H0Z', mirrored: false },
        { d: 'M20 0H30V10H20Z', mirrored: true },
      ],
    })
    drawn({ layout: { ...cabin, panels: [both] } })
    expect(shape('cushion').querySelectorAll('path').length).toBeGreaterThanOrEqual(4)
    expect(shape('cushion').querySelector('[transform^="translate(100 0)"]')).not.toBeNull()
  })
})
