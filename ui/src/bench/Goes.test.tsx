// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, expect, it, vi } from 'vitest'
import { Room } from './Goes'
import type { Bench } from './run'

afterEach(cleanup)

it('takes the air of the room as it is read, to a tenth, and with a comma', () => {
  const tell = vi.fn()
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Room bench={{} as Bench} jobId="j" tell={tell} />
    </QueryClientProvider>,
  )
  fireEvent.click(screen.getByRole('button', { name: 'The air changed' }))
  const count = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Work it out again' })
  expect(count().disabled).toBe(true)
  fireEvent.change(screen.getByLabelText('Temperature, °C'), { target: { value: '18,5' } })
  fireEvent.change(screen.getByLabelText('Humidity, %'), { target: { value: '52.6' } })
  expect(count().disabled).toBe(false)
  fireEvent.click(count())
  expect(tell).toHaveBeenCalledExactlyOnceWith({
    taskId: '',
    kind: 'air',
    detail: { air: { airTempC: 18.5, relativeHumidity: 0.526 } },
  })
})
