import { answered, api, type Moved, type DragCommand, Problem, FAILED } from './client'

type Answer = { moved?: Moved; problem?: { detail?: string; status: number; field?: string } }
type Waiting = { drag: DragCommand; done: (moved: Moved) => void; fail: (cause: unknown) => void }

/** Asks what a move would make of a card; one question at a time. */
export type HandLine = { ask: (drag: DragCommand) => Promise<Moved>; close: () => void }

/**
 * A standing line to the house, since an answer is wanted within a frame or two. While it is not up, a question is a request
 * like any other; a question that was asked when it went down is asked again so.
 */
export function openHandLine(card: string): HandLine {
  let line: WebSocket | null = null
  let waiting: Waiting | null = null

  const request = (drag: DragCommand) =>
    answered(api.POST('/api/cards/{id}/hand', { params: { path: { id: card } }, body: drag }))

  const down = () => {
    line = null
    const { drag, done, fail } = waiting ?? {}
    waiting = null
    if (drag) void request(drag).then(done, fail)
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
      else fail?.(new Problem(problem?.detail ?? FAILED, problem?.status ?? 0, problem?.field))
    }
  }
  open()

  return {
    ask: (drag) => {
      if (line?.readyState !== WebSocket.OPEN) {
        open()
        return request(drag)
      }
      return new Promise((done, fail) => {
        waiting = { drag, done, fail }
        line!.send(JSON.stringify({ card, drag }))
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
