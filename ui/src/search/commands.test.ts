import { describe, expect, it } from 'vitest'
import { everywhere, fitting, inJob } from './commands'

describe('commands', () => {
  it('are found by their name and by what else they are called', () => {
    expect(fitting(everywhere, 'backup').map((c) => c.title)).toEqual(['Shop settings'])
    expect(fitting(inJob('j1'), 'price').map((c) => c.to)).toEqual(['/jobs/j1/quote'])
    expect(fitting(everywhere, 'zzz')).toEqual([])
  })
})
