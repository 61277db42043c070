import { describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { blanks } from './blanks'

const draft: Schemas['ProductFile'] = { id: 'a', name: 'A', roles: ['cleaner'], supply: 'ready' }

describe('what is left empty', () => {
  it('is told with what it costs, and no longer once it is said', () => {
    expect(blanks.cleaning(draft)).toContain('strength: never a first choice')
    expect(blanks.cleaning({ ...draft, strength: 4 })).not.toContain('strength: never a first choice')
  })
  it('counts solvent only of what usually has some', () => {
    expect(blanks.cleaning(draft).join()).not.toContain('solvent')
    expect(blanks.cleaning({ ...draft, roles: ['degreaser'] }).join()).toContain('solvent')
  })
  it('is asked only of what the product is for', () => {
    expect(blanks.surface(draft)).toEqual([])
    expect(blanks.surface({ ...draft, roles: ['coating'] })).toHaveLength(2)
    expect(blanks.cleaning({ ...draft, roles: ['coating'] })).toEqual([])
  })
})
