// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react'
import { afterEach, expect, it } from 'vitest'
import { Problem } from '../api/client'
import { NoSuchCard } from './NoSuchCard'

afterEach(cleanup)

it('offers the document of a card that is here and can’t be opened', () => {
  render(
    <NoSuchCard
      id="kite"
      error={new Problem('It is damaged.', 422, undefined, 'urn:vantbreeze:problem:cannot-open')}
    />,
  )
  expect(screen.getByText('It is damaged.')).toBeTruthy()
  expect(screen.getByText('Save its document').getAttribute('href')).toBe('/api/cards/kite/plan.json')
  expect(screen.getByText('Safe keeping')).toBeTruthy()
})

it('offers no document of a card that is not here', () => {
  render(<NoSuchCard id="kite" error={new Problem('No such card.', 404, undefined, 'urn:vantbreeze:problem:gone')} />)
  expect(screen.getByText('No such card.')).toBeTruthy()
  expect(screen.queryByText('Save its document')).toBeNull()
})
