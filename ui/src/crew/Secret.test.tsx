import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { Secret } from './Secret'

const name = { id: '1', name: 'Ines Quay', role: 'technician', pin: true, passphrase: true } as const

const press = (label: string) => fireEvent.click(screen.getByRole('button', { name: label }))

function shown(part: Partial<{ pin: boolean; passphrase: boolean }> = {}) {
  const onTell = vi.fn()
  render(<Secret name={{ ...name, ...part }} error={null} busy={false} onTell={onTell} />)
  return onTell
}

describe('signing in', () => {
  afterEach(cleanup)

  it('takes a PIN by keys, a slip taken back, and keeps none of it', () => {
    const onTell = shown()
    for (const key of ['4', '7', '9', 'Delete the last digit', '1']) press(key)
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Come in' }).disabled).toBe(true)
    press('1')
    press('Come in')
    expect(onTell).toHaveBeenCalledWith({ pin: '4711' })
    expect(screen.getByLabelText<HTMLInputElement>('PIN of Ines Quay').value).toBe('')
  })

  it('takes a passphrase where somebody has both, or only that', () => {
    const onTell = shown()
    press('By passphrase')
    fireEvent.change(screen.getByLabelText('Passphrase of Ines Quay'), { target: { value: 'lantern yard' } })
    press('Come in')
    expect(onTell).toHaveBeenCalledWith({ passphrase: 'lantern yard' })
  })

  it('says what is missing to who has neither', () => {
    shown({ pin: false, passphrase: false })
    expect(screen.getByRole('status').textContent).toContain('the owner gives one')
    expect(screen.queryByRole('button', { name: 'Come in' })).toBeNull()
  })
})
