// @vitest-environment jsdom
import { cleanup, render } from '@testing-library/react'
import { afterEach, expect, it } from 'vitest'
import { WithFractions } from './WithFractions'

afterEach(cleanup)

it('sets fractions and keeps the words to be read aloud', () => {
  const { container } = render(<WithFractions text="5 1/2 for 5: it closes" />)
  expect(container.querySelector('.sr-only')!.textContent).toBe('5 1/2 for 5: it closes')
  expect([...container.querySelectorAll('.figure span')].map((part) => part.textContent)).toEqual(['5', '12', '1', '2'])
  expect(container.querySelector('[aria-hidden]')!.textContent).toBe('512 for 5: it closes')
})

it('leaves other words alone', () => {
  const { container } = render(<WithFractions text="9 for 10" />)
  expect(container.textContent).toBe('9 for 10')
})
