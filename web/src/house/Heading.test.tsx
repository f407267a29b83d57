// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'

let Heading: typeof import('./Heading').Heading

/** As a page that was just loaded. */
beforeEach(async () => {
  vi.resetModules()
  Heading = (await import('./Heading')).Heading
})

afterEach(cleanup)

test('a place that is gone to is named on the tab and begins at its heading', () => {
  const first = render(<Heading>Vantbreeze</Heading>)
  expect(document.title).toBe('Vantbreeze')
  expect(document.activeElement).toBe(document.body)
  first.unmount()

  render(<Heading>Allowances</Heading>)
  expect(document.title).toBe('Allowances · Vantbreeze')
  expect(document.activeElement).toBe(screen.getByRole('heading', { name: 'Allowances' }))
})

test('what has the focus keeps it', () => {
  render(<Heading>Vantbreeze</Heading>).unmount()
  render(
    <>
      <input aria-label="a figure" autoFocus />
      <Heading title="Two kites: mats and layers">Two kites</Heading>
    </>,
  )
  expect(document.title).toBe('Two kites: mats and layers · Vantbreeze')
  expect(document.activeElement).toBe(screen.getByRole('textbox'))
})
