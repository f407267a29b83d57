// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, it, vi } from 'vitest'
import type { Reading } from '../api/client'
import { oddPlaces } from './odd'
import { OddPlaces } from './OddPlaces'

afterEach(cleanup)

const READ = {
  notUnderstood: [{ start: 8, end: 13, words: 'I don’t know this word.', instead: 'score' }],
  findings: [{ start: 4, end: 4, words: 'Folded the other way it closes.' }],
  mends: [
    { start: 20, end: 21, was: '8', now: '9', text: '', then: 'it closes' },
    { start: 5, end: 5, was: '', now: '(2)', text: '', then: 'it closes' },
  ],
} as unknown as Reading

it('finds every place that can be pointed at', () => {
  expect(oddPlaces(READ).map(({ start, instead }) => [start, instead])).toEqual([
    [8, 'score'],
    [20, '9'],
  ])
})

it('offers what belongs there, or to leave it out, or only words', async () => {
  const write = vi.fn()
  const odd = [
    ...oddPlaces(READ),
    { start: 30, end: 31, words: 'A figure too many.', instead: '' },
    { start: 40, end: 41, words: 'Nobody knows.', quote: 'glub' },
  ]
  render(<OddPlaces label="Odd" odd={odd} onWrite={write} />)
  expect(screen.getAllByRole('button').map((button) => button.textContent)).toEqual([
    'Write “score”',
    'Write “9”',
    'Leave it out',
  ])
  expect(screen.getByText('“glub”')).toBeTruthy()
  await userEvent.click(screen.getByRole('button', { name: 'Leave it out' }))
  expect(write).toHaveBeenCalledWith(odd[2], '')
})
