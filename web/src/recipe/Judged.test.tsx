// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, it, vi } from 'vitest'
import type { Reading } from '../api/client'
import { Judged } from './Judged'

afterEach(cleanup)

const text = '12 x 4, score at 3, 6, 8'
const reading = (more: Partial<Reading>): Reading => ({
  closes: false,
  verdict: 'It does not close: a panel pokes out by 1 in.',
  notUnderstood: [],
  passedOver: [],
  taken: [],
  mats: [],
  findings: [],
  mends: [],
  ...more,
})

it('offers the one figure that closes the card and puts it in', async () => {
  const mend = vi.fn()
  const mends = [{ start: 23, end: 24, was: '8', now: '9', text: '12 x 4, score at 3, 6, 9', words: '' }]
  render(<Judged read={reading({ mends })} text={text} onMend={mend} />)
  await userEvent.click(screen.getByRole('button', { name: /It closes with\s*9\s*for 8/ }))
  expect(mend).toHaveBeenCalledWith('12 x 4, score at 3, 6, 9')
})

it('only asks where the card closes anyhow', () => {
  const mends = [{ start: 23, end: 24, was: '8', now: '9', text: '', words: '' }]
  render(<Judged read={reading({ closes: true, verdict: 'It closes.', mends })} text={text} onMend={() => {}} />)
  expect(screen.getByRole('button', { name: /Should\s*8 be\s*9\s*\?/ })).toBeTruthy()
})

it('says which structure it is, where it is one', () => {
  const closing = { closes: true, verdict: 'It closes, to 5½ in × 4¼ in.' }
  render(<Judged read={reading({ ...closing, whatItIs: 'This is a Z-fold.' })} text={text} onMend={() => {}} />)
  expect(screen.getByText('This is a Z-fold.')).toBeTruthy()
})

it('quotes what was not understood and says what was filled in', () => {
  render(
    <Judged
      read={reading({
        notUnderstood: [{ start: 8, end: 13, words: 'I don’t know this word.' }],
        taken: ['Folded v m v.'],
        mats: ['4 in × 5¼ in: Back (front)'],
      })}
      text={text}
      onMend={() => {}}
    />,
  )
  expect(screen.getByText('“score”')).toBeTruthy()
  expect(screen.getByText('Folded v m v.')).toBeTruthy()
  expect(screen.getByText('4 in × 5¼ in: Back (front)')).toBeTruthy()
})
