// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { AnyOf, NumberField, OneOf, TextField, Tick } from './controls'

afterEach(cleanup)

const soils = [
  { value: 'light', label: 'Light', hint: 'A film; a damp cloth greys' },
  { value: 'heavy', label: 'Heavy', hint: 'Slippery, dark seams' },
]

describe('choices with a line of help', () => {
  it('say what the picked one means, and all of them on asking', () => {
    render(<OneOf label="Soil" value="heavy" options={soils} onChange={vi.fn()} />)
    expect(screen.getByText('Slippery, dark seams')).toBeDefined()
    expect(screen.queryByText(/a damp cloth greys/)).toBeNull()
    const ask = screen.getByRole('button', { name: 'What is meant: Soil' })
    fireEvent.click(ask)
    expect(ask.getAttribute('aria-expanded')).toBe('true')
    expect(screen.getByText(/a damp cloth greys/)).toBeDefined()
  })

  it('are taken with a tap, and one of them cannot be put down', () => {
    const onChange = vi.fn()
    render(<OneOf label="Soil" value="heavy" options={soils} onChange={onChange} />)
    fireEvent.click(screen.getByText('Light'))
    fireEvent.click(screen.getByText('Heavy'))
    expect(onChange.mock.calls).toEqual([['light']])
  })

  it('of which any may be picked add up', () => {
    const onChange = vi.fn()
    render(<AnyOf label="Of what" value={['light']} options={soils} onChange={onChange} />)
    fireEvent.click(screen.getByText('Heavy'))
    expect(onChange).toHaveBeenCalledWith(['light', 'heavy'])
  })

  it('without help have no question mark', () => {
    render(<OneOf label="Place" value="a" options={[{ value: 'a', label: 'A' }]} onChange={vi.fn()} />)
    expect(screen.queryByRole('button', { name: /What is meant/ })).toBeNull()
  })
})

describe('fields', () => {
  it('save a number when they are left, and only a changed one', () => {
    const onSave = vi.fn()
    render(<NumberField label="Days" value={9} max={100} disabled={false} onSave={onSave} />)
    const days = screen.getByLabelText('Days')
    fireEvent.blur(days)
    fireEvent.change(days, { target: { value: '12' } })
    fireEvent.blur(days)
    expect(onSave.mock.calls).toEqual([[12]])
  })

  it('show a fault where it is', () => {
    render(<TextField label="Name" value="" onChange={vi.fn()} fault="Found nothing; allowed: a name" />)
    expect(screen.getByRole('textbox').getAttribute('aria-invalid')).toBe('true')
    expect(screen.getByText('Found nothing; allowed: a name')).toBeDefined()
  })

  it('are ticked anywhere on their line', () => {
    const onChange = vi.fn()
    render(<Tick label="May coat" checked={false} onChange={onChange} />)
    fireEvent.click(screen.getByText('May coat'))
    expect(onChange).toHaveBeenCalledWith(true)
  })
})
