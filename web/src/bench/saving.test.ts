import { expect, it } from 'vitest'
import { inTurn } from './saving'

it('does steps on one card one after another, also behind one that failed', async () => {
  const order: string[] = []
  let letGo = () => {}
  const first = inTurn('a', () => new Promise<void>((done) => (letGo = done)).then(() => void order.push('first')))
  const second = inTurn('a', async () => {
    order.push('second')
    throw new Error('refused')
  })
  const third = inTurn('a', async () => void order.push('third'))
  const elsewhere = inTurn('b', async () => void order.push('elsewhere'))
  await elsewhere
  expect(order).toEqual(['elsewhere'])
  letGo()
  await expect(second).rejects.toThrow('refused')
  await Promise.all([first, third])
  expect(order).toEqual(['elsewhere', 'first', 'second', 'third'])
})
