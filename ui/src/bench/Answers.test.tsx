// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { Answers } from './Answers'
import type { BenchTask } from './run'

afterEach(cleanup)

const task = {
  id: 'clean-rim',
  look: 'foam',
  passes: 0,
  passesLow: 2,
  passesHigh: 3,
  lastPass: 3,
  answers: [
    { seen: 'white', label: 'White foam', next: 'done', says: '', lastNext: 'done', lastSays: '' },
    { seen: 'brown', label: 'Brown foam', next: 'again', says: '', lastNext: 'next-rung', lastSays: '' },
    { seen: 'colour', label: 'The trim’s colour', next: 'refer', says: '', lastNext: 'refer', lastSays: '' },
  ],
} as unknown as BenchTask

describe('the answers at a step', () => {
  it('say what each leads to, and how many passes there should be', () => {
    render(<Answers task={task} disabled={false} early={false} onSeen={() => undefined} />)
    expect(screen.getByText('What colour is the foam?')).toBeTruthy()
    expect(screen.getByText('Pass 1, 2 to 3 expected')).toBeTruthy()
    expect(screen.getByRole('button', { name: /Brown foam\s*one more pass/ })).toBeTruthy()
    expect(screen.getByRole('button', { name: /trim’s colour\s*stop and refer/ })).toBeTruthy()
  })

  it('lead further after the last pass there should be', () => {
    render(<Answers task={{ ...task, passes: 2 }} disabled={false} early={false} onSeen={() => undefined} />)
    expect(screen.getByRole('button', { name: /Brown foam\s*the next rung/ })).toBeTruthy()
  })

  it('are told once, and not before the cautions are ticked', () => {
    const told = vi.fn()
    const { rerender } = render(<Answers task={task} disabled early={false} onSeen={told} />)
    fireEvent.click(screen.getByRole('button', { name: /White foam/ }))
    expect(told).not.toHaveBeenCalled()
    rerender(<Answers task={task} disabled={false} early={false} onSeen={told} />)
    fireEvent.click(screen.getByRole('button', { name: /White foam/ }))
    expect(told).toHaveBeenCalledExactlyOnceWith('white')
  })
})
