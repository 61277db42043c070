import { expect, it } from 'vitest'
import { allOf, anyOf, apart, listed, sentences } from './lists'

it('sets what is said beside one another, and leaves out what is not', () => {
  expect(listed('1:10', undefined, 'warm', '', false, 2)).toBe('1:10, warm, 2')
  expect(listed()).toBe('')
})

it('joins all of some things, and one of them, as a sentence has it', () => {
  expect(allOf(['seat', 'door', 'dash'])).toBe('seat, door and dash')
  expect(allOf(['seat', 'door'])).toBe('seat and door')
  expect(allOf(['left door, pull', 'right door, pull'])).toBe('left door, pull; right door, pull')
  expect(anyOf(['seat', 'door', 'dash'])).toBe('seat, door or dash')
})

it('sets apart what has commas itself, and whole sentences after one another', () => {
  expect(apart(['seat, left', undefined, 'door'])).toBe('seat, left; door')
  expect(apart([])).toBe('')
  expect(sentences(['Wipe it.', false, 'Look again.'])).toBe('Wipe it. Look again.')
})
