// @vitest-environment jsdom
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import type { DragCommand } from './client'
import { openHandLine } from './handLine'

/** A line that does as the test says. */
class FakeLine {
  static OPEN = 1
  static all: FakeLine[] = []
  readyState = 0
  binaryType = ''
  onclose: (() => void) | null = null
  onmessage: ((event: { data: ArrayBufferLike }) => void) | null = null
  sent: string[] = []
  constructor(readonly url: string) {
    FakeLine.all.push(this)
  }
  send(text: string) {
    this.sent.push(text)
  }
  close() {
    this.onclose?.()
  }
  answer(what: unknown) {
    this.onmessage?.({ data: new TextEncoder().encode(JSON.stringify(what)).buffer })
  }
}

const requests = vi.hoisted(() => [] as string[])
const drag = {
  revision: 3,
  kind: 'SCORE',
  piece: 0,
  index: 1,
  end: 'WHOLE',
  snap: 'MARKS',
  pushes: false,
  keep: false,
} as DragCommand

vi.mock('./client', async (original) => ({
  ...(await original<typeof import('./client')>()),
  api: {
    POST: async (path: string, { params }: { params: { path: { id: string } } }) => {
      requests.push(path.replace('{id}', params.path.id))
      return { data: { words: 'by request' }, response: { ok: true } }
    },
  },
}))

beforeEach(() => {
  vi.stubGlobal('WebSocket', FakeLine)
})

afterEach(() => {
  vi.unstubAllGlobals()
  FakeLine.all.length = 0
  requests.length = 0
})

const opened = () => openHandLine('kite')

test('until the line is up a question is a request', async () => {
  const line = opened()
  expect((await line.ask(drag)).words).toBe('by request')
  expect(requests).toEqual(['/api/cards/kite/hand'])
  expect(FakeLine.all).toHaveLength(1)
})

test('then it goes over the line, and an answer that is none says why', async () => {
  const line = opened()
  const [fake] = FakeLine.all
  fake.readyState = FakeLine.OPEN
  const asked = line.ask(drag)
  expect(JSON.parse(fake.sent[0])).toEqual({ card: 'kite', drag })
  fake.answer({ moved: { words: '52 mm' } })
  expect((await asked).words).toBe('52 mm')
  const refused = line.ask(drag)
  fake.answer({ problem: { detail: 'The next line is there.', status: 422, field: 'hand' } })
  await expect(refused).rejects.toMatchObject({ message: 'The next line is there.', status: 422, field: 'hand' })
  expect(requests).toEqual([])
})

test('a question that was asked when the line went down is asked again by request, and the line is taken up anew', async () => {
  const line = opened()
  FakeLine.all[0].readyState = FakeLine.OPEN
  const asked = line.ask(drag)
  FakeLine.all[0].close()
  expect((await asked).words).toBe('by request')
  await line.ask(drag)
  expect(FakeLine.all).toHaveLength(2)
  line.close()
})
