import { expect, test } from 'vitest'
import { turnedBy } from './turn'

test('it is turned all the way round, but over only until it is seen straight from above', () => {
  expect(turnedBy({ aside: 170, over: 0 }, 30, 0)).toEqual({ aside: -160, over: 0 })
  expect(turnedBy({ aside: -170, over: 0 }, -30, 0)).toEqual({ aside: 160, over: 0 })
  expect(turnedBy({ aside: 0, over: 80 }, 3, 30)).toEqual({ aside: 3, over: 90 })
  expect(turnedBy({ aside: 0, over: 0 }, 900, -900)).toEqual({ aside: -180, over: -90 })
})
