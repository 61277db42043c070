// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { Pictures } from './BeforeAfter'

afterEach(cleanup)

const report = {
  pairs: [{ label: 'Wheel rim', found: 'f', done: 'd', width: 400, height: 300 }],
  halves: [{ label: 'Cushion: left of the tape cleaned', photo: 'h', width: 400, height: 300 }],
} as unknown as Schemas['HandoverView']

describe('the pictures of a report', () => {
  it('lay before over after, as far as the slider says', () => {
    render(<Pictures handover={report} src={(photo) => `/photos/${photo}`} />)
    const before = screen.getByAltText('Wheel rim, as found')
    expect(before.getAttribute('src')).toBe('/photos/f')
    expect(before.style.clipPath).toBe('inset(0 50% 0 0)')
    fireEvent.change(screen.getByRole('slider', { name: /Wheel rim/ }), { target: { value: '80' } })
    expect(before.style.clipPath).toBe('inset(0 20% 0 0)')
    expect(screen.getByAltText('Wheel rim, done').getAttribute('src')).toBe('/photos/d')
  })

  it('show a half-and-half as it was taken', () => {
    render(<Pictures handover={report} src={(photo) => `/photos/${photo}`} />)
    expect(screen.getByAltText(/left of the tape/).getAttribute('src')).toBe('/photos/h')
  })
})
