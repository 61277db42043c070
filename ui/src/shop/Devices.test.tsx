import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { networkQuery } from '../api/queries'
import { Devices } from './Devices'

afterEach(cleanup)

const show = (network: Schemas['NetworkView']) => {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } })
  client.setQueryData(networkQuery.queryKey, network)
  render(
    <QueryClientProvider client={client}>
      <Devices />
    </QueryClientProvider>,
  )
}

describe('devices of the shop', () => {
  it('says how to be on the network while it is not', () => {
    show({ here: true, devices: [] })
    expect(screen.getByText('./attune serve --network')).toBeTruthy()
    expect(screen.queryByText('Let a device in')).toBeNull()
  })

  it('offers to let one in, and says that none is', () => {
    show({ address: 'https://192.0.2.7:8443', here: true, devices: [] })
    expect(screen.getByText('https://192.0.2.7:8443')).toBeTruthy()
    expect(screen.getByText('None let in yet.')).toBeTruthy()
  })

  it('lists each by name with a way to cut it off', () => {
    show({
      address: 'https://192.0.2.7:8443',
      here: false,
      devices: [
        {
          id: '1',
          name: 'Tablet on the sill',
          pairedAt: '2026-06-01T09:00:00',
          seenAt: '2026-06-09T08:00:00',
        },
      ],
    })
    expect(screen.getByText('Tablet on the sill')).toBeTruthy()
    expect(screen.getByRole('button', { name: 'Cut off Tablet on the sill' })).toBeTruthy()
  })
})
