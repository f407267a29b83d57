import { expect, it } from 'vitest'
import type { Card } from '../api/client'
import { stepsOf } from './steps'

const figure = (text: string) => ({ text }) as never
const piece = {
  name: 'Card base',
  copies: [0, 3],
  cut: { width: figure('300 mm'), height: figure('100 mm') },
  scores: [{ fromLeft: figure('75 mm'), fold: 'MOUNTAIN' }],
  turned: [{ fromLeft: figure('20 mm'), fold: 'VALLEY' }],
  marks: [{ fromX: figure('1 mm'), fromY: figure('2 mm'), toX: figure('3 mm'), toY: figure('4 mm') }],
  pencil: [],
  glue: [{ words: 'Wing to band' }],
}

it('goes through a piece in the order of the work', () => {
  const steps = stepsOf({ pieces: [piece] } as unknown as Card)
  expect(steps.map(({ what }) => what)).toEqual(['Cut 2', 'Score, mountain', 'Score level, valley', 'Slit', 'Glue'])
  expect(steps[1].lit).toEqual({ score: 0 })
  expect(steps[3].figures).toHaveLength(4)
})
