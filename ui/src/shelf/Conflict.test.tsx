// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, expect, it, vi } from 'vitest'
import { Conflict } from './Conflict'

afterEach(cleanup)

it('shows only what differs, both ways, and lets one choose', () => {
  const onMine = vi.fn()
  const onTheirs = vi.fn()
  render(
    <Conflict
      mine={{ name: 'Wash', ph: 7, goodAt: ['skin-oil'] }}
      theirs={{ name: 'Wash', ph: 8.5, dwellS: { min: 30 } }}
      busy={false}
      onMine={onMine}
      onTheirs={onTheirs}
    />,
  )
  expect(screen.getAllByRole('row').map((row) => row.textContent)).toEqual([
    'Saved by themYours',
    'pH as supplied8.57',
    'Good atnot saidskin oil',
    'Dwellleast: 30 snot said',
  ])
  fireEvent.click(screen.getByRole('button', { name: 'Save mine over it' }))
  fireEvent.click(screen.getByRole('button', { name: 'Take theirs' }))
  expect(onMine).toHaveBeenCalledOnce()
  expect(onTheirs).toHaveBeenCalledOnce()
})
