// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../api/client'
import type { DrawnPanel } from '../parts/cabin'
import { PanelEdit } from './PanelEdit'

afterEach(cleanup)

const panel = (id: string, more: Partial<DrawnPanel> = {}): DrawnPanel => ({
  id,
  zone: 'seat',
  part: id,
  label: id,
  d: '',
  at: [0, 0],
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

const found = (id: string, finish: string) => ({ id, finish, condition: {} }) as Schemas['SurfaceFile']

function shown(panels: DrawnPanel[], surfaces: (Schemas['SurfaceFile'] | undefined)[] = [undefined]) {
  const on = { onSplit: vi.fn(), onMerge: vi.fn(), onRemove: vi.fn(), onClear: vi.fn() }
  render(<PanelEdit panels={panels} surfaces={surfaces} {...on} />)
  return on
}

describe('cutting the sheet', () => {
  it('splits one panel either way', () => {
    const on = shown([panel('back')])
    fireEvent.click(screen.getByText('Split left and right'))
    fireEvent.click(screen.getByText('Split front and rear'))
    expect(on.onSplit.mock.calls).toEqual([
      ['back', 'across'],
      ['back', 'down'],
    ])
    expect(screen.queryByText('Make one panel of these')).toBeNull()
  })

  it('makes one of several that are alike, and says why it does not of others', () => {
    const alike = shown([panel('back'), panel('side')], [found('back', 'leather/coated'), undefined])
    fireEvent.click(screen.getByText('Make one panel of these'))
    expect(alike.onMerge).toHaveBeenCalledWith(['back', 'side'])
    cleanup()
    shown([panel('back'), panel('rim', { role: 'grip' })], [])
    expect(screen.getByText<HTMLButtonElement>('Make one panel of these').disabled).toBe(true)
    expect(screen.getByText(/one finish and one use/)).toBeDefined()
    cleanup()
    shown(
      [panel('back'), panel('side')],
      [found('back', 'leather/coated'), found('side', 'vinyl/coated-textile')],
    )
    expect(screen.getByText<HTMLButtonElement>('Make one panel of these').disabled).toBe(true)
  })

  it('takes whole panels off, pieces not', () => {
    const on = shown([panel('back')])
    fireEvent.click(screen.getByText('Not on this vehicle'))
    expect(on.onRemove).toHaveBeenCalledWith(['back'])
    cleanup()
    shown([panel('back-left', { cutFrom: 'back' })])
    expect(screen.queryByText('Not on this vehicle')).toBeNull()
  })

  it('forgets findings only where there are some, and removes an own panel', () => {
    shown([panel('back')])
    expect(screen.queryByText('Clear what was found here')).toBeNull()
    cleanup()
    const on = shown([panel('own-shelf', { zone: 'own' })], [found('own-shelf', 'textile/flat')])
    fireEvent.click(screen.getByText('Remove this panel'))
    expect(on.onClear).toHaveBeenCalledOnce()
  })
})
