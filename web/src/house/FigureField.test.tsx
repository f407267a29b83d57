// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { type Figure, Problem } from '../api/client'
import { FigureField } from './FigureField'

const figure: Figure = {
  mm: 139.7,
  sign: '',
  whole: '5',
  numerator: 1,
  denominator: 2,
  unit: 'in',
  driftMm: 0,
  text: '5 1/2 in',
  words: '5½ in',
}

afterEach(cleanup)

function show(onWrite = vi.fn(async () => {}), onMove = vi.fn(async () => {})) {
  render(<FigureField label="Leg" figure={figure} onWrite={onWrite} onMove={onMove} />)
  return { onWrite, onMove, keys: userEvent.setup() }
}

const face = () => screen.getByRole('button', { name: /^Leg: 5½ in/ })

describe('a figure edited where it stands', () => {
  it('is read out whole and set as a stacked fraction', () => {
    show()
    expect(face().querySelector('.fraction')?.textContent).toBe('12')
  })

  it('sends what is typed, on Enter, and shows the figure again', async () => {
    const { onWrite, keys } = show()
    await keys.click(face())
    await keys.clear(screen.getByRole('textbox'))
    await keys.keyboard('2 3/4{Enter}')
    expect(onWrite).toHaveBeenCalledWith('2 3/4')
    expect(face()).toBe(document.activeElement)
  })

  it('keeps what was typed when it is refused, and says why', async () => {
    const refuse = vi.fn(async () => {
      throw new Problem('Too wide by far.', 422, 'leg')
    })
    const { keys } = show(refuse)
    await keys.click(face())
    await keys.clear(screen.getByRole('textbox'))
    await keys.keyboard('99{Enter}')
    expect(screen.getByRole('alert').textContent).toBe('Too wide by far.')
    expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('99')
    await keys.keyboard('{Escape}')
    expect(screen.queryByRole('alert')).toBeNull()
    expect(face()).toBeTruthy()
  })

  it('offers the ways out of a refusal, and goes the one that is pressed', async () => {
    const ways = [
      { label: 'Make the flap 3 in and the leg 99 in', steps: [{ field: 'flap', text: '3 in' }] },
      { label: 'Make the leg 8 in', steps: [{ field: 'leg', text: '8 in' }] },
    ]
    const refuse = vi.fn(async () => {
      throw new Problem('Leg 99 in and flap 5 in exclude one another.', 422, 'leg', undefined, ways)
    })
    const onWay = vi.fn(async () => {})
    render(<FigureField label="Leg" figure={figure} onWrite={refuse} onMove={vi.fn()} onWay={onWay} />)
    const keys = userEvent.setup()
    await keys.click(face())
    await keys.clear(screen.getByRole('textbox'))
    await keys.keyboard('99{Enter}')
    expect(screen.getByRole('button', { name: ways[0].label })).toBeTruthy()
    await keys.click(screen.getByRole('button', { name: ways[1].label }))
    expect(onWay).toHaveBeenCalledWith(ways[1])
    expect(screen.queryByRole('alert')).toBeNull()
    expect(face()).toBeTruthy()
  })

  it('is moved by marks with the arrow keys, and begun anew by a digit', async () => {
    const { onMove, keys } = show()
    face().focus()
    await keys.keyboard('{ArrowUp}{ArrowDown}{PageUp}')
    expect(onMove.mock.calls).toEqual([[1], [-1], [8]])
    await keys.keyboard('7')
    expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('7')
  })

  it('sends nothing when nothing was changed', async () => {
    const { onWrite, keys } = show()
    await keys.click(face())
    await keys.keyboard('{Enter}')
    expect(onWrite).not.toHaveBeenCalled()
  })
})
