// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, expect, it, vi } from 'vitest'
import { Boundary } from './Boundary'

afterEach(() => {
  cleanup()
  vi.restoreAllMocks()
})

function Part({ breaks }: { breaks: () => boolean }) {
  if (breaks()) throw new Error('torn')
  return <p>whole</p>
}

it('shows something else for a part that broke, leaves the rest, and tries again', () => {
  vi.spyOn(console, 'error').mockImplementation(() => {})
  let broken = true
  render(
    <>
      <p>beside</p>
      <Boundary
        instead={(again, cause) => (
          <button type="button" onClick={again}>
            {cause.message}
          </button>
        )}
      >
        <Part breaks={() => broken} />
      </Boundary>
    </>,
  )
  expect(screen.getByText('beside')).toBeTruthy()
  fireEvent.click(screen.getByText('torn'))
  expect(screen.queryByText('whole')).toBeNull()
  broken = false
  fireEvent.click(screen.getByText('torn'))
  expect(screen.getByText('whole')).toBeTruthy()
})
