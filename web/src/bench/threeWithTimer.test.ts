import { afterEach, expect, test, vi } from 'vitest'
import { Clock, Vector3 } from './threeWithTimer'

afterEach(() => vi.restoreAllMocks())

test('the clock tells what passed since it was last asked, and complains of nothing', () => {
  const warned = vi.spyOn(console, 'warn').mockImplementation(() => {})
  const now = vi.spyOn(performance, 'now').mockReturnValue(1000)
  const clock = new Clock()
  expect(clock.getDelta()).toBe(0)
  now.mockReturnValue(1250)
  expect(clock.getDelta()).toBeCloseTo(0.25)
  now.mockReturnValue(1350)
  expect(clock.getDelta()).toBeCloseTo(0.1)
  expect(clock.elapsedTime).toBeCloseTo(0.35)
  clock.stop()
  now.mockReturnValue(9000)
  clock.start()
  now.mockReturnValue(9040)
  expect(clock.getElapsedTime()).toBeCloseTo(0.04)
  expect(warned).not.toHaveBeenCalled()
})

test('all else of three is as it is', () => {
  expect(new Vector3(3, 4, 0).length()).toBe(5)
})
