import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { doorQuery, type Right } from './door'
import { May } from './May'
import { PersonMenu } from './PersonMenu'

type Door = Schemas['DoorView']

const ines: Door['me'] = { id: '2', name: 'Ines Quay', role: 'technician', rights: ['watch', 'tick'] }

function show(door: Partial<Door> | undefined, asked: Right = 'book') {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } })
  if (door)
    client.setQueryData(doorQuery.queryKey, {
      door: 'locked',
      shop: 'Lantern Yard',
      names: [],
      passkeys: false,
      ...door,
    })
  render(
    <QueryClientProvider client={client}>
      <MemoryRouter>
        <PersonMenu theme="light" onTurn={() => undefined} />
        <May right={asked}>New job</May>
      </MemoryRouter>
    </QueryClientProvider>,
  )
}

const open = (name: string) => fireEvent.click(screen.getByRole('button', { name }))

describe('who is signed in', () => {
  afterEach(cleanup)

  it('is named with the role, and hands the device on', () => {
    show({ me: ines })
    open('Ines Quay, technician')
    expect(screen.getByRole('button', { name: 'Sign out, for the next one' })).toBeTruthy()
    expect(screen.getByText('Change my PIN or passphrase')).toBeTruthy()
  })

  it('is nobody in the open house, which says what an owner changes', () => {
    show({ door: 'open-house', me: { name: '', role: 'owner', rights: ['book'] } })
    open('Nobody is set up yet')
    expect(screen.getByRole('button', { name: 'Make the owner' })).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Sign out, for the next one' })).toBeNull()
  })

  it('is whoever one likes in the demo', () => {
    show({ door: 'demo', me: ines })
    open('Ines Quay, technician')
    expect(screen.getByRole('button', { name: 'Switch person' })).toBeTruthy()
  })

  it('is offered only what the role may do', () => {
    show({ me: ines })
    expect(screen.queryByText('New job')).toBeNull()
    cleanup()
    show({ me: ines }, 'tick')
    expect(screen.getByText('New job')).toBeTruthy()
  })

  it('is not held back where the door cannot be asked: the server holds it anyway', () => {
    show(undefined)
    expect(screen.getByText('New job')).toBeTruthy()
    expect(screen.getByRole('button', { name: 'This device' })).toBeTruthy()
  })
})
