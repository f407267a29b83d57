/** From here on panels lie so near to each other that only their order tells which is seen. */
export const NEARLY_CLOSED = 0.97

/** The moment `at` of the way along; between two of the engine's steps, in between. */
export function between(frames: number[][][], at: number) {
  const place = at * (frames.length - 1)
  const [before, after] = [frames[Math.floor(place)], frames[Math.ceil(place)]]
  const part = place - Math.floor(place)
  return before.map((matrix, panel) => matrix.map((number, i) => number + part * (after[panel][i] - number)))
}

/** For each panel how high it lies in the closed card. */
export function heights({ frames, closed }: { frames: number[][][]; closed: { panel: number }[] }) {
  return frames[0].map((_, panel) => closed.findIndex((one) => one.panel === panel))
}
