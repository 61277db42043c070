import { render, screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { SoilPlot } from './SoilPlot'
import { needlesOf, treatmentWords } from './treatmentWords'

const names = new Map([
  ['mild', 'Marlpit Mild'],
  ['horsehair', 'Soft horsehair brush'],
])
const rung = {
  cleanerId: 'mild',
  ratio: '1:10',
  toolId: 'horsehair',
  applyTo: 'tool' as const,
  laidGPerM2: 12,
  warmth: 'none' as const,
  dwellS: { min: 40, max: 90 },
  sections: { count: 1, areaM2: 0.2, windowS: 400, startAllowed: true },
  passes: { low: 1, high: 2 },
  endPoint: '',
  leadsOn: '',
  stop: '',
  testSpot: true,
}

describe('what is left of the soil', () => {
  const soil = {
    acceptable: 0.05,
    after: [
      { pass: 0, likely: 1, low: 1, high: 1 },
      { pass: 1, likely: 0.2, low: 0.1, high: 0.4 },
      { pass: 2, likely: 0.04, low: 0.01, high: 0.16 },
    ],
  }

  it('is told in words, with the pass it comes to the standard at', () => {
    render(<SoilPlot soil={soil} passes={2} />)
    expect(screen.getByRole('img', { name: /down to the standard after 2 passes/ })).toBeTruthy()
  })

  it('says where it never does, and draws nothing where there is none', () => {
    const { rerender, container } = render(<SoilPlot soil={soil} passes={undefined} />)
    expect(screen.getByRole('img', { name: /does not come down/ })).toBeTruthy()
    rerender(<SoilPlot soil={{ acceptable: 0.05, after: [] }} passes={0} />)
    expect(container.querySelector('svg')).toBeNull()
  })
})

describe('a treatment in words', () => {
  it('names bottle, ratio, place, tool and seconds', () => {
    expect(treatmentWords(needlesOf(rung), names)).toBe(
      'Marlpit Mild 1:10, on the tool, soft horsehair brush, 40 s',
    )
  })

  it('says what is wiped at once, what is warm and what is dry', () => {
    const warm = { ...needlesOf(rung), ratio: 'ready', dwellS: 0, warmth: 'warm-water' }
    expect(treatmentWords(warm, names)).toBe(
      'Marlpit Mild as it comes, on the tool, soft horsehair brush, wiped at once, warm water',
    )
    expect(treatmentWords({ ...warm, cleanerId: undefined }, names)).toBe('Dry, with soft horsehair brush')
  })
})
