import { cleanup } from '@testing-library/react'
import { afterEach } from 'vitest'

/** Tests of screens share one document: each leaves it as it found it. */
afterEach(() => {
  cleanup()
  localStorage.clear()
})
