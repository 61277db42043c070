import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import { NotCounted } from './NotCounted'
import type { Lesson } from './words'

const lessons = [{ id: 'read-label', title: 'Read a ratio' }] as Lesson[]

const show = () =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <NotCounted lessons={lessons} />
    </QueryClientProvider>,
  )

afterEach(() => localStorage.clear())

describe('answers that were not counted', () => {
  it('says nothing where all were', () => {
    show()
    expect(screen.queryByRole('status')).toBeNull()
  })

  it('names the lesson and why, until it is read', () => {
    const why = 'the shelf or the house rules have changed since it was asked.'
    localStorage.setItem('attune.practice.refused', JSON.stringify([{ lesson: 'read-label', why }]))
    show()
    expect(screen.getByRole('status').textContent).toContain(`Read a ratio: ${why}`)
    fireEvent.click(screen.getByRole('button', { name: 'Noted' }))
    expect(screen.queryByRole('status')).toBeNull()
  })

  it('sets aside what cannot be read and loses nothing of it', () => {
    localStorage.setItem('attune.practice.waiting', '[{"id":')
    show()
    expect(screen.getByRole('status').textContent).toContain('set aside')
    expect(localStorage.getItem('attune.practice.broken')).toBe('[{"id":')
  })
})
