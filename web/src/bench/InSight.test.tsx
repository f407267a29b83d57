// @vitest-environment jsdom
import { act, cleanup, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { HeldProvider, useRoom } from './held'
import { InSight } from './InSight'

let comesIntoSight: (seen: boolean) => void

beforeEach(() => {
  vi.stubGlobal(
    'IntersectionObserver',
    class {
      constructor(tell: (entries: { isIntersecting: boolean }[]) => void) {
        comesIntoSight = (seen) => act(() => tell([{ isIntersecting: seen }]))
      }
      observe() {}
      disconnect() {}
    },
  )
})
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})

const bench = (held: boolean, figure: string) => (
  <HeldProvider value={held}>
    <InSight>
      <p role="note">{figure}</p>
    </InSight>
  </HeldProvider>
)
const shown = () => screen.getByRole('note').textContent

it('follows the hand where it can be seen', () => {
  const { rerender } = render(bench(false, '74 mm'))
  rerender(bench(true, '75 mm'))
  expect(shown()).toBe('75 mm')
})

it('waits out of sight while a line is held, and is drawn when the line is let go', () => {
  const { rerender } = render(bench(false, '74 mm'))
  comesIntoSight(false)
  rerender(bench(true, '75 mm'))
  rerender(bench(true, '76 mm'))
  expect(shown()).toBe('74 mm')
  rerender(bench(false, '76 mm'))
  expect(shown()).toBe('76 mm')
})

it('is drawn when it comes into sight while a line is held', () => {
  const { rerender } = render(bench(false, '74 mm'))
  comesIntoSight(false)
  rerender(bench(true, '75 mm'))
  comesIntoSight(true)
  expect(shown()).toBe('75 mm')
})

it('changes out of sight when no line is held', () => {
  const { rerender } = render(bench(false, '74 mm'))
  comesIntoSight(false)
  rerender(bench(false, '80 mm'))
  expect(shown()).toBe('80 mm')
})

function Room({ height }: { height: number }) {
  return <p role="note">{useRoom(height)}</p>
}

const room = (held: boolean, height: number) => (
  <HeldProvider value={held}>
    <Room height={height} />
  </HeldProvider>
)

it('makes room while a line is held and takes none back before it is let go', () => {
  const { rerender } = render(room(false, 300))
  rerender(room(true, 366))
  rerender(room(true, 300))
  expect(shown()).toBe('366')
  rerender(room(false, 300))
  expect(shown()).toBe('300')
  rerender(room(true, 310))
  expect(shown()).toBe('310')
})
