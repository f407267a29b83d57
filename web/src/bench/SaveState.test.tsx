// @vitest-environment jsdom
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, expect, it } from 'vitest'
import { Problem } from '../api/client'
import { SaveState } from './SaveState'
import { inTurn, leaveOut } from './saving'

afterEach(() => {
  cleanup()
  leaveOut('kite')
})

const state = () => document.querySelector('[data-saving]')!.getAttribute('data-saving')

it('says saving while a step is under way, saved when it is answered', async () => {
  render(<SaveState card="kite" />)
  expect(state()).toBe('saved')
  let answer = () => {}
  const step = inTurn('kite', 'leg', () => new Promise<void>((done) => (answer = done)))
  await act(async () => {})
  expect(state()).toBe('saving')
  await act(async () => {
    answer()
    await step
  })
  expect(state()).toBe('saved')
})

it('says not saved with why, does it again, or leaves it out', async () => {
  render(<SaveState card="kite" />)
  let answers = false
  let done = 0
  const step = () => (answers ? Promise.resolve(++done) : Promise.reject(new Problem('The disk is full.', 507)))
  await act(async () => inTurn('kite', 'leg', step).catch(() => {}) as Promise<void>)
  expect(state()).toBe('not saved')
  expect(screen.getByRole('alert').textContent).toContain('The disk is full.')
  answers = true
  await act(async () => void fireEvent.click(screen.getByText('Try again')))
  expect([state(), done]).toEqual(['saved', 1])
  answers = false
  await act(async () => inTurn('kite', 'leg', step).catch(() => {}) as Promise<void>)
  await act(async () => void fireEvent.click(screen.getByText('Leave it out')))
  expect([state(), done]).toEqual(['saved', 1])
})

it('says nothing of other cards', async () => {
  render(<SaveState card="kite" />)
  await act(async () => {
    await inTurn('tail', 'leg', () => Promise.reject(new Problem('away', 0))).catch(() => {})
  })
  expect(state()).toBe('saved')
  act(() => leaveOut('tail'))
})
