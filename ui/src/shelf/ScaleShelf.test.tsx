import { render, screen, within } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { ToolScales } from './ScaleShelf'

const tool = (more: Partial<Schemas['ToolFile']>) =>
  ({ id: more.name, kind: 'brush', ...more }) as Schemas['ToolFile']

describe('tools on the rule of stiffness', () => {
  it('stand from soft to stiff, and what is not said stands where it is taken to be', () => {
    render(
      <MemoryRouter>
        <ToolScales
          tools={[
            tool({ name: 'nylon pad', kind: 'pad', stiffness: 6 }),
            tool({ name: 'found brush' }),
            tool({ name: 'horsehair', stiffness: 3 }),
            tool({ name: 'white cloth', kind: 'cloth' }),
            tool({ name: 'blower', kind: 'blower' }),
          ]}
        />
      </MemoryRouter>,
    )
    const rows = within(screen.getByRole('region', { name: 'Works on the surface' })).getAllByRole('listitem')
    expect(rows.map((row) => within(row).getByRole('link').textContent)).toEqual([
      expect.stringContaining('White cloth'),
      expect.stringContaining('Horsehair'),
      expect.stringContaining('Nylon pad'),
      expect.stringContaining('Found brush'),
    ])
    expect(rows[3]!.textContent).toContain('not said, taken as 7')
    expect(rows[0]!.textContent).toContain('stiffness 0')
    expect(screen.getByRole('region', { name: 'Beside the surface' }).textContent).toContain('Blower')
  })
})
