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
  assumed: [],
  mats: [],
  findings: [],
  mends: [],
  ...more,
})

it('offers the one figure that closes the card and puts it in', async () => {
  const mend = vi.fn()
  const mends = [
    { start: 23, end: 24, was: '8', now: '9', text: '12 x 4, score at 3, 6, 9', then: 'it is a concertina' },
  ]
  render(<Judged read={reading({ mends })} text={text} onMend={mend} onWrite={() => {}} />)
  await userEvent.click(screen.getByRole('button', { name: /9\s*for 8:\s*it is a concertina/ }))
  expect(mend).toHaveBeenCalledWith('12 x 4, score at 3, 6, 9')
})

it('only asks where the card closes anyhow', () => {
  const mends = [{ start: 23, end: 24, was: '8', now: '9', text: '', then: 'it closes' }]
  render(
    <Judged
      read={reading({ closes: true, verdict: 'It closes.', mends })}
      text={text}
      onMend={() => {}}
      onWrite={() => {}}
    />,
  )
  expect(screen.getByRole('button', { name: /Should it be\s*9\s*for 8\s*\?\s*it closes/ })).toBeTruthy()
})

it('says which structure it is, where it is one', () => {
  const closing = { closes: true, verdict: 'It closes, to 5½ in × 4¼ in.' }
  render(
    <Judged
      read={reading({ ...closing, whatItIs: 'This is a Z-fold.' })}
      text={text}
      onMend={() => {}}
      onWrite={() => {}}
    />,
  )
  expect(screen.getByText('This is a Z-fold.')).toBeTruthy()
})

it('quotes what was not understood and says what was filled in', () => {
  render(
    <Judged
      read={reading({
        notUnderstood: [{ start: 8, end: 13, words: 'I don’t know this word.' }],
        assumed: [{ about: 'FOLDS', words: 'Folded v m v.', others: [] }],
        mats: ['4 in × 5¼ in: Back (front)'],
      })}
      text={text}
      onMend={() => {}}
      onWrite={() => {}}
    />,
  )
  expect(screen.getByText('“score”')).toBeTruthy()
  expect(screen.getByText('Folded v m v.')).toBeTruthy()
  expect(screen.getByText('4 in × 5¼ in: Back (front)')).toBeTruthy()
})

it('says otherwise what was filled in, at a click', async () => {
  const mend = vi.fn()
  const others = [{ words: 'Folded v v v', text: '12 x 4, score at 3, 6, 8, fold v v v' }]
  render(
    <Judged
      read={reading({ assumed: [{ about: 'FOLDS', words: 'Taken as v m v.', others }] })}
      text={text}
      onMend={mend}
      onWrite={() => {}}
    />,
  )
  await userEvent.click(screen.getByRole('button', { name: 'Folded v v v' }))
  expect(mend).toHaveBeenCalledWith('12 x 4, score at 3, 6, 8, fold v v v')
})

it('asks one question where several readings are as good, and lists none of them twice', async () => {
  const mend = vi.fn()
  const mends = [
    { start: 23, end: 24, was: '8', now: '9', text: '12 x 4, score at 3, 6, 9', then: 'it is a concertina' },
    { start: 0, end: 2, was: '12', now: '11', text: '11 x 4, score at 3, 6, 8', then: 'it closes' },
  ]
  const question = {
    words: 'Which figure is misread?',
    answers: mends.map(({ was, now, text }) => ({ words: `${now} for ${was}`, text })),
  }
  render(<Judged read={reading({ mends, question })} text={text} onMend={mend} onWrite={() => {}} />)
  expect(screen.queryByRole('list', { name: 'Figures that may be misread' })).toBeNull()
  await userEvent.click(screen.getByRole('button', { name: '11 for 12' }))
  expect(mend).toHaveBeenCalledWith('11 x 4, score at 3, 6, 8')
})
