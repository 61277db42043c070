import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { Stains } from './Stains'

const ink = { kind: 'ink', extent: 'spot', ageDays: 40 } as const

afterEach(cleanup)

describe('stains of a panel', () => {
  it('say what each is of, how far it goes and how long it has sat', () => {
    render(
      <Stains
        stains={[ink, { kind: 'food-drink', extent: 'panel' }]}
        soils={[]}
        disabled={false}
        onSave={vi.fn()}
      />,
    )
    expect(screen.getByText('Ink, a spot, 40 days old')).toBeTruthy()
    expect(screen.getByText('Food or drink, all over')).toBeTruthy()
  })

  it('are taken away one by one', () => {
    const save = vi.fn()
    render(
      <Stains stains={[ink, { kind: 'glue', extent: 'spot' }]} soils={[]} disabled={false} onSave={save} />,
    )
    fireEvent.click(screen.getByRole('button', { name: 'No ink stain' }))
    expect(save).toHaveBeenCalledWith([{ kind: 'glue', extent: 'spot' }])
  })

  it('say what is taken as a spot until somebody says how far it goes', () => {
    const { rerender } = render(
      <Stains stains={[]} soils={['skin-oil', 'ink', 'adhesive']} disabled={false} onSave={vi.fn()} />,
    )
    expect(screen.getByText(/^Ink and Adhesive: taken as a spot/)).toBeTruthy()
    rerender(<Stains stains={[ink]} soils={['skin-oil', 'ink']} disabled={false} onSave={vi.fn()} />)
    expect(screen.queryByText(/taken as a spot/)).toBeNull()
  })

  it('cannot be changed once the bench has begun', () => {
    render(<Stains stains={[ink]} soils={[]} disabled onSave={vi.fn()} />)
    expect(screen.queryByRole('button')).toBeNull()
  })
})
