import { describe, expect, it } from 'vitest'
import finishes from '../../../core/src/main/resources/attune/reference/finishes.csv?raw'
import { textureOf } from './textures'

const codes = finishes
  .split('\n')
  .filter((line) => line && !line.startsWith('#'))
  .slice(1)
  .map((line) => line.split(',')[0]!)

describe('finishes', () => {
  it('are each drawn as themselves; only one that is not identified carries question marks', () => {
    expect(codes.length).toBeGreaterThan(10)
    expect(codes.filter((code) => textureOf(code) === textureOf('anything else'))).toEqual(
      codes.filter((code) => code === 'unknown'),
    )
  })
})
