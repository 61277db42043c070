// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { useState } from 'react'
import { afterEach, describe, expect, it, test } from 'vitest'
import { ApiError } from '../api/client'
import { Amount, faultAt, faultsOf, filledIn, parsed } from './record'

afterEach(cleanup)

test.each([
  ['12,5', 1, 12.5],
  [' 7.1 ', 1, 7.1],
  ['2', 3600, 7200],
  ['', 1, undefined],
  ['a lot', 1, undefined],
  ['1e400', 1, undefined],
])('“%s” at %d each is %s', (text, per, value) => expect(parsed(text, per)).toBe(value))

describe('a draft', () => {
  it('leaves out what is not known, and keeps nought', () => {
    expect(
      filledIn({ name: 'Soap', ph: undefined, maker: '', goodAt: [], bleach: false, onHandMl: 0 }),
    ).toEqual({ name: 'Soap', onHandMl: 0 })
  })
})

describe('faults', () => {
  const error = new ApiError(422, 'no', [
    { pointer: '/ph', found: '15', allowed: 'at most 14' },
    { pointer: '/dwellS/max', found: '5', allowed: 'at least min, 60' },
  ])

  it('stand at their field, parts of it included', () => {
    expect(faultAt(faultsOf(error), 'ph')).toBe('Found 15; allowed: at most 14')
    expect(faultAt(faultsOf(error), 'dwellS')).toContain('at least min')
    expect(faultAt(faultsOf(error), 'p')).toBeUndefined()
  })

  it('are none where the error has none', () => {
    expect(faultsOf(new Error('else'))).toEqual([])
  })
})

function Hours({ start }: { start: number | undefined }) {
  const [value, setValue] = useState(start)
  return (
    <>
      <Amount label="Sat in after, h" per={3600} value={value} onChange={setValue} />
      <output>{value ?? 'unknown'}</output>
      <button onClick={() => setValue(7200)}>two hours</button>
    </>
  )
}

describe('an amount', () => {
  const type = (text: string) =>
    fireEvent.change(screen.getByLabelText('Sat in after, h'), { target: { value: text } })

  it('is shown in the field’s unit and kept in the record’s', () => {
    render(<Hours start={86_400} />)
    expect(screen.getByLabelText<HTMLInputElement>('Sat in after, h').value).toBe('24')
    type('1,5')
    expect(screen.getByText('5400')).toBeDefined()
    expect(screen.getByLabelText<HTMLInputElement>('Sat in after, h').value).toBe('1,5')
  })

  it('is unknown when it is emptied, not nought', () => {
    render(<Hours start={86_400} />)
    type('')
    expect(screen.getByText('unknown')).toBeDefined()
  })

  it('follows a value that comes from elsewhere', () => {
    render(<Hours start={undefined} />)
    fireEvent.click(screen.getByText('two hours'))
    expect(screen.getByLabelText<HTMLInputElement>('Sat in after, h').value).toBe('2')
  })
})
