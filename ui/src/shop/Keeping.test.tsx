import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { retentionQuery } from '../api/queries'
import { Keeping } from './Keeping'

afterEach(cleanup)

const show = (kept: Schemas['RetentionView']) => {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } })
  client.setQueryData(retentionQuery.queryKey, kept)
  render(
    <QueryClientProvider client={client}>
      <MemoryRouter>
        <Keeping />
      </MemoryRouter>
    </QueryClientProvider>,
  )
}

describe('how long customers are kept', () => {
  it('says that nothing is set', () => {
    show({ overdue: 0, first: [] })
    expect(screen.getByText('No time is set: everybody is kept.')).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Delete them' })).toBeNull()
  })

  it('names who is past it, and asks again before they go', () => {
    show({
      years: 6,
      overdue: 2,
      first: [
        { id: '1', name: 'Ada Eskel', lastHere: '2016-03-02T09:00:00' },
        { id: '2', name: 'Dov Holm' },
      ],
    })
    expect(screen.getByText('last here 2 Mar 2016')).toBeTruthy()
    expect(screen.getByText('never here')).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Delete them' }))
    expect(screen.getByRole('button', { name: 'Delete 2 customers for good' })).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Keep' }))
    expect(screen.getByRole('button', { name: 'Delete them' })).toBeTruthy()
  })
})
