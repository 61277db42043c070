import { cleanup, fireEvent, renderHook } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { useIdle } from './useIdle'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => {
  cleanup()
  vi.useRealTimers()
})

it('calls once a device was left alone, counted from the last touch', () => {
  const idle = vi.fn()
  renderHook(() => useIdle(600_000, idle))
  vi.advanceTimersByTime(599_000)
  fireEvent.pointerDown(document.body)
  vi.advanceTimersByTime(599_000)
  expect(idle).not.toHaveBeenCalled()
  vi.advanceTimersByTime(1_000)
  expect(idle).toHaveBeenCalledOnce()
})

it('never calls where nothing is to be locked', () => {
  const idle = vi.fn()
  renderHook(() => useIdle(undefined, idle))
  vi.advanceTimersByTime(3_600_000)
  expect(idle).not.toHaveBeenCalled()
})
