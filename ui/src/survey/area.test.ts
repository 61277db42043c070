import { describe, expect, it } from 'vitest'
import { squareMetres } from './area'

describe('the size of a panel', () => {
  it.each([
    ['0.4', 0.4],
    ['0,35', 0.35],
    ['80 x 50', 0.4],
    ['80×50', 0.4],
    ['120*30', 0.36],
    [' 7,5 X 10 ', 0.0075],
  ])('%s is %s m²', (text, m2) => expect(squareMetres(text)).toBe(m2))

  it.each(['', 'x', '80 x', 'big', '-1', '0', '51', '1 x 2 x 3', '80 by 50'])('%s is no size', (text) =>
    expect(squareMetres(text)).toBeUndefined(),
  )
})
