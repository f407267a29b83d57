/** From here on panels lie so near to each other that only their order tells which is seen. */
export const NEARLY_CLOSED = 0.97

/** How long something has moved: the clock of a frame can stand before the moment in which that frame was asked for. */
export const since = (begun: number, frame: number) => Math.max(0, frame - begun)

/** Where on its way something is that goes there and back again, after so many ways. */
export const toAndFro = (ways: number) => (ways % 2 < 1 ? ways % 1 : 1 - (ways % 1))

/** The moment `at` of the way along; between two of the engine's steps, in between. */
export function between(frames: number[][][], at: number) {
  const place = at * (frames.length - 1)
  const [before, after] = [frames[Math.floor(place)], frames[Math.ceil(place)]]
  const part = place - Math.floor(place)
  return before.map((matrix, panel) => matrix.map((number, i) => number + part * (after[panel][i] - number)))
}

type Stacked = {
  frames: number[][][]
  closed: { panel: number }[]
  stations: { at: number; stack?: number[] }[]
}

/** For each of so many panels its place in a stack; −1 for one that is not in it. */
function ranks(stack: number[], count: number) {
  const places = new Array<number>(count).fill(-1)
  stack.forEach((panel, place) => (places[panel] = place))
  return places
}

/** For each panel how high it lies in the closed card. */
export const heights = ({ frames, closed }: Pick<Stacked, 'frames' | 'closed'>) =>
  ranks(
    closed.map(({ panel }) => panel),
    frames[0].length,
  )

/** For each station how high each panel lies there; where it does not lie flat, as at the next where it does. */
function stacks(form: Stacked): number[][] {
  const last = heights(form)
  return form.stations.reduceRight<number[][]>(
    (later, { stack }) => [stack ? ranks(stack, last.length) : (later[0] ?? last), ...later],
    [],
  )
}

/** How high each panel is drawn `at` of the way: between two stations from one stack to the other. */
export function lifts(form: Stacked, at: number): number[] {
  const all = stacks(form)
  const next = Math.max(
    1,
    form.stations.findIndex((station) => station.at >= at),
  )
  const [from, to] = [form.stations[next - 1], form.stations[next]]
  const part = (at - from.at) / (to.at - from.at)
  return all[next - 1].map((height, panel) => height + part * (all[next][panel] - height))
}

/** How high each panel lies where the card lies flat, or nearly: closed, or at a station on the way. */
export function lying(form: Stacked, at: number): number[] | undefined {
  if (at > NEARLY_CLOSED) return heights(form)
  const near = form.stations.findIndex((station) => station.stack && Math.abs(station.at - at) < 1 - NEARLY_CLOSED)
  return near < 0 ? undefined : stacks(form)[near]
}
