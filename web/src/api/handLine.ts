import { answered, api, type Moved, type Moving, Problem } from './client'

type Answer = { moved?: Moved; problem?: { detail?: string; status: number; field?: string } }
type Waiting = { moving: Moving; done: (moved: Moved) => void; fail: (cause: unknown) => void }

/** Asks what a move would make of a card; one question at a time. */
export type HandLine = { ask: (moving: Moving) => Promise<Moved>; close: () => void }

/**
 * A standing line to the house, since an answer is wanted within a frame or two. While it is not up, a question is a request
 * like any other; a question that was asked when it went down is asked again so.
 */
export function openHandLine(card: string): HandLine {
  let line: WebSocket | null = null
  let waiting: Waiting | null = null

  const request = (moving: Moving) =>
    answered(api.POST('/api/cards/{id}/hand', { params: { path: { id: card } }, body: moving }))

  const down = () => {
    line = null
    const { moving, done, fail } = waiting ?? {}
    waiting = null
    if (moving) void request(moving).then(done, fail)
  }

  const open = () => {
    if (line) return
    line = new WebSocket(`${location.protocol === 'https:' ? 'wss' : 'ws'}://${location.host}/api/hand`)
    line.binaryType = 'arraybuffer'
    line.onclose = down
    line.onmessage = ({ data }) => {
      const { moved, problem } = JSON.parse(new TextDecoder().decode(data as ArrayBuffer)) as Answer
      const { done, fail } = waiting ?? {}
      waiting = null
      if (moved) done?.(moved)
      else fail?.(new Problem(problem?.detail ?? 'That did not work. Try again.', problem?.status ?? 0, problem?.field))
    }
  }
  open()

  return {
    ask: (moving) => {
      if (line?.readyState !== WebSocket.OPEN) {
        open()
        return request(moving)
      }
      return new Promise((done, fail) => {
        waiting = { moving, done, fail }
        line!.send(JSON.stringify({ card, moving }))
      })
    },
    close: () => {
      if (!line) return
      line.onclose = null
      line.close()
      line = null
    },
  }
}
