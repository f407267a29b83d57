// @vitest-environment jsdom
import { beforeEach, expect, it } from 'vitest'
import { recall, remember, usualHabits } from './habits'

beforeEach(() => localStorage.clear())

it('starts in inches where people measure in inches', () => {
  expect(usualHabits('en-US').ruler).toBe('eighths')
  expect(usualHabits('en-GB').ruler).toBe('mm')
  expect(usualHabits('de').sheet).toBe('a4')
})

it('remembers what was chosen last', () => {
  remember({ structure: 'stage', ruler: 'mm5', sheet: 'a3', envelope: 'dl' })
  expect(recall()).toEqual({ structure: 'stage', ruler: 'mm5', sheet: 'a3', envelope: 'dl' })
})

it('does not trip over what it can’t read', () => {
  localStorage.setItem('vantbreeze.habits', '{')
  expect(recall()).toEqual({})
})
