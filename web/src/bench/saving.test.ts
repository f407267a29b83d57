// @vitest-environment jsdom
import { afterEach, expect, it, vi } from 'vitest'
import { Problem } from '../api/client'
import { askBeforeLeaving, inTurn, leaveOut, saveAgain, wouldLose } from './saving'

afterEach(() => ['a', 'b'].forEach(leaveOut))

const away = () => Promise.reject(new Problem('Vantbreeze does not answer.', 0))

it('does steps on one card one after another, also behind one that failed', async () => {
  const order: string[] = []
  let letGo = () => {}
  const first = inTurn('a', 'leg', () =>
    new Promise<void>((done) => (letGo = done)).then(() => void order.push('first')),
  )
  const second = inTurn('a', 'leg', async () => {
    order.push('second')
    throw new Error('refused')
  })
  const third = inTurn('a', 'leg', async () => void order.push('third'))
  const elsewhere = inTurn('b', 'leg', async () => void order.push('elsewhere'))
  await elsewhere
  expect(order).toEqual(['elsewhere'])
  letGo()
  await expect(second).rejects.toThrow('refused')
  await Promise.all([first, third])
  expect(order).toEqual(['elsewhere', 'first', 'second', 'third'])
})

it('keeps a step that was not answered until it is done again', async () => {
  let answers = false
  let done = 0
  const step = () => (answers ? Promise.resolve(++done) : away())
  await expect(inTurn('a', 'leg', step)).rejects.toThrow('does not answer')
  expect(wouldLose()).toBe(true)
  await expect(saveAgain('a')).rejects.toThrow('does not answer')
  expect(wouldLose()).toBe(true)
  answers = true
  await saveAgain('a')
  expect([done, wouldLose()]).toEqual([1, false])
})

it('does not keep what was refused: it is said where it was asked', async () => {
  await expect(inTurn('a', 'leg', () => Promise.reject(new Problem('Leg can’t be over 148 mm', 422)))).rejects.toThrow(
    '148',
  )
  expect(wouldLose()).toBe(false)
})

it('lets a later step about the same thing take the place of one that was not saved', async () => {
  await expect(inTurn('a', 'leg', away)).rejects.toThrow()
  await expect(inTurn('a', 'name', away)).rejects.toThrow()
  await inTurn('a', 'leg', () => Promise.resolve())
  let again = 0
  await expect(saveAgain('a').catch((cause: Error) => (again++, Promise.reject(cause)))).rejects.toThrow(
    'does not answer',
  )
  expect(again).toBe(1)
  await inTurn('a', 'name', () => Promise.resolve())
  expect(wouldLose()).toBe(false)
})

it('asks before the window is left while a step is under way, and not otherwise', async () => {
  askBeforeLeaving()
  const leave = () => {
    const event = new Event('beforeunload', { cancelable: true })
    window.dispatchEvent(event)
    return event.defaultPrevented
  }
  expect(leave()).toBe(false)
  let letGo = () => {}
  const step = inTurn('b', 'leg', () => new Promise<void>((done) => (letGo = done)))
  expect(leave()).toBe(true)
  await vi.waitFor(() => letGo())
  letGo()
  await step
  await Promise.resolve()
  expect(leave()).toBe(false)
})
