// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, it, vi } from 'vitest'
import { MarkedText } from './MarkedText'

afterEach(cleanup)

const TEXT = '11 x 4, scroe at 2, glub 3'
const at = (word: string) => ({ start: TEXT.indexOf(word), end: TEXT.indexOf(word) + word.length, words: 'unknown' })

it('marks what was not understood where it stands, and nothing else', () => {
  const { container } = render(<MarkedText text={TEXT} onWrite={() => {}} passages={[at('glub'), at('scroe')]} />)
  expect([...container.querySelectorAll('mark')].map((mark) => mark.textContent)).toEqual(['scroe', 'glub'])
  // the whole text lies under the box, so that marks stand behind their words
  expect(container.querySelector('[aria-hidden]')!.textContent).toBe(`${TEXT}\n`)
})

it('cuts no word twice where passages overlap or are empty', () => {
  const { container } = render(
    <MarkedText
      text={TEXT}
      onWrite={() => {}}
      passages={[at('scroe'), { ...at('scroe'), start: at('scroe').start + 2 }, { start: 3, end: 3, words: '' }]}
    />,
  )
  expect(container.querySelectorAll('mark')).toHaveLength(1)
  expect(container.querySelector('[aria-hidden]')!.textContent).toBe(`${TEXT}\n`)
})

it('greys what is not about the card', () => {
  const { container } = render(
    <MarkedText text={TEXT} onWrite={() => {}} passages={[at('scroe')]} passedOver={[at('glub')]} />,
  )
  const marks = [...container.querySelectorAll('mark')]
  expect(marks.map((mark) => mark.textContent)).toEqual(['scroe', 'glub'])
  expect(marks.map((mark) => mark.className.includes('wavy'))).toEqual([true, false])
})

it('says every change', async () => {
  const write = vi.fn()
  render(<MarkedText text="" onWrite={write} passages={[]} />)
  await userEvent.type(screen.getByLabelText('Recipe'), '1')
  expect(write).toHaveBeenCalledWith('1')
})
