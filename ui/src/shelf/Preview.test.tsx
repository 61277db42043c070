// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { Preview } from './Preview'

afterEach(cleanup)

const hazard = (code: string, pictogram: string, gloves = false, air = false) => ({
  code,
  statement: `Statement of ${code}`,
  pictogram,
  signal: 'warning',
  gloves,
  air,
})

const preview: Schemas['PreviewView'] = {
  ph: [
    { ratio: '1:10', low: 8.9, high: 9.4 },
    { ratio: 'ready', low: undefined, high: undefined },
  ],
  excluded: [],
  notes: [],
  hazards: [],
  clashes: [],
}
const shown = (more: Partial<Parameters<typeof Preview>[0]> = {}) =>
  render(<Preview preview={preview} faults={[]} pack={undefined} earlier={0} {...more} />)

describe('what a record means', () => {
  it('gives the pH of each dilution, and says where it is not known', () => {
    shown()
    expect(screen.getByText('pH 8.9 to 9.4')).toBeDefined()
    expect(screen.getByText('As it comes').nextElementSibling?.textContent).toBe('pH not known')
    expect(screen.getByText('The label leaves no finish out.')).toBeDefined()
  })

  it('works out what a millilitre costs', () => {
    shown({ pack: { ml: 500, priceMinor: 1450, currency: 'EUR' } })
    expect(screen.getByText('0.029 EUR per ml')).toBeDefined()
  })

  it('cuts a long list of finishes short', () => {
    const excluded = Array.from({ length: 12 }, (_, i) => `finish ${i}`)
    shown({ preview: { ...preview, excluded } })
    expect(screen.getByText(/The label leaves out 12 finishes/)).toBeDefined()
    expect(screen.getByText(/and 4 more/)).toBeDefined()
  })

  it('names what it must never meet', () => {
    const clash = { productId: 'a', product: 'A', otherId: 'b', other: 'Mould Stop', why: 'chlorine' }
    shown({ preview: { ...preview, clashes: [clash] } })
    expect(screen.getByText(/Mould Stop: chlorine/)).toBeDefined()
  })

  it('shows each hazard sign once, and what it asks of hands and air', () => {
    const hazards = [
      hazard('H319', 'exclamation', true),
      hazard('H336', 'exclamation', false, true),
      hazard('H412', 'none'),
    ]
    shown({ preview: { ...preview, hazards } })
    expect(screen.getAllByRole('img')).toHaveLength(1)
    expect(screen.getByRole('img', { name: 'Hazard sign: exclamation mark' })).toBeDefined()
    expect(screen.getByText(/Nitrile gloves\. Doors open/)).toBeDefined()
    expect(screen.getByText(/Statement of H412/)).toBeDefined()
  })

  it('says what is wrong, by field, instead of guessing', () => {
    shown({
      preview: undefined,
      faults: [{ pointer: '/dwellS/max', found: '5', allowed: 'at least min, 60' }],
    })
    expect(screen.getByText(/dwellS › max: found 5; allowed: at least min, 60/)).toBeDefined()
    expect(screen.queryByText(/Give it a name/)).toBeNull()
  })

  it('asks for a start while there is none, and tells of earlier records', () => {
    shown({ preview: undefined, earlier: 2 })
    expect(screen.getByText(/Give it a name and a use/)).toBeDefined()
    expect(screen.getByText(/2 earlier records kept/)).toBeDefined()
  })
})
