import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { AskCard } from './AskCard'
import type { Exercise } from './words'

afterEach(cleanup)

const exercise: Exercise = {
  lesson: 'least-harm',
  seed: 4,
  level: 1,
  facts: [
    { what: 'Panel', is: 'Door card' },
    { what: 'The trim is', is: 'pale #cec0a8' },
  ],
  swatches: ['#a08060'],
  fingerprint: '',
  ask: 'What do you clean it with?',
  choices: [
    { text: 'Mild, soft brush', mark: 'right', why: ['pH 7.1: 1 pass to the standard.'] },
    { text: 'Strong, wire brush', mark: 'dangerous', why: ['Stiffness 9 is above 3.', 'pH 11 is above 9.'] },
    { text: 'Water', mark: 'weak', why: ['It never gets there.'] },
  ],
}

const card = (picked: number | undefined, told: boolean) => {
  const onPick = vi.fn()
  render(<AskCard exercise={exercise} picked={picked} told={told} onPick={onPick} />)
  return onPick
}

describe('a case and its answers', () => {
  it('tells nothing before an answer was picked', () => {
    card(undefined, true)
    expect(screen.getByText('What do you clean it with?')).toBeTruthy()
    expect(screen.queryByText(/Dangerous|Right/)).toBeNull()
    expect(screen.queryByText('It never gets there.')).toBeNull()
  })

  it('is answered by pointer or by number', () => {
    const onPick = card(undefined, true)
    fireEvent.click(screen.getByText('Water'))
    expect(onPick).toHaveBeenLastCalledWith(2)
    fireEvent.keyDown(window, { key: '2' })
    expect(onPick).toHaveBeenLastCalledWith(1)
  })

  it('takes no number it has no answer for, and none held down', () => {
    const onPick = card(undefined, true)
    fireEvent.keyDown(window, { key: '4' })
    fireEvent.keyDown(window, { key: '1', repeat: true })
    fireEvent.keyDown(window, { key: '1', ctrlKey: true })
    expect(onPick).not.toHaveBeenCalled()
  })

  it('says after an answer what would have followed from each', () => {
    card(1, true)
    expect(screen.getByText(/You took this\. Dangerous/)).toBeTruthy()
    expect(screen.getByText('pH 11 is above 9.')).toBeTruthy()
    expect(screen.getByText('Right')).toBeTruthy()
    expect(screen.getByText('It never gets there.')).toBeTruthy()
    expect(screen.getAllByRole('button').every((b) => (b as HTMLButtonElement).disabled)).toBe(true)
  })

  it('tells nothing in a test, not even after the answer', () => {
    card(1, false)
    expect(screen.queryByText(/You took this/)).toBeNull()
    expect(screen.getByText('Strong, wire brush').closest('button')?.getAttribute('aria-pressed')).toBe(
      'true',
    )
  })

  it('shows a colour as a colour', () => {
    card(undefined, true)
    expect(screen.getByLabelText('colour #cec0a8')).toBeTruthy()
    expect(screen.getByLabelText('face 1: #a08060')).toBeTruthy()
  })
})
